import { z } from 'zod';
import { MOST, shortText } from '@/core/contract';
import { CHECK_KINDS } from './checks';
import { CURE_MODES } from './checks/check';

export const LIGHTS = ['dark', 'indoor', 'window', 'sun'] as const;
export type Light = (typeof LIGHTS)[number];

export const Climate = z.object({
  tempC: z.number().min(-50).max(100),
  rh: z.number().min(0).max(1),
  light: z.enum(LIGHTS).default('indoor'),
});
export type Climate = z.infer<typeof Climate>;

export const CureInput = z.object({
  startAt: shortText,
  zone: shortText,
  a0Hours: z.number().positive().max(1e6),
  mode: z.enum(CURE_MODES).default('oxidise'),
  readings: z
    .array(Climate.extend({ at: shortText }))
    .max(MOST.rows)
    .default([]),
  forecast: Climate,
  tests: z
    .array(z.object({ at: shortText, kind: z.enum(CHECK_KINDS), pass: z.boolean() }))
    .max(1000)
    .default([]),
  now: shortText,
});
