import { z } from 'zod';
import { MOST, shortText } from '@/core/contract';

const number = z.number().min(-MOST.price).max(MOST.price);

/** Scores of one trial: sixty boards of eleven fields scored some thirty times. */
export const MOST_SCORES = 20_000;

/** Scores of a trial: each board (`block`) bears every treatment once; `cycle` counts from 0. `threshold`: where it must be renewed. */
export const TrialInput = z.object({
  treatments: z.array(shortText).min(2).max(MOST.lines),
  control: shortText.optional(),
  kind: shortText,
  better: z.enum(['high', 'low']),
  scores: z
    .array(
      z.object({ block: shortText, treatment: shortText, cycle: z.int().min(0).max(MOST.count), kind: shortText, value: number }),
    )
    .max(MOST_SCORES),
  threshold: number.optional(),
  /** How far apart two grades of the scale lie, where values are grades. */
  step: number.positive().optional(),
});
export type TrialInput = z.output<typeof TrialInput>;
