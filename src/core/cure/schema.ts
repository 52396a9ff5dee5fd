import { z } from 'zod';

export const LIGHTS = ['dark', 'indoor', 'window', 'sun'] as const;
export const CHECK_KINDS = ['towel', 'smell', 'touch', 'water-bead'] as const;
export type Light = (typeof LIGHTS)[number];
export type CheckKind = (typeof CHECK_KINDS)[number];

const Climate = z.object({
  tempC: z.number().min(-50).max(100),
  rh: z.number().min(0).max(1),
  light: z.enum(LIGHTS).default('indoor'),
});
export type Climate = z.infer<typeof Climate>;

export const CureInput = z.object({
  startAt: z.string(),
  zone: z.string(),
  a0Hours: z.number().positive(),
  readings: z.array(Climate.extend({ at: z.string() })).default([]),
  forecast: Climate,
  tests: z.array(z.object({ at: z.string(), kind: z.enum(CHECK_KINDS), pass: z.boolean() })).default([]),
  now: z.string(),
});
