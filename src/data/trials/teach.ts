import 'server-only';
import { eq, sql } from 'drizzle-orm';
import { careTraits } from '@/core/care';
import { type Catalogue, likeIngredient, likeWood } from '@/core/material';
import { kindTraits, type Taught, taught, type Washed } from '@/core/trial';
import type { Db } from '../db';
import { keep } from '../kept';
import { batch, piece, regimenRevision, sale } from '../schema';
import { catalogueOf } from '../stores/catalogue';
import { type Batch, loadBatch } from '../work/batch';
import { allTrials, answerTo, type Trial } from './queries';

/** A finish as a trial tells it from others: its regimen, what lies on it, and the wood. */
type Finish = { readonly regimenId: string; readonly ingredients: readonly string[]; readonly speciesId: string };

const keyOf = ({ regimenId, ingredients, speciesId }: Finish, catalogue: Catalogue): string =>
  JSON.stringify([
    regimenId,
    [...new Set(ingredients.map((id) => likeIngredient(id, catalogue)))].sort(),
    likeWood(speciesId, catalogue),
  ]);

/** What a treatment was finished with, and its batch; null for the bare one. */
function finishOf(db: Db, trial: Trial, { isBare, batchId, regimenId }: Trial['treatments'][number]) {
  const laid = isBare ? null : loadBatch(db, batchId, trial.at);
  if (!laid) return null;
  const finish: Finish = { regimenId, ingredients: laid.on.flatMap((lot) => lot.ingredients), speciesId: trial.speciesId };
  return { finish, careClass: laid.regimen.careClass };
}

/** Pieces sold by regimen: what a shop has sold most is what it knows best. */
const soldBy = (db: Db): ReadonlyMap<string, number> =>
  new Map(
    db
      .select({ id: regimenRevision.regimenId, n: sql<number>`count(*)` })
      .from(sale)
      .innerJoin(piece, eq(piece.id, sale.pieceId))
      .innerJoin(batch, eq(batch.id, piece.batchId))
      .innerJoin(regimenRevision, eq(regimenRevision.id, batch.regimenRevisionId))
      .groupBy(regimenRevision.regimenId)
      .all()
      .map((row) => [row.id, row.n]),
  );

type Told = { readonly key: string; readonly washed: Washed & { readonly knownDays: number; readonly houseDays: number } };

/** What one washing trial says of each of its finishes, beside the one of them that is known best. */
function toldBy(db: Db, trial: Trial, sold: ReadonlyMap<string, number>): Told[] {
  if (trial.wear !== 'wash' || !kindTraits(trial.question).washes) return [];
  const answer = answerTo(trial, trial.question);
  if (!answer.ok || answer.value.treatments.some((one) => one.verdict === 'too-few')) return [];
  const rows = trial.treatments.flatMap((treatment) => {
    const cycles = answer.value.treatments.find((one) => one.id === treatment.key)?.cyclesTo ?? null;
    const laid = finishOf(db, trial, treatment);
    const days = laid && careTraits(laid.careClass).baseDays;
    return laid && days != null && cycles !== null
      ? [{ finish: laid.finish, cycles, days, sold: sold.get(treatment.regimenId) ?? 0 }]
      : [];
  });
  const known = rows.reduce<(typeof rows)[number] | null>((best, one) => (best && best.sold >= one.sold ? best : one), null);
  if (!known) return [];
  return rows
    .filter((one) => one !== known)
    .map(({ finish, cycles, days }) => ({
      key: keyOf(finish, catalogueOf(db)),
      washed: {
        cycles,
        knownCycles: known.cycles,
        boards: answer.value.blocks,
        knownDays: known.days,
        houseDays: days,
      },
    }));
}

/** What this shop's washing trials have taught of a finish: by what its interval is moved, and how much that rests on. */
export function taughtOf(db: Db, finish: Finish): Taught {
  const all = keep(db, 'taught', () => {
    const sold = soldBy(db);
    return allTrials(db).flatMap((trial) => toldBy(db, trial, sold));
  });
  const key = keyOf(finish, catalogueOf(db));
  return taught(all.filter((one) => one.key === key).map((one) => one.washed));
}

/** How a finish colours a wood, as trials read it from pictures: the mean over boards at the first cycle, and in words. */
export type ColourSeen = { readonly deltaE: number; readonly boards: number; readonly words: string };

/** From this far from bare wood a colour is called so. Source: working estimates of what is seen side by side. */
const COLOUR_WORDS = [
  [2, 'it leaves the colour as it is'],
  [7, 'it warms the colour a little'],
  [15, 'it darkens clearly'],
  [Number.POSITIVE_INFINITY, 'it darkens strongly'],
] as const;

/** What trials have shown of how a finish colours a wood; null where none was photographed. */
export function colourSeen(db: Db, finish: Finish): ColourSeen | null {
  const key = keyOf(finish, catalogueOf(db));
  const values = allTrials(db).flatMap((trial) =>
    trial.treatments.flatMap((treatment) => {
      const laid = finishOf(db, trial, treatment);
      if (!laid || keyOf(laid.finish, catalogueOf(db)) !== key) return [];
      const of = trial.values.filter((one) => one.kind === 'darkened' && one.treatment === treatment.key);
      const first = Math.min(...of.map((one) => one.cycle));
      return of.filter((one) => one.cycle === first).map((one) => one.value);
    }),
  );
  if (values.length === 0) return null;
  const deltaE = values.reduce((sum, one) => sum + one, 0) / values.length;
  return { deltaE, boards: values.length, words: COLOUR_WORDS.find(([below]) => deltaE < below)?.[1] ?? '' };
}

/** The same of a batch, by what lies on it and its wood. */
export const taughtOfBatch = (db: Db, { regimen, on, species }: Pick<Batch, 'regimen' | 'on' | 'species'>): Taught =>
  taughtOf(db, { regimenId: regimen.id, ingredients: on.flatMap((lot) => lot.ingredients), speciesId: species.id });
