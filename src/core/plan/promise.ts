import { formatInstant, instantOf, MS_PER_MINUTE, ok, type Result } from '@/core/quantity';
import { type DayPlan, day } from './day';
import type { DayInput } from './day-schema';

type NewBatch = DayInput['batches'][number];
type Fixed = NonNullable<DayInput['fixed']>;

/** What a shop could promise: when one more batch would be done, with everything planned before it standing still. UTC ms. */
export type PromisedBatch =
  | {
      readonly ok: true;
      readonly startMs: number;
      readonly endMs: number;
      readonly plan: Extract<DayPlan, { feasible: true }>['batches'][number];
    }
  | { readonly ok: false; readonly plan: Extract<DayPlan, { feasible: false }> };

/** Everything a plan has placed, as what does not move. */
const heldBy = (plan: Extract<DayPlan, { feasible: true }>): Fixed =>
  plan.batches.flatMap((batch) =>
    batch.steps.map(({ id, startAt, endAt, by }) => ({ batch: batch.id, step: id, startAt, endAt, by })),
  );

/** The earliest one more batch can be done after its `release` (calc.md, 7), no other batch moved for it. */
export function promise(shop: DayInput, planned: Extract<DayPlan, { feasible: true }>, one: NewBatch): Result<PromisedBatch> {
  const found = day({ ...shop, batches: [...shop.batches, one], fixed: heldBy(planned), pins: [] });
  if (!found.ok) return found;
  if (!found.value.feasible) return ok({ ok: false, plan: found.value });
  const plan = found.value.batches.at(-1);
  if (!plan) throw new Error('a planned batch is missing from its plan');
  const at = (text: string): number => Date.parse(text);
  return ok({ ok: true, startMs: at(plan.steps[0]?.startAt ?? plan.endsAt), endMs: at(plan.endsAt), plan });
}

/** How finely a latest start is looked for, minutes. */
const LOOK_EVERY_MIN = 60;

/** A batch that was placed. */
export type PlacedBatch = Extract<PromisedBatch, { ok: true }>;

/**
 * The latest start at which one more batch still keeps what is asked of it, looked for by halving down to the hour;
 * null when not even a start at its release would do.
 * @param untilMs no start is looked for past it
 * @param keeps whether a plan is good enough; one that begins later must not be better
 */
export function latestStart(
  shop: DayInput,
  planned: Extract<DayPlan, { feasible: true }>,
  one: NewBatch,
  untilMs: number,
  keeps: (placed: PlacedBatch) => boolean,
): Result<PlacedBatch | null> {
  const from = instantOf(one.release, shop.zone);
  if (!from.ok) return from;
  const works = (atMs: number): Result<PromisedBatch> =>
    promise(shop, planned, { ...one, release: formatInstant(atMs, shop.zone) });
  const first = works(from.value);
  if (!first.ok) return first;
  if (!first.value.ok || !keeps(first.value)) return ok(null);
  let [low, high] = [from.value, untilMs];
  let best = first.value;
  while (high - low > LOOK_EVERY_MIN * MS_PER_MINUTE) {
    const middle = low + Math.floor((high - low) / 2 / MS_PER_MINUTE) * MS_PER_MINUTE;
    const tried = works(middle);
    if (!tried.ok) return tried;
    if (tried.value.ok && keeps(tried.value)) {
      best = tried.value.startMs >= best.startMs ? tried.value : best;
      low = middle;
    } else high = middle;
  }
  return ok(best);
}
