import { z } from 'zod';
import { shortText } from '@/core/contract';
import type { Issue, IssueCode } from '@/core/quantity';

const clock = z.string().regex(/^([01]\d|2[0-4]):[0-5]\d$/, 'a time of day such as 08:30');

/** A fault of a whole row, raised by a refinement and told in the house's own words. */
const fault = (code: IssueCode, bounds?: Issue['with']) => ({ params: bounds ? { code, with: bounds } : { code } });

/** One opening of one weekday: 1 Monday … 7 Sunday, wall-clock times, `24:00` for midnight. */
export const Opening = z
  .object({ day: z.int().min(1).max(7), open: clock, close: clock })
  .refine((row) => row.open < row.close && row.close <= '24:00', fault('opening-order'));
export type Opening = z.infer<typeof Opening>;

/** Minutes a wait may be: up to some twenty years. */
const minutes = z.number().min(0).max(1e7);

/** What must pass between two jobs, minutes; no `max` means that nothing spoils. */
export const Wait = z
  .object({ min: minutes, ideal: minutes, max: minutes.nullable().default(null) })
  .refine((wait) => wait.min <= wait.ideal && (wait.max === null || wait.ideal <= wait.max), fault('wait-order'));
export type Wait = z.infer<typeof Wait>;

const Step = z.object({ id: shortText.min(1), handsMin: z.number().min(0).max(100_000), wait: Wait });
export type PlanStep = z.infer<typeof Step>;

const repeatedStep = (steps: readonly { id: string }[]): boolean => new Set(steps.map((step) => step.id)).size === steps.length;

export const PlanInput = z
  .object({
    start: shortText.optional(),
    zone: shortText,
    shopHours: z.array(Opening).max(100),
    closed: z.array(z.iso.date()).max(2000).default([]),
    steps: z.array(Step).min(1).max(400).refine(repeatedStep, fault('duplicate-id')),
    prefer: z.enum(['soonest', 'ideal']).default('soonest'),
    horizonDays: z.int().positive().max(400).default(40),
    now: shortText.optional(),
    actual: z
      .array(z.object({ id: shortText, startAt: shortText, endAt: shortText }))
      .max(2000)
      .default([]),
    finishBy: shortText.optional(),
  })
  .refine((input) => input.finishBy === undefined || (input.start === undefined && input.actual.length === 0), {
    ...fault('finish-by-or-start'),
    path: ['finishBy'],
  })
  .refine((input) => input.start !== undefined || input.finishBy !== undefined, { ...fault('required'), path: ['start'] });
export type PlanInput = z.input<typeof PlanInput>;

const Job = z.object({ setupMin: z.number().min(0).max(100_000), perPieceMin: z.number().min(0).max(100_000) });
export type Job = z.infer<typeof Job>;

export const RoundsInput = z.object({ pieces: z.int().positive().max(10_000), coat: Job, wipe: Job, dwell: Wait });
export type RoundsInput = z.input<typeof RoundsInput>;
