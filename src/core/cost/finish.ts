import { scheduleOf } from '@/core/batch';
import { careTraits, intervalOf, taughtDays, type Use } from '@/core/care';
import type { Species } from '@/core/material';
import { median } from '@/core/numeric';
import { type Area, coatGrams, type Geometry, type UptakeFactor } from '@/core/piece';
import { groupBy } from '@/core/quantity';
import { handsScale, type Regimen } from '@/core/regimen';
import { type LotChoice, needsOf } from './needs';
import { cost, type PieceCost, packCostPerKg, type Upkeeper } from './piece-cost';
import { spoils } from './years';

/** Pieces of a batch that costs are reckoned for: setting up is shared among so many. Source: working estimate. */
const USUAL_PIECES = 6;
/** Minutes an upkeep treatment takes. Source: working estimate. */
const TREATMENT_MIN = 6;
/** Paper and cloths of one piece, major units. Source: working estimate. */
const CONSUMABLES = 0.15;
/** What a coat may take more or less than reckoned, as a share: where none was weighed, and where some were. Source: working estimate. */
const SPREAD = { unweighed: 0.3, weighed: 0.12 };
/** However much was wiped off, some of it stays. */
const MOST_WIPED = 0.9;

/** What something rests on: measured here so often, or a working figure. */
export type RestsOn = { readonly count: number; readonly of: 'weighings' | 'batches' | 'months' | 'boards' | 'sold' };

/** How a lot is paid for, major units: as a pack that may go off before it is used, or by what its kilogram came to; null where nobody entered it. */
export type Paid =
  | {
      readonly pack: {
        readonly price: number;
        readonly grams: number;
        readonly usedPerMonthG: number;
        readonly shelfMonths: number;
      };
      /** Months over which its use was seen. */
      readonly months: number;
    }
  | { readonly costPerKg: number | null };

/** A bought thing is paid for as a pack where both its use and its keeping are known. Grams, major units, months. */
export function paidFor(lot: {
  readonly isPack: boolean;
  readonly price: number | null;
  readonly grams: number;
  readonly costPerKg: number | null;
  readonly keepsMonths: number | undefined;
  readonly hereMonths: number;
  readonly used: { readonly grams: number; readonly months: number } | undefined;
}): Paid {
  const { isPack, price, grams, costPerKg, keepsMonths, hereMonths, used } = lot;
  if (!isPack || price === null || !used || used.grams <= 0 || !keepsMonths || keepsMonths <= 0) return { costPerKg };
  const months = Math.round(Math.min(used.months, hereMonths + 1));
  return { pack: { price, grams, usedPerMonthG: used.grams, shelfMonths: keepsMonths }, months };
}

/** A weighing beside what left the tin for one piece, grams. */
export type WipedOff = { readonly drawnG: number; readonly stayedG: number };

/** The share of what left the tin that did not stay on the piece: the middle of all that were weighed; none where nothing was. */
export const wipedShare = (weighed: readonly WipedOff[]): { readonly share: number; readonly count: number } => {
  const shares = weighed.flatMap(({ drawnG, stayedG }) => (stayedG <= drawnG ? [1 - stayedG / drawnG] : []));
  return { share: Math.min(MOST_WIPED, Math.max(0, median(shares) ?? 0)), count: shares.length };
};

/** Minutes a piece takes by the regimen's own figures, in a batch of the usual size. */
export function plannedMin({ steps }: Pick<Regimen, 'steps'>, area: Area): number {
  const asked = steps.filter((step) => !step.optional);
  const tasks = scheduleOf(asked, USUAL_PIECES, () => undefined, { scale: handsScale(area), beyond: true });
  return tasks.ok ? tasks.value.reduce((sum, task) => sum + task.handsMin, 0) / USUAL_PIECES : 0;
}

/** How the minutes that batches really took stand to their regimen's figures: the middle of each regimen's batches. */
export const minutesTimes = (
  batches: readonly { readonly regimen: string; readonly tookMin: number; readonly plannedMin: number }[],
): ReadonlyMap<string, { readonly times: number; readonly batches: number }> =>
  new Map(
    [
      ...groupBy(
        batches.filter((one) => one.plannedMin > 0),
        (one) => one.regimen,
      ),
    ].map(([id, of]) => [id, { times: median(of.map((one) => one.tookMin / one.plannedMin)) ?? 1, batches: of.length }]),
  );

/** All that is asked of one finish of a piece, and what the shop knows of it. */
export type FinishAsked = {
  readonly regimen: Regimen;
  readonly design: { readonly area: Area; readonly geometry: Geometry };
  readonly species: Species;
  readonly by: Upkeeper;
  readonly years: number;
  /** An hour of hands, major units. */
  readonly ratePerHour: number;
  readonly lots: Readonly<Record<string, (LotChoice & { readonly paid: Paid }) | undefined>>;
  readonly uptake: readonly UptakeFactor[];
  /** The share of a coat that ends in the cloths, as weighed. */
  readonly wiped: number;
  /** How long its batches took, times its own figures. */
  readonly took: { readonly times: number; readonly batches: number } | undefined;
  /** What trials taught of its interval. */
  readonly taught: { readonly factor: number | undefined; readonly boards: number };
  /** Of such pieces that were sold, the share that came back. */
  readonly back: { readonly share: number; readonly sold: number } | undefined;
};

/** One finish with what it costs a piece, major units: likely, and the span of what is not known. */
export type FinishFigures = {
  readonly likely: PieceCost;
  readonly low: PieceCost;
  readonly high: PieceCost;
  /** What of a bought pack goes off before it is used, the dearest of its lots. */
  readonly spoils: number;
  /** The share of a coat that ends in the cloths, as weighed; and what its figures rest on. */
  readonly waste: number;
  readonly handsMin: number;
  readonly intervalDays: number | null;
  readonly returnsPerYear: number;
  readonly rests: readonly RestsOn[];
  /** Lots whose price nobody entered. */
  readonly unpriced: readonly string[];
};

/** The coats of a piece as they are paid for; lots without a price are named and left out. */
function coatsOf({ lots, wiped }: FinishAsked, needs: readonly { readonly slot: string; readonly grams: number }[]) {
  const taken = needs.flatMap(({ slot, grams }) => {
    const lot = lots[slot];
    return lot && grams > 0 ? [{ lot, grams: grams / USUAL_PIECES }] : [];
  });
  const unpriced = taken.filter(({ lot: { paid } }) => !('pack' in paid) && paid.costPerKg === null);
  const coats = taken
    .filter((one) => !unpriced.includes(one))
    .map(({ lot: { paid }, grams }) => ({
      // What is drawn is what stays and what is wiped off together.
      grams: grams * (1 - wiped),
      wasteFraction: wiped,
      ...('pack' in paid ? { pack: paid.pack } : { costPerKg: paid.costPerKg ?? 0 }),
    }));
  const packs = taken.flatMap(({ lot: { paid } }) => ('pack' in paid ? [paid] : []));
  return {
    coats,
    unpriced: unpriced.map(({ lot }) => lot.number),
    months: Math.max(0, ...packs.map((paid) => paid.months)),
    spoils: Math.max(0, ...packs.map((paid) => spoils(paid.pack))),
  };
}

/**
 * Reckons one finish of a piece, likely and at both ends of its spans: how often an owner uses it, and how much a coat takes.
 * @returns null where its steps cannot be scheduled or its figures are out of bounds
 */
export function finishCost(asked: FinishAsked): FinishFigures | null {
  const { regimen, design, species, by, years, ratePerHour, taught, back, took } = asked;
  const needs = needsOf({ ...asked, ...design, pieces: USUAL_PIECES, beyond: true });
  if (!needs.ok) return null;
  const { coats, unpriced, months, spoils: gone } = coatsOf(asked, needs.value);
  const handsMin = plannedMin(regimen, design.area) * (took?.times ?? 1);
  const { treatment } = careTraits(regimen.careClass);
  const treatmentG = treatment ? coatGrams({ ...design.area, porosity: species.porosity }, treatment, 2) : 0;
  const intervalAt = (use: Use): number | null =>
    regimen.ownCare?.days ?? taughtDays(intervalOf(regimen.careClass, use, 'hand'), taught.factor);
  const [oil] = coats;
  const oilPerKg = oil && 'pack' in oil ? packCostPerKg(oil.pack) : (oil?.costPerKg ?? 0);
  // Pieces were sold through about a year: the share that came back is taken as a year's.
  const returnsPerYear = back?.share ?? 0;
  const reckon = (use: Use, times: number) => {
    const made = {
      coats: coats.map((coat) => ({ ...coat, grams: coat.grams * times })),
      handsMin,
      ratePerHour,
      consumables: CONSUMABLES,
      jar: 0,
      years,
    };
    const none = { by: 'nobody', intervalDays: null, gramsPerTreatment: 0, costPerKg: 0, minutes: 0, ratePerHour: 0 };
    const bare = cost({ ...made, upkeep: none, returns: { perYear: 0, cost: 0 } });
    return cost({
      ...made,
      upkeep: {
        by,
        intervalDays: intervalAt(use),
        gramsPerTreatment: treatmentG * times,
        costPerKg: oilPerKg,
        minutes: TREATMENT_MIN,
        ratePerHour: by === 'maker' ? ratePerHour : 0,
      },
      // A piece that comes back is finished once more.
      returns: { perYear: returnsPerYear, cost: bare.ok ? bare.value.first : 0 },
    });
  };
  const records = Math.max(0, ...needs.value.map((need) => need.records));
  const spread = records > 0 ? SPREAD.weighed : SPREAD.unweighed;
  const [likely, low, high] = [reckon('weekly', 1), reckon('occasional', 1 - spread), reckon('daily', 1 + spread)];
  if (!likely.ok || !low.ok || !high.ok) return null;
  const rests: readonly RestsOn[] = [
    { count: records, of: 'weighings' },
    { count: took?.batches ?? 0, of: 'batches' },
    { count: months, of: 'months' },
    { count: taught.boards, of: 'boards' },
    { count: back?.sold ?? 0, of: 'sold' },
  ];
  return {
    likely: likely.value,
    low: low.value,
    high: high.value,
    spoils: gone,
    waste: asked.wiped,
    handsMin,
    intervalDays: by === 'nobody' ? null : intervalAt('weekly'),
    returnsPerYear,
    rests: rests.filter((rest) => rest.count > 0),
    unpriced,
  };
}
