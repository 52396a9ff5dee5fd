import 'server-only';
import { learnedA0 } from '../cure/learned';
import { sql } from 'drizzle-orm';
import { worstOf } from '@/core/material';
import { dateOf, fail, ok, type Result } from '@/core/quantity';
import { type Evidence, type Gate, type GateId, gatesOf, mayRelease } from '@/core/release';
import { chalkNumber } from '@/core/trace';
import { type By, command } from '../command';
import type { Db } from '../db';
import { ragsOpenFor } from '../rags/queries';
import { release } from '../schema';
import { theShop } from '../shop/queries';
import { type Batch, loadBatch } from '../work/batch';
import { type Standing, standingOfBatch } from '../work/standing';

/** What a batch's materials hold, as the slip must name it: contents, allergens, and what nobody declared. */
export function contentsOf({ materials }: Pick<Batch, 'materials'>) {
  const lots = Object.values(materials);
  const all = (of: (lot: (typeof lots)[number]) => readonly string[]): string[] => [...new Set(lots.flatMap(of))];
  return {
    contents: all((lot) => lot.contents),
    allergens: all((lot) => lot.nature?.allergens ?? []).sort(),
    undeclared: all((lot) => lot.undeclared),
  };
}

/** What a batch's release is judged on. */
export function evidenceOf(db: Db, batch: Batch, standing: Standing): Evidence {
  const lots = Object.values(batch.materials);
  return {
    stepsLeft: standing.progress.rest.length,
    fitness: standing.fitness,
    species: batch.species,
    origin: batch.origin,
    contact: worstOf(lots.map((lot) => lot.nature?.contact ?? 'not-for-food')),
    cutOn: batch.design.cutOn,
    knifeSurface: batch.regimen.knifeSurface && lots.every((lot) => lot.nature?.knifeSurface ?? false),
    ragsOpen: ragsOpenFor(db, batch.id) + (batch.splitFrom === null ? 0 : ragsOpenFor(db, batch.splitFrom)),
    mouthed: batch.design.mouthed,
    undeclared: contentsOf(batch).undeclared.length,
    allergens: contentsOf(batch).allergens,
  };
}

export type Decision = {
  readonly batchId: number;
  readonly outcome: 'released' | 'refused';
  readonly reason: string;
  readonly signed: readonly GateId[];
};

function nextReleaseNumber(tx: Db, nowMs: number): string {
  const year = Number(dateOf(nowMs, theShop(tx).zone).slice(0, 4));
  const count = tx.select({ n: sql<number>`count(*)` }).from(release).get()?.n ?? 0;
  return chalkNumber('R', year, count + 1, 3);
}

/** Releases or refuses a batch on the evidence of this moment; the record never changes. */
export function decideRelease(
  db: Db,
  { batchId, outcome, reason, signed }: Decision,
  by: By,
): Result<{ readonly number: string }> {
  return command(db, (tx) => {
    const batch = loadBatch(tx, batchId, by.nowMs);
    if (!batch) return fail('not-found', 'batchId');
    if (batch.release) return fail('already-decided', 'batchId');
    const held = outcome === 'released' ? Object.values(batch.materials).find((lot) => lot.held) : undefined;
    if (held) return fail('lot-held', 'batchId', { number: held.held?.number ?? held.number });
    const evidence = evidenceOf(tx, batch, standingOfBatch(tx, batch, by.nowMs, learnedA0(tx)));
    const gates = gatesOf(evidence);
    const needsReason = outcome === 'refused' || gates.some((gate) => !gate.met);
    if (outcome === 'released' && !mayRelease(gates, signed))
      return fail('gate-unmet', 'signed', { gate: firstUnmet(gates, signed) });
    if (needsReason && reason.trim() === '') return fail('reason-needed', 'reason');
    const number = nextReleaseNumber(tx, by.nowMs);
    tx.insert(release)
      .values({
        number,
        batchId,
        outcome,
        reason: reason.trim(),
        gates: gates.map((gate) => ({ ...gate })),
        signed: [...signed],
        personId: by.personId,
        at: by.nowMs,
      })
      .run();
    return ok({ number });
  });
}

const firstUnmet = (gates: readonly Gate[], signed: readonly GateId[]): string =>
  gates.find((gate) => !gate.met && !(gate.mayOverride && signed.includes(gate.id)))?.id ?? '';
