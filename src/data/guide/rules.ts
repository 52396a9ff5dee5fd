import 'server-only';
import { asc, eq } from 'drizzle-orm';
import { findSchool, type GuideFacts, keepsTo, type OwnRule, QUESTIONS } from '@/core/guide';
import { type Catalogue, likeOf } from '@/core/material';
import { fail, groupBy, ok, type Result } from '@/core/quantity';
import { type By, command } from '../command';
import type { Db } from '../db';
import { keep } from '../kept';
import { carePlan, careReport, houseRule, piece, release, sale } from '../schema';
import { catalogueOf } from '../stores/catalogue';
import { type Batch, loadBatch } from '../work/batch';

export type HouseRule = OwnRule & { readonly personId: number };

/** The shop's own rules as they stand: of each question the last one, unless it went back to the house's. */
export const ownRules = (db: Db): readonly HouseRule[] =>
  keep(db, 'own rules', () => {
    const rows = db.select().from(houseRule).orderBy(asc(houseRule.id)).all();
    return [...new Map(rows.map((row) => [row.question, row])).values()].filter((row) => row.school !== '');
  });

/** Every rule a question ever had here, the newest first. */
export const rulesOf = (db: Db, question: string): readonly HouseRule[] =>
  db.select().from(houseRule).where(eq(houseRule.question, question)).orderBy(asc(houseRule.id)).all().reverse();

/** The shop takes a side, with its reason; an empty school goes back to the house's choice. It opens no gate. */
export function takeSide(
  db: Db,
  { question, school, reason }: { readonly question: string; readonly school: string; readonly reason: string },
  by: By,
): Result<void> {
  return command(db, (tx) => {
    if (school !== '' && !findSchool(question, school)) return fail('not-found', 'school');
    if (!QUESTIONS.some((one) => one.id === question)) return fail('not-found', 'question');
    if (reason.trim() === '') return fail('reason-needed', 'reason');
    tx.insert(houseRule).values({ question, school, reason: reason.trim(), personId: by.personId, at: by.nowMs }).run();
    return ok(undefined);
  });
}

/** What a batch is to the guide's rules. */
export const guideFactsOf = (
  batch: Pick<Batch, 'design' | 'species' | 'regimen' | 'lots' | 'upkeep'>,
  catalogue: Catalogue,
): GuideFacts => ({
  catalogue,
  uses: batch.design.uses,
  wood: likeOf(batch.species),
  regimen: batch.regimen,
  lots: batch.lots.map(({ slot, lot }) => ({
    slot,
    ingredients: lot.ingredients,
    drying: lot.nature?.drying ?? 'mixed',
    allergens: lot.nature?.allergens ?? [],
  })),
  upkeep: batch.upkeep,
});

/** What this shop has made by one side of a question, and what came of it. */
export type SeenHere = {
  readonly school: string;
  readonly batches: number;
  readonly sold: number;
  /** Sold pieces of which something was said to be wrong, or that came back. */
  readonly wrong: number;
};

/** Released batches with what they are to the rules, and how many of their pieces were sold and found fault with. */
const madeHere = (db: Db) =>
  keep(db, 'guide made', () => {
    const ids = db.selectDistinct({ id: release.batchId }).from(release).where(eq(release.outcome, 'released')).all();
    const rows = db
      .select({ batchId: piece.batchId, planId: carePlan.id })
      .from(sale)
      .innerJoin(piece, eq(piece.id, sale.pieceId))
      .innerJoin(carePlan, eq(carePlan.saleId, sale.id))
      .all();
    const bad = new Set(
      db
        .select()
        .from(careReport)
        .all()
        .filter((row) => row.kind === 'wrong' || row.kind === 'returned')
        .map((row) => row.carePlanId),
    );
    const sales = groupBy(rows, (row) => row.batchId);
    return ids.flatMap(({ id }) => {
      const batch = loadBatch(db, id, 0);
      const sold = sales.get(id) ?? [];
      return batch
        ? [
            {
              facts: guideFactsOf(batch, catalogueOf(db)),
              sold: sold.length,
              wrong: sold.filter((one) => bad.has(one.planId)).length,
            },
          ]
        : [];
    });
  });

/** What this shop has seen of a question, side by side: by which side its batches were made, and what came of them. */
export function seenHere(db: Db, question: string): SeenHere[] {
  const schools = QUESTIONS.find((one) => one.id === question)?.schools ?? [];
  const made = madeHere(db);
  return schools.flatMap(({ id: school }): SeenHere[] => {
    const kept = made.filter(({ facts }) => keepsTo(question, school, facts) === true);
    if (kept.length === 0) return [];
    const sum = (of: (one: (typeof kept)[number]) => number): number => kept.reduce((all, one) => all + of(one), 0);
    return [{ school, batches: kept.length, sold: sum((one) => one.sold), wrong: sum((one) => one.wrong) }];
  });
}
