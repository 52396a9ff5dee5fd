import { middle, sum, weightedMean } from '@/core/numeric';
import { MS_PER_DAY, MS_PER_HOUR } from '@/core/quantity';
import { FIT_MOISTURE } from './emc';

/** One reading of a moisture meter: wood moisture, % of dry mass. */
export type MoistureReading = { readonly atMs: number; readonly percent: number };

/** A reading this far from the air's equilibrium means that the piece will still move, points. Source: calc.md, 6. */
export const MOVES_FROM_POINTS = 2;
/** Equilibrium of heated rooms, where the piece will live unless known otherwise, %. Source: calc.md, 6. */
export const INDOOR_EMC = 8;
/** Spread of a pin meter's reading, points. Source: working estimate. */
export const METER_SD = 0.6;

export type Dampness = {
  /** The middle of the latest readings, %. */
  readonly percent: number;
  readonly verdict: 'fit' | 'caution' | 'too-damp';
  /** It will shrink or swell towards the shop's air, and towards a heated room. */
  readonly movesHere: boolean;
  readonly movesIndoors: boolean;
};

/** Readings taken within this of the latest are one look at the wood, ms. */
const ONE_LOOK_MS = MS_PER_HOUR;

/** Readings by look, oldest first: several places read in one go are one look, its middle counts. */
export function looksOf(readings: readonly MoistureReading[]): MoistureReading[] {
  const looks: MoistureReading[][] = [];
  for (const reading of [...readings].sort((a, b) => a.atMs - b.atMs)) {
    const open = looks.at(-1);
    if (open && reading.atMs - (open[0] as MoistureReading).atMs <= ONE_LOOK_MS) open.push(reading);
    else looks.push([reading]);
  }
  return looks.map((look) => ({
    atMs: (look[0] as MoistureReading).atMs,
    percent: middle(look.map((one) => one.percent)) ?? Number.NaN,
  }));
}

/** Whether a piece is dry enough for finish, by its latest look; null without a reading. */
export function dampness(readings: readonly MoistureReading[], emcPercent: number | null): Dampness | null {
  const percent = looksOf(readings).at(-1)?.percent;
  if (percent === undefined) return null;
  return {
    percent,
    verdict: percent <= FIT_MOISTURE.fit ? 'fit' : percent <= FIT_MOISTURE.caution ? 'caution' : 'too-damp',
    movesHere: emcPercent !== null && Math.abs(percent - emcPercent) > MOVES_FROM_POINTS,
    movesIndoors: Math.abs(percent - INDOOR_EMC) > MOVES_FROM_POINTS,
  };
}

export type DryingOut = {
  readonly atMs: number;
  readonly earlyMs: number;
  /** Null where the slowest drying the readings allow does not get there. */
  readonly lateMs: number | null;
};

/**
 * When a damp piece will be fit, by its own readings: first-order approach to the air's equilibrium,
 * `dM/dt = −k·(M − E)`, so `ln(M − E)` falls in a straight line; k by least squares, its band one standard error either way.
 * @returns null when it is fit already, when two looks a day apart are not there yet, or when the air would never dry it so far
 */
export function dryBy(
  readings: readonly MoistureReading[],
  emcPercent: number,
  limit: number = FIT_MOISTURE.fit,
): DryingOut | null {
  const looks = looksOf(readings).filter((look) => look.percent - emcPercent > METER_SD);
  const [first, last] = [looks[0], looks.at(-1)];
  if (!first || !last || last.percent <= limit || emcPercent >= limit || last.atMs - first.atMs < MS_PER_DAY) return null;
  const rows = looks.map((look) => ({
    t: (look.atMs - first.atMs) / MS_PER_DAY,
    y: Math.log(look.percent - emcPercent),
    // A reading near the equilibrium says little of the logarithm: weight by the meter's spread carried through.
    w: ((look.percent - emcPercent) / METER_SD) ** 2,
  }));
  const centre = weightedMean(
    rows,
    ({ w }) => w,
    ({ t }) => t,
  );
  const spread = sum(rows.map(({ w, t }) => w * (t - centre) ** 2));
  const k = -sum(rows.map(({ w, t, y }) => w * (t - centre) * y)) / spread;
  const error = Math.sqrt(1 / spread);
  const days = (rate: number): number | null =>
    rate > 0 ? Math.log((last.percent - emcPercent) / (limit - emcPercent)) / rate : null;
  const likely = days(k);
  if (likely === null) return null;
  const [early, late] = [days(k + error) ?? likely, days(k - error)];
  return {
    atMs: last.atMs + likely * MS_PER_DAY,
    earlyMs: last.atMs + early * MS_PER_DAY,
    lateMs: late === null ? null : last.atMs + late * MS_PER_DAY,
  };
}
