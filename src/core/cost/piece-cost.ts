import { z } from 'zod';
import { above, atLeastNone, check, MOST } from '@/core/contract';
import { fail, ok, type Result } from '@/core/quantity';

const price = atLeastNone(MOST.price);
/** A pack as it is bought: what it costs, grams in it, grams used of it a month, months it keeps once it is there. */
const Pack = z.object({
  price,
  grams: above(MOST.grams),
  usedPerMonthG: above(MOST.grams),
  shelfMonths: above(MOST.count),
});
/** One coat: grams that stay on the piece, the share that is wiped off, and what a kilogram costs. A pack goes before a price per kg. */
const Coat = z.object({
  grams: atLeastNone(MOST.grams),
  wasteFraction: z.number().min(0).lt(1),
  costPerKg: price.optional(),
  pack: Pack.optional(),
});

/** Who keeps a piece up. */
export const UPKEEPERS = ['owner', 'maker', 'nobody'] as const;
export type Upkeeper = (typeof UPKEEPERS)[number];

/** What a piece costs: its coats, hands, what is used up, a jar; how it is kept up, over how many years; what comes back. Money in major units, minutes, grams, days. */
export const CostInput = z.object({
  coats: z.array(Coat).max(MOST.lines),
  handsMin: atLeastNone(MOST.count),
  ratePerHour: price,
  consumables: price,
  jar: price,
  upkeep: z.object({
    by: z.enum(UPKEEPERS),
    intervalDays: above(MOST.count).nullable(),
    gramsPerTreatment: atLeastNone(MOST.grams),
    costPerKg: price,
    minutes: atLeastNone(MOST.count),
    ratePerHour: price,
  }),
  years: above(MOST.count),
  /** How long a piece lasts that is kept up so; then it is made again. Left out: as long as it is looked at. */
  lifeYears: above(MOST.count).optional(),
  returns: z.object({ perYear: atLeastNone(MOST.count), cost: price }),
});
type CostInput = z.output<typeof CostInput>;

const DAYS_A_YEAR = 365.25;

export type PieceCost = {
  readonly materials: number;
  readonly hands: number;
  readonly first: number;
  readonly treatmentsPerYear: number;
  readonly perYearUpkeep: number;
  readonly total: number;
  readonly perYear: number;
};

/**
 * What a kilogram of a pack really costs: what goes off before it is used is paid for as well.
 * @param ownG what the coat itself takes of it, with what is wiped off: that at least is used
 */
export const packCostPerKg = ({ price: paid, grams, usedPerMonthG, shelfMonths }: z.output<typeof Pack>, ownG = 0): number =>
  (paid / Math.min(grams, Math.max(usedPerMonthG * shelfMonths, ownG))) * 1000;

/**
 * What a piece costs at first and by the year (calc.md, 17).
 * @returns money in the input's own units; an issue where a coat has neither a pack nor a price
 */
export function cost(input: unknown): Result<PieceCost> {
  const checked = check(CostInput, input);
  if (!checked.ok) return checked;
  return reckon(checked.value);
}

function reckon({
  coats,
  handsMin,
  ratePerHour,
  consumables,
  jar,
  upkeep,
  years,
  lifeYears,
  returns,
}: CostInput): Result<PieceCost> {
  let materials = 0;
  for (const [i, { grams, wasteFraction, costPerKg, pack }] of coats.entries()) {
    const takenG = grams / (1 - wasteFraction);
    const perKg = pack ? packCostPerKg(pack, takenG) : costPerKg;
    if (perKg === undefined) return fail('required', `coats.${i}.costPerKg`);
    materials += (takenG / 1000) * perKg;
  }
  const hands = (handsMin / 60) * ratePerHour;
  const first = materials + hands + consumables + jar;
  const { by, intervalDays, gramsPerTreatment, costPerKg, minutes } = upkeep;
  const treatmentsPerYear = by === 'nobody' || intervalDays === null ? 0 : DAYS_A_YEAR / intervalDays;
  const treatment = (gramsPerTreatment / 1000) * costPerKg + (minutes / 60) * upkeep.ratePerHour;
  const perYearUpkeep = treatmentsPerYear * treatment + returns.perYear * returns.cost;
  // What nobody keeps up is made again.
  const total = first * Math.max(1, years / (lifeYears ?? years)) + years * perYearUpkeep;
  return ok({ materials, hands, first, treatmentsPerYear, perYearUpkeep, total, perYear: total / years });
}
