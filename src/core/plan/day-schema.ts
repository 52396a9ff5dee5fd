import { z } from 'zod';
import { above, atLeastNone, MOST, shortText } from '@/core/contract';
import { Opening, Wait } from './schema';

const DayWait = z.intersection(Wait, z.object({ spot: shortText.optional(), units: above(MOST.count).default(1) }));

const DayStep = z.object({
  id: shortText.min(1),
  handsMin: z.number().min(0).max(100_000),
  by: z.array(shortText).min(1).max(50).optional(),
  wait: DayWait,
});

/** What is planned at once: so many batches of so many steps. A plan of more than that is a slip, or somebody's wish to keep the shop busy. */
export const MOST_PLANNED = { batches: 500, steps: 500 * 40 } as const;

/** The whole shop: pairs of hands with their hours, spots with capacities, batches with what is left of them. */
export const DayInput = z.object({
  start: shortText,
  zone: shortText,
  hands: z
    .array(
      z.object({ id: shortText.min(1), hours: z.array(Opening).max(100), closed: z.array(z.iso.date()).max(2000).default([]) }),
    )
    .min(1)
    .max(50),
  spots: z
    .array(z.object({ id: shortText.min(1), capacity: atLeastNone(MOST.count) }))
    .max(200)
    .default([]),
  batches: z
    .array(
      z.object({
        id: shortText.min(1),
        release: shortText,
        dueAt: shortText.nullish(),
        weight: atLeastNone(MOST.count).default(1),
        steps: z.array(DayStep).min(1).max(400),
      }),
    )
    .max(MOST_PLANNED.batches)
    .refine((batches) => batches.reduce((sum, one) => sum + one.steps.length, 0) <= MOST_PLANNED.steps, {
      params: { code: 'too-many', with: { most: MOST_PLANNED.steps } },
    }),
  fixed: z
    .array(z.object({ batch: shortText, step: shortText, startAt: shortText, endAt: shortText, by: shortText }))
    .max(MOST_PLANNED.steps)
    .default([]),
  /** Steps that a person holds to a start; the plan goes round them. */
  pins: z
    .array(z.object({ batch: shortText, step: shortText, startAt: shortText }))
    .max(MOST_PLANNED.steps)
    .default([]),
  horizonDays: z.int().positive().max(400).default(60),
});
export type DayInput = z.input<typeof DayInput>;
