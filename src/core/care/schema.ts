import { z } from 'zod';
import { above, atLeastNone, MOST, shortText } from '@/core/contract';
import { POROSITIES } from '@/core/material';
import { CARE_CLASSES } from './classes';

export const USES = ['daily', 'weekly', 'occasional'] as const;
/** Languages of slips, letters and owners' pages. */
export const LANGUAGES = ['en', 'de', 'fr', 'es'] as const;
export type Language = (typeof LANGUAGES)[number];
/** Who will look after a piece. */
export const UPKEEPS = ['re-oils', 'will-not', 'unknown'] as const;
export type Upkeep = (typeof UPKEEPS)[number];
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
  /** How long what is in the bottle keeps, months: it holds no more treatments than fall due by then. */
  bottleMonths: above(MOST.count).nullable().optional(),
  densityGPerMl: above(MOST.gramsPerMl).optional(),
});
export type Use = (typeof USES)[number];
export type Wash = (typeof WASHES)[number];
