import { z } from 'zod';
import { above, atLeastNone, MOST, shortText } from '@/core/contract';
import { POROSITIES } from '@/core/material';

/** Finishes as their owner meets them. */
export const CARE_CLASSES = [
  'never-dry',
  'oil-wax',
  'drying-oil',
  'drying-oil-wax',
  'hard-wax',
  'film',
  'friction',
  'bare',
] as const;
export const USES = ['daily', 'weekly', 'occasional'] as const;
/** Languages of slips, letters and owners' pages. */
export const LANGUAGES = ['en', 'de', 'fr', 'es'] as const;
export type Language = (typeof LANGUAGES)[number];
export const WASHES = ['wipe', 'hand', 'soak'] as const;

export const CareInput = z.object({
  finishClass: z.enum(CARE_CLASSES),
  use: z.enum(USES),
  wash: z.enum(WASHES),
  rh: z.number().min(0).max(1).optional(),
  from: shortText,
  horizonDays: z.int().positive().max(36525),
  zone: shortText,
  areaMm2: above(MOST.squareMillimetres),
  endGrainMm2: atLeastNone(MOST.squareMillimetres),
  porosity: z.enum(POROSITIES),
  bottleMl: above(MOST.millilitres).optional(),
  densityGPerMl: above(MOST.gramsPerMl).optional(),
});
export type CareClass = (typeof CARE_CLASSES)[number];
export type Use = (typeof USES)[number];
export type Wash = (typeof WASHES)[number];
