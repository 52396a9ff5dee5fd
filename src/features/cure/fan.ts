import { type MilestoneId, milestones, quantile, readyShare } from '@/core/cure';
import { MS_PER_HOUR } from '@/core/quantity';
import type { CureStanding } from '@/data/work/standing';

export type FanPoint = {
  readonly atMs: number;
  readonly ready: number;
  /** What was measured; null where nothing was. */
  readonly tempC: number | null;
  readonly rh: number | null;
  /** What is reckoned with where nothing was measured: a gap bridged, or the forecast. */
  readonly likelyC: number | null;
};

const POINTS = 120;
const MARGIN = 1.15;

/** The fan as points: probability of fit-for-use over the time from the last coat to past the late date, with the air beneath it. */
export function fanPoints({ startMs, clock, needed, air, readyAtMs }: CureStanding, nowMs: number): FanPoint[] {
  const endMs = startMs + Math.max(readyAtMs.p90 - startMs, nowMs - startMs, 24 * MS_PER_HOUR) * MARGIN;
  const lastMs = air.readings.at(-1)?.atMs ?? startMs;
  return Array.from({ length: POINTS + 1 }, (_, i) => {
    const atMs = startMs + ((endMs - startMs) * i) / POINTS;
    const inGap = air.gaps.some((gap) => atMs > gap.fromMs && atMs < gap.toMs);
    const isRead = !inGap && atMs <= Math.min(nowMs, lastMs + 3 * MS_PER_HOUR);
    const read = isRead ? air.readings.findLast((one) => one.atMs <= atMs) : undefined;
    const reckoned = isRead ? undefined : air.reckoned.findLast((one) => one.atMs <= atMs);
    return {
      atMs,
      ready: readyShare(needed, clock.ageAt(atMs)),
      tempC: read?.tempC ?? null,
      rh: read?.rh ?? null,
      likelyC: reckoned?.tempC ?? null,
    };
  });
}

/** When each milestone is reached at the median, UTC ms. */
export const milestonesOf = ({ clock, needed, source }: CureStanding): { readonly id: MilestoneId; readonly atMs: number }[] =>
  milestones(source).map(({ id, share }) => ({ id, atMs: clock.timeOf(share * quantile(needed, 0.5)) }));
