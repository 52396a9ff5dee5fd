import { gramsPer } from '@/core/quantity';
import { noise, type Sim } from './line';

/** A scale that is not there: it holds a mass, fills while something is poured, and misbehaves as scales do. */
export type PracticeScale = Sim & {
  /** Begins to pour; the stream thins as the mark comes near, and runs a little past it. */
  readonly pourTo: (markG: number) => void;
  readonly stopPouring: () => void;
  /** Sets something else on it, of so many grams in all. */
  readonly put: (grams: number) => void;
  readonly unplug: () => void;
  readonly plug: () => void;
  readonly garble: () => void;
  readonly mass: () => number;
};

type Options = { readonly seed: number; readonly startG: number; readonly maxG?: number; readonly unit?: 'g' | 'oz' };

const STREAM_G_PER_S = 90;
const DRIP_G_PER_S = 3;
/** The stream thins within this of the mark, g. */
const NEAR_G = 40;
/** A reading comes to rest this long after the last drop, ms. */
const REST_MS = 900;
/** A cheap load cell creeps, g a second. */
const DRIFT_G_PER_S = 0.004;

/** @param seed makes its noise; startG what already stands on it; past maxG it says it is overloaded */
export function practiceScale({ seed, startG, maxG = 5000, unit = 'g' }: Options): PracticeScale {
  const random = noise(seed);
  let mass = startG;
  let zero = 0;
  let mark: number | null = null;
  let past = 0;
  let still = REST_MS;
  let plugged = true;
  let garbled = 0;
  let drift = 0;
  const flow = (toGo: number): number =>
    toGo > NEAR_G ? STREAM_G_PER_S : Math.max(DRIP_G_PER_S, (toGo / NEAR_G) * STREAM_G_PER_S);
  return {
    step: (ms) => {
      if (mark !== null) {
        const toGo = mark + past - (mass - zero);
        mass += Math.min(Math.max(0, toGo), (flow(toGo) * ms) / 1000);
        still = 0;
        if (toGo <= 1e-9) mark = null;
      } else still += ms;
      drift += (DRIFT_G_PER_S * ms) / 1000;
      if (!plugged) return null;
      if (garbled > 0) {
        garbled--;
        return `ma${Math.floor(random() * 1e6)};u`;
      }
      if (mass > maxG) return 'over';
      const isStill = still >= REST_MS;
      const shown = mass - zero + Math.min(drift, 0.3) + (isStill ? 0 : (random() - 0.5) * 1.2);
      const value = unit === 'g' ? shown.toFixed(1) : (shown / gramsPer('oz')).toFixed(3);
      return `mass=${value};unit=${unit};rest=${isStill ? 1 : 0}`;
    },
    tare: () => {
      zero = mass;
      drift = 0;
    },
    pourTo: (markG) => {
      mark = markG;
      past = random() * 0.3;
    },
    stopPouring: () => {
      mark = null;
    },
    put: (grams) => {
      mass = zero + grams;
      mark = null;
      still = 0;
    },
    unplug: () => {
      plugged = false;
    },
    plug: () => {
      plugged = true;
    },
    garble: () => {
      garbled = 4;
    },
    mass: () => mass - zero,
  };
}
