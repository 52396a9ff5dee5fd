import 'server-only';
import { eq } from 'drizzle-orm';
import { scheduleOf } from '@/core/batch';
import { careTraits, intervalOf, medianOf, taughtDays, type Use } from '@/core/care';
import { type Choice, chooseFinish, type FinishWish } from '@/core/choose';
import { cost, type LotChoice, needsOf, type PieceCost, packCostPerKg, spoils, type Upkeeper } from '@/core/cost';
import { findIngredient, type Species } from '@/core/material';
import { coatGrams } from '@/core/piece';
import { groupBy, MS_PER_DAY, toMajor } from '@/core/quantity';
import { handsScale, isRestoration, offerFor, type Regimen } from '@/core/regimen';
import { whatComesBack } from '../care/returns';
import type { Db } from '../db';
import { keep } from '../kept';
import { logEntry, massReading, release } from '../schema';
import { theShop } from '../shop/queries';
import { allLots, type KnownLot, materialIdOf } from '../stores/queries';
import { DAYS_A_MONTH, usedUp } from '../stores/used-up';
import { trialBatchIds } from '../trials/queries';
import { taughtOf } from '../trials/teach';
import { loadBatch } from '../work/batch';
import type { Design } from '../work/catalogue';
import { allRegimens } from '../work/catalogue';
import { lotChoices } from '../work/lot-choices';
import { progressOfBatch } from '../work/standing';
import { shopUptake } from '../work/uptake';

/** Pieces of a batch that costs are reckoned for: setting up is shared among so many. Source: working estimate. */
const USUAL_PIECES = 6;
/** Minutes an upkeep treatment takes. Source: working estimate. */
const TREATMENT_MIN = 6;
/** Paper and cloths of one piece, major units. Source: working estimate. */
const CONSUMABLES = 0.15;

export type CostAsked = {
  readonly design: Design;
  readonly species: Species;
  readonly by: Upkeeper;
  readonly years: number;
};

/** What something rests on: measured here so often, or a working figure. */
export type RestsOn = { readonly count: number; readonly of: 'weighings' | 'batches' | 'months' | 'boards' | 'sold' };

/** One finish with what it costs a piece, major units: likely, and the span of what is not known. */
export type FinishCost = {
  readonly choice: Choice;
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

/** Grams a month this shop uses of each material, and over how many months that was seen. */
export const usedPerMonth = (
  db: Db,
  nowMs: number,
): ReadonlyMap<string, { readonly name: string; readonly grams: number; readonly months: number }> =>
  keep(
    db,
    `used a month ${Math.floor(nowMs / MS_PER_DAY)}`,
    () =>
      new Map(
        usedUp(db, nowMs)
          .filter((one) => one.kind === 'material')
          .map((one) => {
            const months = Math.max(1, (nowMs - one.firstAt) / MS_PER_DAY / DAYS_A_MONTH);
            return [one.id, { name: one.name, grams: one.used / months, months }] as const;
          }),
      ),
  );

/** The share of what left the tin that did not stay on the piece, where both were weighed; and how often. */
const wipedOff = (db: Db): { readonly share: number; readonly count: number } =>
  keep(db, 'wiped off', () => {
    const drawn = new Map(
      db
        .select()
        .from(logEntry)
        .where(eq(logEntry.gramsEstimated, false))
        .all()
        .filter((row) => row.grams !== null && row.grams > 0 && row.pieces > 0)
        .map((row) => [`${row.batchId} ${row.task}`, (row.grams ?? 0) / row.pieces]),
    );
    const trials = trialBatchIds(db);
    const shares = db
      .select()
      .from(massReading)
      .all()
      .filter((row) => !trials.has(row.batchId))
      .flatMap((row) => {
        const left = drawn.get(`${row.batchId} ${row.task}`);
        const stays = (row.afterG ?? row.beforeG) - row.beforeG;
        return left !== undefined && row.afterG !== null && stays <= left ? [1 - stays / left] : [];
      });
    const middle = medianOf(shares);
    // Without one weighing nothing is said to be wiped off beside what was drawn.
    return { share: Math.min(0.9, Math.max(0, middle ?? 0)), count: shares.length };
  });

/** Minutes a piece takes by the regimen's own figures, in a batch of the usual size. */
function plannedMin(regimen: Regimen, { area }: Design): number {
  const steps = regimen.steps.filter((step) => !step.optional);
  const tasks = scheduleOf(steps, USUAL_PIECES, () => undefined, { scale: handsScale(area), beyond: true });
  return tasks.ok ? tasks.value.reduce((sum, task) => sum + task.handsMin, 0) / USUAL_PIECES : 0;
}

/**
 * How the minutes that batches really took of hands stand to the regimen's figures for the same piece, coats that were added and steps
 * that were left out counted: the middle of its released batches.
 */
const minutesTimes = (db: Db): ReadonlyMap<string, { readonly times: number; readonly batches: number }> =>
  keep(db, 'minutes by regimen', () => {
    const ids = db.selectDistinct({ id: release.batchId }).from(release).where(eq(release.outcome, 'released')).all();
    const rows = ids.flatMap(({ id }) => {
      const batch = loadBatch(db, id, 0);
      const planned = batch ? plannedMin(batch.regimen, batch.design) : 0;
      if (!batch || planned <= 0) return [];
      const done = progressOfBatch(batch).progress.done.filter(({ fact }) => fact.kind === 'done');
      const minutes = done.reduce((sum, { task }) => sum + task.handsMin, 0) / Math.max(1, batch.pieces.length);
      return [{ regimen: batch.regimen.id, times: minutes / planned }];
    });
    return new Map(
      [...groupBy(rows, (row) => row.regimen)].map(([id, of]) => [
        id,
        { times: medianOf(of.map((one) => one.times)) ?? 1, batches: of.length },
      ]),
    );
  });

/** How a lot is paid for: as a pack that may go off before it is used, or by what its kilogram came to. */
function paidFor(lot: KnownLot, used: ReturnType<typeof usedPerMonth>, nowMs: number, currency: string) {
  const id = materialIdOf(lot) ?? '';
  const month = used.get(id);
  const keeps =
    lot.labelBestBefore !== null
      ? (Date.parse(lot.labelBestBefore) - lot.at) / MS_PER_DAY / DAYS_A_MONTH
      : findIngredient(id)?.shelfMonths;
  if (
    (lot.kind === 'bought' || lot.kind === 'ready') &&
    lot.priceMinor !== null &&
    month &&
    month.grams > 0 &&
    keeps &&
    keeps > 0
  )
    return {
      pack: { price: toMajor(lot.priceMinor, currency), grams: lot.receivedG, usedPerMonthG: month.grams, shelfMonths: keeps },
      months: Math.round(Math.min(month.months, (nowMs - lot.at) / MS_PER_DAY / DAYS_A_MONTH + 1)),
    };
  return { costPerKg: lot.minorPerKg === null ? null : toMajor(lot.minorPerKg, currency), months: 0 };
}

/** Reckons one finish of a piece, likely and at both ends of its spans: how often an owner uses it, and how much a coat takes. */
function reckon(db: Db, choice: Choice, lots: readonly LotChoice[], asked: CostAsked, nowMs: number): FinishCost | null {
  const { design, species, by, years } = asked;
  const { currency, hourMinor } = theShop(db);
  const rate = hourMinor === null ? 0 : toMajor(hourMinor, currency);
  const known = allLots(db);
  const used = usedPerMonth(db, nowMs);
  const { regimen } = choice;
  const chosen = Object.fromEntries(choice.lots.map(({ slot, lot }) => [slot, lots.find((one) => one.id === lot.id)]));
  const needs = needsOf({
    regimen,
    pieces: USUAL_PIECES,
    area: design.area,
    geometry: design.geometry,
    species,
    lots: chosen,
    uptake: shopUptake(db),
    beyond: true,
  });
  if (!needs.ok) return null;
  const wiped = wipedOff(db);
  const unpriced: string[] = [];
  let months = 0;
  let gone = 0;
  const coats = needs.value.flatMap(({ slot, grams }) => {
    const lot = known.find((one) => one.id === chosen[slot]?.id);
    if (!lot || grams <= 0) return [];
    const paid = paidFor(lot, used, nowMs, currency);
    months = Math.max(months, paid.months);
    if ('pack' in paid && paid.pack) gone = Math.max(gone, spoils(paid.pack));
    const price = 'pack' in paid && paid.pack ? { pack: paid.pack } : { costPerKg: paid.costPerKg };
    if (!('pack' in price) && price.costPerKg === null) {
      unpriced.push(lot.number);
      return [];
    }
    // What is drawn is what stays and what is wiped off together.
    return [{ grams: (grams / USUAL_PIECES) * (1 - wiped.share), wasteFraction: wiped.share, ...(price as object) }];
  });
  const own = minutesTimes(db).get(regimen.id);
  const hands = plannedMin(regimen, design) * (own?.times ?? 1);
  const taught = taughtOf(db, {
    regimenId: regimen.id,
    ingredients: choice.lots.flatMap(({ lot }) => lot.ingredients),
    speciesId: species.id,
  });
  const traits = careTraits(regimen.careClass);
  const intervalAt = (use: Use): number | null =>
    regimen.ownCare?.days ?? taughtDays(intervalOf(regimen.careClass, use, 'hand'), taught.factor);
  const grams = traits.treatment ? coatGrams({ ...design.area, porosity: species.porosity }, traits.treatment, 2) : 0;
  const [oil] = coats as readonly { readonly costPerKg?: number; readonly pack?: Parameters<typeof packCostPerKg>[0] }[];
  const oilPerKg = oil?.pack ? packCostPerKg(oil.pack) : (oil?.costPerKg ?? 0);
  const came = whatComesBack(db, []).rows.find((row) => row.finish === regimen.careClass && row.speciesId === species.id);
  // Pieces were sold through about a year: the share that came back is taken as a year's.
  const returnsPerYear = came?.back.share ?? 0;
  const one = (use: Use, times: number) => {
    const first = coats.map((coat) => ({ ...coat, grams: coat.grams * times }));
    const bare = cost({
      coats: first,
      handsMin: hands,
      ratePerHour: rate,
      consumables: CONSUMABLES,
      jar: 0,
      upkeep: { by: 'nobody', intervalDays: null, gramsPerTreatment: 0, costPerKg: 0, minutes: 0, ratePerHour: 0 },
      years,
      returns: { perYear: 0, cost: 0 },
    });
    // A piece that comes back is finished once more.
    const again = bare.ok ? bare.value.first : 0;
    return cost({
      coats: first,
      handsMin: hands,
      ratePerHour: rate,
      consumables: CONSUMABLES,
      jar: 0,
      upkeep: {
        by,
        intervalDays: intervalAt(use),
        gramsPerTreatment: grams * times,
        costPerKg: oilPerKg,
        minutes: TREATMENT_MIN,
        ratePerHour: by === 'maker' ? rate : 0,
      },
      years,
      returns: { perYear: returnsPerYear, cost: again },
    });
  };
  const records = Math.max(0, ...needs.value.map((need) => need.records));
  const spread = records > 0 ? 0.12 : 0.3;
  const [likely, low, high] = [one('weekly', 1), one('occasional', 1 - spread), one('daily', 1 + spread)];
  if (!likely.ok || !low.ok || !high.ok) return null;
  return {
    choice,
    likely: likely.value,
    low: low.value,
    high: high.value,
    spoils: gone,
    waste: wiped.share,
    handsMin: hands,
    intervalDays: by === 'nobody' ? null : intervalAt('weekly'),
    returnsPerYear,
    rests: [
      { count: records, of: 'weighings' as const },
      { count: own?.batches ?? 0, of: 'batches' as const },
      { count: months, of: 'months' as const },
      { count: taught.boards, of: 'boards' as const },
      { count: came?.sold ?? 0, of: 'sold' as const },
    ].filter((rest) => rest.count > 0),
    unpriced,
  };
}

/** What one finish that was chosen costs a piece; null where it cannot be reckoned. */
export const costOfChoice = (db: Db, choice: Choice, asked: CostAsked, nowMs: number): FinishCost | null =>
  reckon(db, choice, lotChoices(db), asked, nowMs);

/** The same of a regimen with the lots that were chosen for it, as a form or a batch has them. */
export function costOfLots(
  db: Db,
  { regimen, lots, ...asked }: CostAsked & { readonly regimen: Regimen; readonly lots: Readonly<Record<string, number>> },
  nowMs: number,
): FinishCost | null {
  const all = lotChoices(db);
  const chosen = Object.entries(lots).flatMap(([slot, id]) => {
    const lot = all.find((one) => one.id === id);
    return lot ? [{ slot, lot }] : [];
  });
  return reckon(db, { regimen, lots: chosen, refused: [], gains: [], costs: [], readyDays: 0 }, all, asked, nowMs);
}

/** What every finish that suits a piece costs, the cheapest over the years first, those whose price nobody entered last; what no gate lets through is not reckoned. */
export function finishCosts(db: Db, asked: CostAsked, nowMs: number): FinishCost[] {
  const { food, keepOff, slowsCure } = asked.species;
  const lots = lotChoices(db);
  const wish: FinishWish = {
    uses: asked.design.uses,
    closed: false,
    owner: asked.by === 'owner' ? 're-oils' : asked.by === 'nobody' ? 'will-not' : 'unknown',
    avoid: [],
    days: null,
    shine: 'any',
    colour: 'any',
    wood: { food, keepOff: [...keepOff], origin: 'bought', slowsCure },
    piece: asked.design.geometry,
    woodId: asked.species.id,
  };
  return allRegimens(db)
    .filter((regimen) => !isRestoration(regimen.id))
    .flatMap((regimen) => choicesOf(regimen, lots, wish))
    .flatMap((choice) => reckon(db, choice, lots, asked, nowMs) ?? [])
    .sort((a, b) => Number(a.unpriced.length > 0) - Number(b.unpriced.length > 0) || a.likely.total - b.likely.total);
}

/** A regimen with each thing its first material may be: neat tung, walnut, a blend of the shop’s own; none that a gate refuses. */
function choicesOf(regimen: Regimen, lots: readonly LotChoice[], wish: FinishWish): Choice[] {
  const slot = regimen.slots.find((one) => regimen.steps.some((step) => step.slot === one.slot && !step.optional));
  const offered = slot ? offerFor(slot, lots, regimen.steps).lots : [];
  const titles = [...new Set(offered.map((lot) => lot.title))];
  const ways = titles.length > 0 ? titles : [null];
  return ways.flatMap((title) => {
    const some = lots.filter((lot) => !offered.some((one) => one.id === lot.id) || lot.title === title);
    return chooseFinish([regimen], some, wish).filter((choice) => choice.refused.length === 0);
  });
}
