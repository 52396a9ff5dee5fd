import { z } from 'zod';
import { Opening, Wait } from './schema';

const DayWait = z.intersection(Wait, z.object({ spot: z.string().optional(), units: z.number().positive().default(1) }));

const DayStep = z.object({
  id: z.string().min(1),
  handsMin: z.number().min(0).max(100_000),
  by: z.array(z.string()).min(1).optional(),
  wait: DayWait,
});

/** The whole shop: pairs of hands with their hours, spots with capacities, batches with what is left of them. */
export const DayInput = z.object({
  start: z.string(),
  zone: z.string(),
  hands: z.array(z.object({ id: z.string().min(1), hours: z.array(Opening), closed: z.array(z.iso.date()).default([]) })).min(1),
  spots: z.array(z.object({ id: z.string().min(1), capacity: z.number().min(0) })).default([]),
  batches: z.array(
    z.object({
      id: z.string().min(1),
      release: z.string(),
      dueAt: z.string().nullish(),
      weight: z.number().min(0).default(1),
      steps: z.array(DayStep).min(1),
    }),
  ),
  fixed: z
    .array(z.object({ batch: z.string(), step: z.string(), startAt: z.string(), endAt: z.string(), by: z.string() }))
    .default([]),
  /** Steps that a person holds to a start; the plan goes round them. */
  pins: z.array(z.object({ batch: z.string(), step: z.string(), startAt: z.string() })).default([]),
  horizonDays: z.int().positive().max(400).default(60),
});
export type DayInput = z.input<typeof DayInput>;
