import { type CureMode, neededHours, readyShare, readyWith, type SeenAt } from '@/core/cure';
import { MS_PER_HOUR, ok } from '@/core/quantity';
import { serve } from './serve';

const STEPS = 60;

/** A batch as it stands: what it began with, what was seen of it, how old it is. */
type Batch = {
  readonly a0Hours: number;
  readonly seen: readonly SeenAt[];
  readonly mode: CureMode;
  readonly scale: number;
  readonly ageHours: number;
  readonly nowMs: number;
};

/** The dates at another rate of cure from now on, and the fan's line there up to a moment. */
const face = {
  elsewhere: ({ a0Hours, seen, mode, scale, ageHours, nowMs }: Batch, rate: number, untilMs: number) => {
    const under = { needed: neededHours(a0Hours, seen, mode, scale), ageHours, nowMs };
    return ok({
      ready: readyWith(under, rate),
      line: Array.from({ length: STEPS + 1 }, (_, i) => {
        const atMs = under.nowMs + ((untilMs - under.nowMs) * i) / STEPS;
        return { atMs, there: readyShare(under.needed, under.ageHours + (rate * (atMs - under.nowMs)) / MS_PER_HOUR) };
      }),
    });
  },
};
export type CureFace = typeof face;

serve(face);
