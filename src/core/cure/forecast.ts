import { mean, middle } from '@/core/numeric';
import { MS_PER_HOUR } from '@/core/quantity';
import type { TimedClimate } from './age';
import type { Climate, Light } from './schema';

/** What was read in one hour of the day in one month of the year, all years together; UTC. */
export type SeasonCell = {
  readonly month: number;
  readonly hour: number;
  readonly n: number;
  readonly sumTempC: number;
  readonly sumRh: number;
};
type Air = Pick<Climate, 'tempC' | 'rh'>;
/** The air to be expected at a moment, UTC ms. */
export type Forecast = (ms: number) => Air;

/** Readings that weigh as much as what is known of the whole year. Source: working estimate, about a week of three-hourly readings. */
export const PRIOR_READINGS = 56;
/** Readings of one hour of the day in one month that weigh as much as that hour's all year. Source: working estimate, two weeks of days. */
const PRIOR_OF_HOUR = 14;
/** How long today's difference from the usual lasts, hours. Source: working estimate, about the life of a spell of weather. */
export const SPELL_HOURS = 72;
/** A gap is longer than so many usual steps between readings, and than so many hours. Source: working estimates. */
export const GAP = { steps: 4, hours: 6 } as const;

/** How much an hour's own readings, and those an hour and two away, say of it. Source: working estimate. */
const BESIDE = [1, 0.5, 0.25] as const;
type ByHour = readonly (readonly SeasonCell[])[];
/** Cells that were read, by their hour of the day. */
function byHour(cells: readonly SeasonCell[]): ByHour {
  const hours: SeasonCell[][] = Array.from({ length: 24 }, () => []);
  for (const cell of cells) if (cell.n > 0) hours[cell.hour]?.push(cell);
  return hours;
}

/**
 * One quantity's usual year. Month means `(Σ + κ·m)/(n + κ)`; to each the swing of its day by the hour, `(Σ − n·m̄ + κₕ·s)/(n + κₕ)`, drawn
 * towards the year's own swing `s`: a shop heated by day swings otherwise in winter. Joined in straight lines from mid-month to mid-month.
 */
function usualYear(cells: readonly SeasonCell[], of: (cell: SeasonCell) => number): (ms: number) => number {
  const count = (some: readonly SeasonCell[]): number => some.reduce((sum, cell) => sum + cell.n, 0);
  const sum = (some: readonly SeasonCell[]): number => some.reduce((total, cell) => total + of(cell), 0);
  const all = sum(cells) / count(cells);
  // An hour is like the hours beside it: a few odd readings at times that are seldom read do not make those hours cold for good.
  const around = (some: ByHour, hour: number) =>
    [-2, -1, 0, 1, 2].flatMap((beside) =>
      (some[(hour + beside + 24) % 24] ?? []).map((cell) => ({ cell, weight: BESIDE[Math.abs(beside)] ?? 0 })),
    );
  /** How far some cells lie off a level by the hour, drawn towards a prior as by `prior` readings. */
  const off = (some: ByHour, hour: number, level: number, prior: number, towards: number): number | null => {
    const near = around(some, hour);
    const n = near.reduce((total, { cell, weight }) => total + weight * cell.n, 0);
    const sums = near.reduce((total, { cell, weight }) => total + weight * (of(cell) - cell.n * level), 0);
    return n + prior > 0 ? (sums + prior * towards) / (n + prior) : null;
  };
  // Reckoned when it is asked for, and then known: a wait of an hour asks for one hour of one month.
  const swings = new Map<number, number | null>();
  const everyMonth = byHour(cells);
  const ownSwing = (hour: number): number | null => {
    const known = swings.get(hour);
    if (known !== undefined) return known;
    const made = off(everyMonth, hour, all, 0, 0);
    swings.set(hour, made);
    return made;
  };
  // An hour that was never read takes the nearest one that was.
  const swing = (hour: number): number => {
    for (let i = 0; i < 24; i++) {
      const own = ownSwing((hour + (i % 2 ? (i + 1) >> 1 : 24 - (i >> 1))) % 24);
      if (own !== null) return own;
    }
    return 0;
  };
  const months = new Map<number, { readonly cells: ByHour; readonly mean: number; readonly level: number }>();
  const monthOf = (month: number) => {
    const known = months.get(month);
    if (known) return known;
    const own = cells.filter((cell) => cell.month === month + 1 && cell.n > 0);
    const n = count(own);
    const level = (sum(own) + PRIOR_READINGS * all) / (n + PRIOR_READINGS);
    const made = { cells: byHour(own), mean: n > 0 ? sum(own) / n : all, level };
    months.set(month, made);
    return made;
  };
  const usual = new Map<number, number>();
  const usualAt = (month: number, hour: number): number => {
    const key = month * 24 + hour;
    const known = usual.get(key);
    if (known !== undefined) return known;
    const own = monthOf(month);
    const made = own.level + (off(own.cells, hour, own.mean, PRIOR_OF_HOUR, swing(hour)) ?? 0);
    usual.set(key, made);
    return made;
  };
  const atHour = (ms: number): number => {
    const date = new Date(ms);
    const place = date.getUTCMonth() + (date.getUTCDate() - 0.5) / 30.4 - 0.5;
    const [low, share] = [Math.floor(place), place - Math.floor(place)];
    const at = (month: number): number => usualAt((month + 12) % 12, date.getUTCHours());
    return at(low) * (1 - share) + at(low + 1) * share;
  };
  // All of an hour is alike, and the waits of a shop ask for the same hours again and again.
  const hours = new Map<number, number>();
  return (ms) => {
    const hour = Math.floor(ms / MS_PER_HOUR);
    const known = hours.get(hour);
    if (known !== undefined) return known;
    const made = atHour(ms);
    hours.set(hour, made);
    return made;
  };
}

/**
 * The air of a place to come, from its own history: `usual(month, hour) + spell·exp(−Δt/72 h)`, where the spell is how much the last
 * three days differed from the usual. With few readings the year is flat at their mean.
 * Returns null where nothing was ever read.
 */
export function forecastOf(cells: readonly SeasonCell[], recent: readonly TimedClimate[], nowMs: number): Forecast | null {
  if (cells.every((cell) => cell.n === 0)) return null;
  const [temp, rh] = [usualYear(cells, (cell) => cell.sumTempC), usualYear(cells, (cell) => cell.sumRh)];
  const near = recent.filter((one) => one.atMs <= nowMs && one.atMs >= nowMs - SPELL_HOURS * MS_PER_HOUR);
  const spell = {
    tempC: mean(near.map((one) => one.tempC - temp(one.atMs))),
    rh: mean(near.map((one) => one.rh - rh(one.atMs))),
  };
  return (ms) => {
    const fades = Math.exp(-Math.max(0, ms - nowMs) / (SPELL_HOURS * MS_PER_HOUR));
    return {
      tempC: temp(ms) + (near.length > 0 ? spell.tempC * fades : 0),
      rh: Math.min(1, Math.max(0, rh(ms) + (near.length > 0 ? spell.rh * fades : 0))),
    };
  };
}

/** A stretch without readings, UTC ms. */
export type AirGap = { readonly fromMs: number; readonly toMs: number };

/** Where nothing was read for much longer than usual. */
export function gapsIn(readings: readonly TimedClimate[]): AirGap[] {
  const steps = readings.slice(1).map((one, i) => one.atMs - (readings[i]?.atMs ?? one.atMs));
  const least = Math.max(GAP.hours * MS_PER_HOUR, GAP.steps * (middle(steps) ?? 0));
  return steps.flatMap((step, i) => (step > least ? [{ fromMs: readings[i]?.atMs ?? 0, toMs: readings[i + 1]?.atMs ?? 0 }] : []));
}

const STEP_MS = 3 * MS_PER_HOUR;

/** The forecast as climates, three-hourly, from one moment to another. */
export const ahead = (forecast: Forecast, fromMs: number, untilMs: number, light: Light): TimedClimate[] =>
  Array.from({ length: Math.max(0, Math.ceil((untilMs - fromMs) / STEP_MS)) }, (_, i) => ({
    ...forecast(fromMs + (i + 0.5) * STEP_MS),
    light,
    atMs: fromMs + i * STEP_MS,
  }));

/** Fills gaps by what is usual, drawn straight from how much it differed at one end to how much at the other. What was read stays. */
export function bridge(readings: readonly TimedClimate[], gaps: readonly AirGap[], usual: Forecast): TimedClimate[] {
  const at = (ms: number) => readings.find((one) => one.atMs === ms);
  const filled = gaps.flatMap(({ fromMs, toMs }) => {
    const [before, after] = [at(fromMs), at(toMs)];
    if (!before || !after) return [];
    const [left, right] = [usual(fromMs), usual(toMs)];
    return ahead(usual, fromMs + STEP_MS, toMs, before.light).map((one) => {
      const share = (one.atMs - fromMs) / (toMs - fromMs);
      const blend = (a: number, b: number): number => a * (1 - share) + b * share;
      return {
        ...one,
        tempC: one.tempC + blend(before.tempC - left.tempC, after.tempC - right.tempC),
        rh: Math.min(1, Math.max(0, one.rh + blend(before.rh - left.rh, after.rh - right.rh))),
      };
    });
  });
  return [...readings, ...filled].sort((a, b) => a.atMs - b.atMs);
}
