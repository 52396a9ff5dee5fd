import { check } from '@/core/contract';
import { coatGrams } from '@/core/piece';
import { addDays, dateOf, fail, instantOf, isZone, ok, type Result } from '@/core/quantity';
import { type CareClass, careTraits } from './classes';
import { CareInput, type Use, type Wash } from './schema';

/** Factors in tenths, so that the product is exact in whole numbers. Source: working estimates. */
export const USE_TENTHS: Readonly<Record<Use, number>> = { daily: 7, weekly: 10, occasional: 16 };
export const WASH_TENTHS: Readonly<Record<Wash, number>> = { wipe: 12, hand: 10, soak: 6 };
export const DRY_ROOM = { belowRh: 0.35, tenths: 8 } as const;
export const LEAST_INTERVAL_DAYS = 7;
export const MOST_INTERVAL_DAYS = 365;
/** First treatments of a never-drying finish, days after the sale. Source: house practice. */
export const BEDDING_IN = { days: [7, 21], whenIntervalFrom: 14, unlessRegularWithin: 7 } as const;

export type Care = {
  readonly intervalDays: number | null;
  readonly dates: readonly string[];
  readonly gramsPerTreatment: number;
  readonly treatmentsPerBottle?: number | null;
};

/** base × use × wash × dry, rounded half up to whole days, at least 7 and at most 365. */
export function intervalOf(finishClass: CareClass, use: Use, wash: Wash, rh?: number): number | null {
  const base = careTraits(finishClass).baseDays;
  if (base === null) return null;
  const dry = rh !== undefined && rh < DRY_ROOM.belowRh ? DRY_ROOM.tenths : 10;
  const thousandths = base * USE_TENTHS[use] * WASH_TENTHS[wash] * dry;
  return Math.min(MOST_INTERVAL_DAYS, Math.max(LEAST_INTERVAL_DAYS, Math.floor((thousandths + 500) / 1000)));
}

/** The rule of bedding-in, in days after the sale. */
export const LOOKS = {
  bedding: (finishClass: CareClass, interval: number, horizonDays: number): readonly number[] =>
    careTraits(finishClass).never && interval >= BEDDING_IN.whenIntervalFrom
      ? BEDDING_IN.days.filter((day) => day <= horizonDays)
      : [],
  soonAfter: (day: number, regular: number): boolean => regular >= day && regular <= day + BEDDING_IN.unlessRegularWithin,
} as const;

/** Days after `from`: every multiple within the horizon (the first always), and the bedding-in of a never-drying finish. */
function daysOf(finishClass: CareClass, interval: number, horizonDays: number): number[] {
  const count = Math.max(1, Math.floor(horizonDays / interval));
  const regular = Array.from({ length: count }, (_, index) => (index + 1) * interval);
  const extra = LOOKS.bedding(finishClass, interval, horizonDays).filter(
    (day) => !regular.some((date) => LOOKS.soonAfter(day, date)),
  );
  return [...extra, ...regular].sort((a, b) => a - b);
}

/** The day a schedule counts from: a date as it stands, a moment as its date in the zone. */
function startDate(from: string, zone: string): Result<string> {
  if (!isZone(zone)) return fail('unknown-zone', 'zone', { zone });
  const start = instantOf(from.length === 10 ? `${from}T12:00` : from, zone);
  return start.ok ? ok(dateOf(start.value, zone)) : fail('bad-time', 'from', { text: from });
}

/** Days in a month, on average over the leap years. */
const DAYS_PER_MONTH = 30.4375;

/** How many treatments a bottle holds before it is empty or too old; null where a treatment takes nothing. */
export function bottleTreatments(
  bottleG: number,
  gramsPerTreatment: number,
  intervalDays: number | null,
  keepsMonths: number | null,
): number | null {
  if (gramsPerTreatment <= 0) return null;
  const byAge =
    keepsMonths === null || intervalDays === null ? Number.POSITIVE_INFINITY : (keepsMonths * DAYS_PER_MONTH) / intervalDays;
  return Math.min(bottleG / gramsPerTreatment, byAge);
}

/** The re-oiling schedule (calc.md, 9): dates to look, grams a treatment, treatments in a bottle. */
export function care(input: unknown): Result<Care> {
  const checked = check(CareInput, input);
  if (!checked.ok) return checked;
  const { finishClass, use, wash, rh, from, horizonDays, zone, bottleMl, bottleMonths, densityGPerMl, ...piece } = checked.value;
  const start = startDate(from, zone);
  if (!start.ok) return start;
  const intervalDays = intervalOf(finishClass, use, wash, rh);
  const treatment = careTraits(finishClass).treatment;
  const gramsPerTreatment = treatment ? coatGrams(piece, treatment, 2) : 0;
  const dates =
    intervalDays === null ? [] : daysOf(finishClass, intervalDays, horizonDays).map((day) => addDays(start.value, day));
  const bottleG = bottleMl !== undefined && densityGPerMl !== undefined ? bottleMl * densityGPerMl : undefined;
  return ok({
    intervalDays,
    dates,
    gramsPerTreatment,
    ...(bottleG === undefined
      ? {}
      : { treatmentsPerBottle: bottleTreatments(bottleG, gramsPerTreatment, intervalDays, bottleMonths ?? null) }),
  });
}
