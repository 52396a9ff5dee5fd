import { type MilestoneId, milestones, neededHours, quantile, readyShare } from '@/core/cure';
import { MS_PER_HOUR } from '@/core/quantity';
import type { CureStanding } from '@/data/work/standing';

export type FanPoint = {
  readonly atMs: number;
  readonly ready: number;
  /** The same without the checks; null where none bent it. */
  readonly unchecked: number | null;
  /** What was measured; null where nothing was. */
  readonly tempC: number | null;
  readonly rh: number | null;
  /** What is reckoned with where nothing was measured: a gap bridged, or the forecast. */
  readonly likelyC: number | null;
};

const POINTS = 120;
const MARGIN = 1.15;

/** The fan as points: probability of fit-for-use over the time from the last coat to past the late date, with the air beneath it. */
export function fanPoints(
  { startMs, clock, needed, a0Hours, mode, scale, seen, air, readyAtMs }: CureStanding,
  nowMs: number,
): FanPoint[] {
  const before = seen.length > 0 ? neededHours(a0Hours, [], mode, scale) : null;
  const lastMsSaid = readyAtMs.p90 ?? readyAtMs.p50 ?? readyAtMs.p10 ?? nowMs;
  const endMs = startMs + Math.max(lastMsSaid - startMs, nowMs - startMs, 24 * MS_PER_HOUR) * MARGIN;
  const lastMs = air.readings.at(-1)?.atMs ?? startMs;
  return Array.from({ length: POINTS + 1 }, (_, i) => {
    const atMs = startMs + ((endMs - startMs) * i) / POINTS;
    const age = clock.ageAt(atMs);
    const inGap = air.gaps.some((gap) => atMs > gap.fromMs && atMs < gap.toMs);
    const isRead = !inGap && atMs <= Math.min(nowMs, lastMs + 3 * MS_PER_HOUR);
    const read = isRead ? air.readings.findLast((one) => one.atMs <= atMs) : undefined;
    const reckoned = isRead ? undefined : air.reckoned.findLast((one) => one.atMs <= atMs);
    return {
      atMs,
      ready: readyShare(needed, age),
      unchecked: before && readyShare(before, age),
      tempC: read?.tempC ?? null,
      rh: read?.rh ?? null,
      likelyC: reckoned?.tempC ?? null,
    };
  });
}

/** Null where an age is never reached. */
const sayable = (ms: number): number | null => (Number.isFinite(ms) ? ms : null);

/** Null where a moment cannot be said. */
export type ReachedMilestone = { readonly id: MilestoneId; readonly likelyMs: number | null; readonly surelyMs: number | null };

/** When each milestone is reached, as likely as not and nine times in ten, UTC ms. */
export const milestonesOf = ({ clock, needed, source }: CureStanding): ReachedMilestone[] => {
  const at = (share: number, hours: number | null): number | null =>
    hours === null ? null : sayable(clock.timeOf(share * hours));
  return milestones(source).map(({ id, share }) => ({
    id,
    likelyMs: at(share, quantile(needed, 0.5)),
    surelyMs: at(share, quantile(needed, 0.9)),
  }));
};
