import type { Climate } from './schema';
import type { Daily } from './whatif';

/** A sill in late spring: working estimate of a temperate coast. */
export const MAY: Daily = [
  { climate: { tempC: 22, rh: 0.5, light: 'sun' }, hours: 5 },
  { climate: { tempC: 19, rh: 0.55, light: 'window' }, hours: 9 },
  { climate: { tempC: 15, rh: 0.65, light: 'dark' }, hours: 10 },
];
/** The air of a workshop whose heating is off at night. Source: working estimate. */
export const COLD_NIGHT: Pick<Climate, 'tempC' | 'rh'> = { tempC: 8, rh: 0.7 };
/** Hours of each part of a week at a place, and how many parts of a day the heating is on. */
const PART_HOURS = 3;
const WARM_PARTS = 3;

/** A week with the heating off at night, from one told three hours at a time: what is measured by day, cold from evening to morning. */
export const coldNights = (week: Daily): Daily =>
  week.map((part, i) => (i % (24 / PART_HOURS) < WARM_PARTS ? part : { ...part, climate: { ...part.climate, ...COLD_NIGHT } }));

/** The warmest it will be, °C; null where nothing is known. */
export const warmestIn = (week: Daily | null): number | null =>
  week && week.length > 0 ? Math.max(...week.map((part) => part.climate.tempC)) : null;

/** Climates as a week: three hours of each. */
export const weekOf = (climates: readonly Climate[]): Daily => climates.map((climate) => ({ climate, hours: PART_HOURS }));
