import { addDays, daysBetween } from '@/core/quantity';
import { DRY_ROOM, intervalOf, LEAST_INTERVAL_DAYS, LOOKS } from './care';
import type { CareClass } from './classes';
import { taughtDays } from './learn';
import type { Use, Wash } from './schema';

/** Air of lived-in rooms, shares of humidity at midwinter and midsummer. Source: working estimates for heated homes of such a climate. */
type Rooms = { readonly winter: number; readonly summer: number; readonly south?: true };
const CLIMATES = {
  maritime: { winter: 0.45, summer: 0.55 },
  continental: { winter: 0.32, summer: 0.5 },
  boreal: { winter: 0.25, summer: 0.45 },
  mediterranean: { winter: 0.5, summer: 0.45 },
  monsoon: { winter: 0.4, summer: 0.68 },
  humid: { winter: 0.66, summer: 0.7 },
  arid: { winter: 0.3, summer: 0.22 },
  'southern mild': { winter: 0.5, summer: 0.52, south: true },
} as const satisfies Readonly<Record<string, Rooms>>;
type ClimateId = keyof typeof CLIMATES;

/** Which climate most homes of a country have, by ISO 3166 code. Working estimates; large countries have several. */
export const COUNTRY_CLIMATE: Readonly<Record<string, ClimateId>> = {
  AT: 'continental',
  AU: 'southern mild',
  BE: 'maritime',
  BR: 'humid',
  CA: 'boreal',
  CH: 'continental',
  CL: 'southern mild',
  CZ: 'continental',
  DE: 'continental',
  DK: 'maritime',
  EE: 'boreal',
  ES: 'mediterranean',
  FI: 'boreal',
  FR: 'maritime',
  GB: 'maritime',
  GR: 'mediterranean',
  HR: 'mediterranean',
  HU: 'continental',
  IE: 'maritime',
  IS: 'boreal',
  IT: 'mediterranean',
  JP: 'monsoon',
  KR: 'monsoon',
  LT: 'boreal',
  LU: 'maritime',
  LV: 'boreal',
  MX: 'arid',
  NL: 'maritime',
  NO: 'boreal',
  NZ: 'southern mild',
  PL: 'continental',
  PT: 'mediterranean',
  RO: 'continental',
  SE: 'boreal',
  SG: 'humid',
  SI: 'continental',
  SK: 'continental',
  TH: 'humid',
  US: 'continental',
  ZA: 'southern mild',
};
export const COUNTRIES = Object.keys(COUNTRY_CLIMATE);

/** Humidity of lived-in rooms in a month: `mean + half-swing·cos(2π(month − 1)/12)`, January the coldest north of the equator. Null for a country that is not in the table. */
export function indoorRh(country: string, month: number): number | null {
  const climate: Rooms | undefined = CLIMATES[COUNTRY_CLIMATE[country] as ClimateId];
  if (!climate) return null;
  const { winter, summer, south } = climate;
  const turn = Math.cos((2 * Math.PI * (month - 1 + (south ? 6 : 0))) / 12);
  return (winter + summer) / 2 + ((winter - summer) / 2) * turn;
}

/** Days to the next look from a date on: the interval, shorter while rooms there are dry. Exact in tenths, rounded half up, at least a week. */
export function intervalIn(days: number, country: string | null, date: string): number {
  const rh = country === null ? null : indoorRh(country, Number(date.slice(5, 7)));
  const tenths = rh !== null && rh < DRY_ROOM.belowRh ? DRY_ROOM.tenths : 10;
  return Math.max(LEAST_INTERVAL_DAYS, Math.floor((days * tenths + 5) / 10));
}

/** Looks from one date on up to another, each counted from the last by the season there; at least one. */
export function looksFrom(days: number, country: string | null, from: string, until: string): string[] {
  const dates: string[] = [];
  for (let at = from; ; ) {
    at = addDays(at, intervalIn(days, country, at));
    if (at > until && dates.length > 0) return dates;
    dates.push(at);
    if (at > until) return dates;
  }
}

type Asked = {
  readonly finishClass: CareClass;
  readonly use: Use;
  readonly wash: Wash;
  readonly country: string | null;
  /** By what the shop’s own washing trials move its interval; 1 where nothing was tried. */
  readonly times?: number;
  readonly from: string;
  readonly horizonDays: number;
};

/** The schedule of `care` with a country's seasons: without one the very same dates. Bare wood has none. */
export function careInSeason({ finishClass, use, wash, country, from, horizonDays, times }: Asked): readonly string[] {
  const days = taughtDays(intervalOf(finishClass, use, wash), times);
  if (days === null) return [];
  const regular = looksFrom(days, country, from, addDays(from, horizonDays));
  const extra = LOOKS.bedding(finishClass, intervalIn(days, country, from), horizonDays).filter(
    (day) => !regular.some((date) => LOOKS.soonAfter(day, daysBetween(from, date))),
  );
  return [...extra.map((day) => addDays(from, day)), ...regular].sort();
}
