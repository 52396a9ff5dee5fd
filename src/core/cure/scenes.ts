import { SUN_LASTS_HOURS } from './rate';
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

/** A week with the heating off at night, from climates of three hours each: what is measured by day, cold from evening to morning. */
export const coldNights = (week: readonly Climate[]): Climate[] =>
  week.map((climate, i) => (i % (24 / PART_HOURS) < WARM_PARTS ? climate : { ...climate, ...COLD_NIGHT }));

/** The warmest it will be, °C; null where nothing is known. */
export const warmestIn = (week: readonly Climate[] | null): number | null =>
  week && week.length > 0 ? Math.max(...week.map((climate) => climate.tempC)) : null;

/** How much of a day has real sun. */
const SUNNY = SUN_LASTS_HOURS / 24;

/** So many hours of a climate; in the sun only the share of a day that has real sun, the rest dark. */
export const hoursOf = (climate: Climate, hours: number): Daily =>
  climate.light === 'sun'
    ? [
        { climate, hours: hours * SUNNY },
        { climate: { ...climate, light: 'dark' }, hours: hours * (1 - SUNNY) },
      ]
    : [{ climate, hours }];

/** Climates as a week: three hours of each. */
export const weekOf = (climates: readonly Climate[]): Daily => climates.flatMap((climate) => hoursOf(climate, PART_HOURS));
