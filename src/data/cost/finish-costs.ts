import 'server-only';
import { and, eq, inArray, sql } from 'drizzle-orm';
import { type Choice, choicesByTitle, type FinishWish } from '@/core/choose';
import {
  type FinishFigures,
  finishCost,
  minutesTimes,
  type Paid,
  paidFor,
  plannedMin,
  type Upkeeper,
  wipedShare,
} from '@/core/cost';
import { findIngredient, type Species } from '@/core/material';
import { MS_PER_DAY, MS_PER_HOUR, toMajor } from '@/core/quantity';
import { isRestoration, type Regimen } from '@/core/regimen';
import { whatComesBack } from '../care/returns';
import { allRegimens, type Design } from '../catalogue/catalogue';
import type { Db } from '../db';
import { keep } from '../kept';
import { batch, logEntry, massReading, release } from '../schema';
import { theShop } from '../shop/queries';
import { catalogueOf } from '../stores/catalogue';
import { type KnownLot, lotOf, materialIdOf } from '../stores/queries';
import { DAYS_A_MONTH, usedUp } from '../stores/used-up';
import { taughtOf } from '../trials/teach';
import { loadBatch } from '../work/batch';
import { lotChoices } from '../work/lot-choices';
import { progressOfBatch } from '../work/standing';
import { trialBatchIds } from '../work/trial-of';
import { shopUptake } from '../work/uptake';

export type CostAsked = {
  readonly design: Design;
  readonly species: Species;
  readonly by: Upkeeper;
  readonly years: number;
};

/** One finish with what it costs a piece. */
export type FinishCost = FinishFigures & { readonly choice: Choice };

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
const wipedOff = (db: Db) =>
  keep(db, 'wiped off', () => {
    const rows = db.select().from(massReading).all();
    const drawn = new Map(
      db
        .select()
        .from(logEntry)
        .where(
          and(
            eq(logEntry.gramsEstimated, false),
            inArray(logEntry.batchId, db.select({ id: massReading.batchId }).from(massReading)),
          ),
        )
        .all()
        .filter((row) => row.grams !== null && row.grams > 0 && row.pieces > 0)
        .map((row) => [`${row.batchId} ${row.task}`, (row.grams ?? 0) / row.pieces]),
    );
    const trials = trialBatchIds(db);
    return wipedShare(
      rows.flatMap(({ batchId, task, beforeG, afterG }) => {
        const drawnG = drawn.get(`${batchId} ${task}`);
        return trials.has(batchId) || drawnG === undefined || afterG === null ? [] : [{ drawnG, stayedG: afterG - beforeG }];
      }),
    );
  });

/** Of each regimen the latest so many released batches say how long it takes. Source: working bound. */
const LATEST = 20;

/** How long released batches took of hands, beside their regimen's figures, coats that were added and steps that were left out counted. */
const tookBefore = (db: Db) =>
  keep(db, 'minutes by regimen', () => {
    const ids = db.all<{ id: number }>(sql`
      select "id" from (
        select ${batch.id} as "id", row_number() over (partition by ${batch.regimenRevisionId} order by ${release.at} desc) as "nth"
        from ${release} join ${batch} on ${batch.id} = ${release.batchId} where ${release.outcome} = 'released'
      ) where "nth" <= ${LATEST}`);
    return minutesTimes(
      ids.flatMap(({ id }) => {
        const of = loadBatch(db, id, 0);
        if (!of) return [];
        const done = progressOfBatch(of).progress.done.filter(({ fact }) => fact.kind === 'done');
        const minutes = done.reduce((sum, { task }) => sum + task.handsMin, 0);
        return [
          {
            regimen: of.regimen.id,
            tookMin: minutes / Math.max(1, of.pieces.length),
            plannedMin: plannedMin(of.regimen, of.design.area),
          },
        ];
      }),
    );
  });

/** What is asked of the shop for every finish that is reckoned, looked up once. */
const knownBy = (db: Db, nowMs: number) => ({
  shop: theShop(db),
  choices: lotChoices(db),
  used: usedPerMonth(db, nowMs),
  catalogue: catalogueOf(db),
  uptake: shopUptake(db),
  wiped: wipedOff(db).share,
  took: tookBefore(db),
  back: whatComesBack(db, []).rows,
  nowMs,
});
type Known = ReturnType<typeof knownBy>;

/** What the shop paid for a lot, and how fast it uses such. */
function paidForLot(lot: KnownLot, { shop: { currency }, used, catalogue, nowMs }: Known): Paid {
  const id = materialIdOf(lot) ?? '';
  const months = (ms: number): number => ms / MS_PER_DAY / DAYS_A_MONTH;
  return paidFor({
    isPack: lot.kind === 'bought' || lot.kind === 'ready',
    price: lot.priceMinor === null ? null : toMajor(lot.priceMinor, currency),
    grams: lot.receivedG,
    costPerKg: lot.minorPerKg === null ? null : toMajor(lot.minorPerKg, currency),
    keepsMonths:
      lot.labelBestBefore === null
        ? findIngredient(id, catalogue)?.shelfMonths
        : months(Date.parse(lot.labelBestBefore) - lot.at),
    hereMonths: months(nowMs - lot.at),
    used: used.get(id),
  });
}

/** Reckons one finish of a piece by what this shop paid, weighed, timed and had back. */
function reckon(db: Db, choice: Choice, known: Known, asked: CostAsked): FinishCost | null {
  const { species } = asked;
  const { currency, hourMinor } = known.shop;
  const { regimen } = choice;
  const chosen = choice.lots.flatMap(({ slot, lot }) => {
    const found = known.choices.find((one) => one.id === lot.id);
    const held = lotOf(db, lot.id);
    return found && held ? [[slot, { ...found, paid: paidForLot(held, known) }] as const] : [];
  });
  const came = known.back.find((row) => row.finish === regimen.careClass && row.speciesId === species.id);
  const ingredients = choice.lots.flatMap(({ lot }) => lot.ingredients);
  const figures = finishCost({
    ...asked,
    regimen,
    ratePerHour: hourMinor === null ? 0 : toMajor(hourMinor, currency),
    lots: Object.fromEntries(chosen),
    uptake: known.uptake,
    wiped: known.wiped,
    took: known.took.get(regimen.id),
    taught: taughtOf(db, { regimenId: regimen.id, ingredients, speciesId: species.id }),
    back: came && { share: came.back.share, sold: came.sold },
  });
  return figures && { choice, ...figures };
}

/** What one finish that was chosen costs a piece; null where it cannot be reckoned. */
export const costOfChoice = (db: Db, choice: Choice, asked: CostAsked, nowMs: number): FinishCost | null =>
  reckon(db, choice, knownBy(db, nowMs), asked);

/** The same of a regimen with the lots that were chosen for it, as a form or a batch has them. */
export function costOfLots(
  db: Db,
  { regimen, lots, ...asked }: CostAsked & { readonly regimen: Regimen; readonly lots: Readonly<Record<string, number>> },
  nowMs: number,
): FinishCost | null {
  const known = knownBy(db, nowMs);
  const chosen = Object.entries(lots).flatMap(([slot, id]) => {
    const lot = known.choices.find((one) => one.id === id);
    return lot ? [{ slot, lot }] : [];
  });
  return reckon(db, { regimen, lots: chosen, refused: [], gains: [], costs: [], readyDays: 0 }, known, asked);
}

/** What every finish that suits a piece costs, the cheapest over the years first, those whose price nobody entered last; what no gate lets through is not reckoned. */
export const finishCosts = (db: Db, asked: CostAsked, nowMs: number): readonly FinishCost[] =>
  keep(db, 'costs', () => costOfEach(db, asked, nowMs), askedNow(asked, nowMs));

/** What was asked, and the hour: what a month uses up is counted back from now. */
const askedNow = ({ design, species, by, years }: CostAsked, nowMs: number): string =>
  JSON.stringify([design.revisionId, design.uses, species.id, by, years, Math.floor(nowMs / MS_PER_HOUR)]);

function costOfEach(db: Db, asked: CostAsked, nowMs: number): FinishCost[] {
  const { food, keepOff, slowsCure } = asked.species;
  const known = knownBy(db, nowMs);
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
    .flatMap((regimen) => choicesByTitle(regimen, known.choices, wish, known.catalogue))
    .flatMap((choice) => reckon(db, choice, known, asked) ?? [])
    .sort((a, b) => Number(a.unpriced.length > 0) - Number(b.unpriced.length > 0) || a.likely.total - b.likely.total);
}
