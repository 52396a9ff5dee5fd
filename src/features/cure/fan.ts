import { MILESTONES, quantile, readyShare } from '@/core/cure';
import { MS_PER_HOUR } from '@/core/quantity';
import type { CureStanding } from '@/data/work/standing';

export type FanPoint = { readonly atMs: number; readonly ready: number; readonly tempC: number | null };

const POINTS = 96;
const MARGIN = 1.15;

/** The fan as points: probability of fit-for-use over the time from the last coat to past the late date, with the air behind it. */
export function fanPoints({ startMs, clock, needed, readings, readyAtMs }: CureStanding, nowMs: number): FanPoint[] {
  const endMs = startMs + Math.max(readyAtMs.p90 - startMs, nowMs - startMs, 24 * MS_PER_HOUR) * MARGIN;
  return Array.from({ length: POINTS + 1 }, (_, i) => {
    const atMs = startMs + ((endMs - startMs) * i) / POINTS;
    const reading = atMs <= nowMs ? readings.findLast((one) => one.atMs <= atMs) : undefined;
    return { atMs, ready: readyShare(needed, clock.ageAt(atMs)), tempC: reading?.tempC ?? null };
  });
}

/** When each milestone is reached at the median, UTC ms. */
export const milestonesOf = ({ clock, needed }: CureStanding): { readonly id: string; readonly atMs: number }[] =>
  MILESTONES.map(({ id, share }) => ({ id, atMs: clock.timeOf(share * quantile(needed, 0.5)) }));
