import { groupBy, instantOf, MINUTES_PER_DAY, MS_PER_MINUTE } from '@/core/quantity';
import type { DayPlan, DayStepAt } from './day';
import { DayInput } from './day-schema';
import { openingsOf } from './openings';

type Feasible = Extract<DayPlan, { feasible: true }>;
/** A planned step of the whole shop with how late it may begin while everything else stands still; UTC ms. */
export type ShopStep = {
  readonly batch: string;
  readonly id: string;
  readonly startMs: number;
  readonly endMs: number;
  readonly by: string;
  readonly slackUntilMs: number;
};

const ms = (text: string, zone: string): number => {
  const at = instantOf(text, zone);
  if (!at.ok) throw new Error(`not a moment: ${text}`);
  return at.value;
};

/**
 * The steps of a whole-shop plan with the slack of each: the latest start at which its own window, the wait before the next step,
 * its hands' opening and their next job all still hold, and nothing else has to move.
 */
export function slackOf(input: DayInput, found: Feasible): ShopStep[] {
  const parsed = DayInput.parse(input);
  const { zone } = parsed;
  const at = (step: DayStepAt) => ({ startMs: ms(step.startAt, zone), endMs: ms(step.endAt, zone) });
  const all = found.batches.flatMap((batch) =>
    batch.steps.map((step) => ({ batch: batch.id, id: step.id, by: step.by, ...at(step) })),
  );
  const baseMs = ms(parsed.start, zone);
  const openings = new Map(
    parsed.hands.map((hand) => [
      hand.id,
      openingsOf({ zone, shopHours: hand.hours, closed: hand.closed }, baseMs, parsed.horizonDays * MINUTES_PER_DAY),
    ]),
  );
  const isFixed = (batch: string, step: string): boolean =>
    parsed.fixed.some((one) => one.batch === batch && one.step === step) ||
    parsed.pins.some((one) => one.batch === batch && one.step === step);
  const byHand = groupBy(
    [...all].sort((a, b) => a.startMs - b.startMs),
    (step) => step.by,
  );
  return all.map((step, i) => {
    if (isFixed(step.batch, step.id)) return { ...step, slackUntilMs: step.startMs };
    const length = step.endMs - step.startMs;
    const waits = parsed.batches.find((batch) => batch.id === step.batch)?.steps ?? [];
    const index = waits.findIndex((one) => one.id === step.id);
    const [before, after] = [all[i - 1], all[i + 1]];
    const opening = (openings.get(step.by) ?? []).find(
      ([open, close]) => baseMs + open * MS_PER_MINUTE <= step.startMs && step.endMs <= baseMs + close * MS_PER_MINUTE,
    );
    const nextJob = (byHand.get(step.by) ?? []).find(
      (one) => one.startMs >= step.endMs && one.endMs > one.startMs && one !== step,
    );
    const windowMax = before?.batch === step.batch ? (waits[index - 1]?.wait.max ?? null) : null;
    const limits = [
      opening ? baseMs + opening[1] * MS_PER_MINUTE - length : step.startMs,
      nextJob ? nextJob.startMs - length : Number.POSITIVE_INFINITY,
      after?.batch === step.batch
        ? after.startMs - length - Math.ceil(waits[index]?.wait.min ?? 0) * MS_PER_MINUTE
        : Number.POSITIVE_INFINITY,
      before && windowMax !== null ? before.endMs + Math.floor(windowMax) * MS_PER_MINUTE : Number.POSITIVE_INFINITY,
    ];
    return { ...step, slackUntilMs: Math.max(step.startMs, Math.min(...limits)) };
  });
}

/** A step that stood at one time and now stands at another. */
export type Moved = { readonly batch: string; readonly id: string; readonly fromMs: number; readonly toMs: number };

/** By how much a step must have moved to be told of. */
const TOLD_FROM_MS = 10 * MS_PER_MINUTE;

/** What a new plan moved of an old one, most first. Steps that are done or new have not moved. */
export function movedBetween(before: readonly ShopStep[], after: readonly ShopStep[]): Moved[] {
  return after
    .flatMap((step): Moved[] => {
      const old = before.find((one) => one.batch === step.batch && one.id === step.id);
      return old && Math.abs(old.startMs - step.startMs) >= TOLD_FROM_MS
        ? [{ batch: step.batch, id: step.id, fromMs: old.startMs, toMs: step.startMs }]
        : [];
    })
    .sort((a, b) => Math.abs(b.toMs - b.fromMs) - Math.abs(a.toMs - a.fromMs));
}
