import 'server-only';
import { and, eq, inArray, sql } from 'drizzle-orm';
import { goodUntil } from '@/core/material';
import { fail, ok, type Result } from '@/core/quantity';
import { edgesInto, lotsInto } from '@/core/trace';
import { type By, command } from '../command';
import type { Db } from '../db';
import { lot, lotEdge, type SLIPS, slip } from '../schema';
import { move, nextLotNumber } from './commands';
import { leftOf } from './queries';

type SlipNote = { readonly kind: (typeof SLIPS)[number]; readonly says: string };

export type Combine = {
  readonly parts: readonly { readonly lotId: number; readonly grams: number }[];
  /** A new made lot of the first lot's formula, a new bath or bottle, or more into one that stands. */
  readonly into:
    | { readonly kind: 'made' }
    | { readonly kind: 'bath' | 'bottle'; readonly name: string }
    | { readonly kind: 'top'; readonly lotId: number };
  readonly slip?: SlipNote;
};

/** An edge keeps at least this much, so that a trace never forgets a lot. */
export const LEAST_EDGE_G = 1e-6;

type Row = typeof lot.$inferSelect;

const earliest = (rows: readonly Row[]): string | null =>
  rows
    .map((row) => goodUntil(row.bestBefore, row.openedOn, row.useWithinDays))
    .filter((date) => date !== null)
    .sort()[0] ?? null;

/** The lot that takes the parts up: the one that stands, or a new one of the same words as what goes in. */
function target(tx: Db, input: Combine, rows: readonly Row[], grams: number, by: By): Result<Row> {
  if (input.into.kind === 'top') {
    const vessel = tx.select().from(lot).where(eq(lot.id, input.into.lotId)).get();
    return vessel?.kind === 'bath' || vessel?.kind === 'bottle' ? ok(vessel) : fail('not-found', 'into');
  }
  const number = nextLotNumber(tx, 'B', by.nowMs);
  const base = { number, receivedG: grams, bestBefore: earliest(rows), personId: by.personId, at: by.nowMs };
  if (input.into.kind !== 'made') {
    if (input.into.name.trim() === '') return fail('required', 'name');
    return ok(
      tx
        .insert(lot)
        .values({ ...base, kind: input.into.kind, name: input.into.name.trim() })
        .returning()
        .get(),
    );
  }
  const formulaRevisionId = rows.find((row) => row.formulaRevisionId !== null)?.formulaRevisionId ?? null;
  if (formulaRevisionId === null) return fail('not-found', 'parts');
  return ok(
    tx
      .insert(lot)
      .values({ ...base, kind: 'made', formulaRevisionId })
      .returning()
      .get(),
  );
}

/**
 * What went into a bottle is brought down to what is still of it there, before more goes in: a thinner poured on the last drops of an oil is a
 * thinner. A lot that ever went in stays among what it is traced to. A bath is otherwise: all that ever went in counts.
 */
function asItIsNow(tx: Db, lotId: number): void {
  const edges = tx.select().from(lotEdge).where(eq(lotEdge.intoLot, lotId)).all();
  const inG = edges.reduce((sum, edge) => sum + edge.grams, 0);
  const leftG = Math.max(0, leftOf(tx, lotId));
  if (inG <= 0 || leftG >= inG) return;
  for (const { fromLot, grams } of edges)
    tx.update(lotEdge)
      .set({ grams: Math.max(LEAST_EDGE_G, (grams * leftG) / inG) })
      .where(and(eq(lotEdge.fromLot, fromLot), eq(lotEdge.intoLot, lotId)))
      .run();
}

/** Pours lots together: one mechanism for marrying, putting right, letting down and baths. Every gram is traced and no lot comes from itself. */
export function combineLots(db: Db, input: Combine, by: By): Result<{ readonly id: number; readonly number: string }> {
  return command(db, (tx) => {
    const parts = input.parts.filter((part) => part.grams > 0);
    if (parts.length === 0) return fail('must-be-positive', 'parts');
    const ids = parts.map((part) => part.lotId);
    if (new Set(ids).size !== ids.length) return fail('same-lot', 'parts');
    const rows = tx.select().from(lot).where(inArray(lot.id, ids)).all();
    if (rows.length !== ids.length) return fail('not-found', 'parts');
    const inOrder = ids.flatMap((id) => rows.find((row) => row.id === id) ?? []);
    const grams = parts.reduce((sum, part) => sum + part.grams, 0);
    const into = target(tx, input, inOrder, grams, by);
    if (!into.ok) return into;
    const edges = edgesInto(
      tx.select({ from: lotEdge.fromLot, into: lotEdge.intoLot, grams: lotEdge.grams }).from(lotEdge).all(),
    );
    if (ids.some((id) => id === into.value.id || lotsInto(id, edges).includes(into.value.id))) return fail('same-lot', 'parts');
    if (into.value.kind === 'bottle' && input.into.kind === 'top') asItIsNow(tx, into.value.id);
    for (const part of parts) {
      const out = move(tx, { lotId: part.lotId, grams: -part.grams, why: into.value.kind === 'bath' ? 'bath' : 'pour' }, by);
      if (!out.ok) return out;
      tx.insert(lotEdge)
        .values({ fromLot: part.lotId, intoLot: into.value.id, grams: part.grams })
        .onConflictDoUpdate({ target: [lotEdge.fromLot, lotEdge.intoLot], set: { grams: sql`${lotEdge.grams} + ${part.grams}` } })
        .run();
    }
    const taken = move(tx, { lotId: into.value.id, grams, why: input.into.kind === 'top' ? 'bath' : 'receive' }, by);
    if (!taken.ok) return taken;
    if (input.into.kind === 'top') {
      const bestBefore = earliest([into.value, ...inOrder]);
      tx.update(lot)
        .set({ bestBefore, version: into.value.version + 1 })
        .where(eq(lot.id, into.value.id))
        .run();
    }
    if (input.slip)
      tx.insert(slip)
        .values({ ...input.slip, lotId: into.value.id, personId: by.personId, at: by.nowMs })
        .run();
    return ok({ id: into.value.id, number: into.value.number });
  });
}

/** Solvent that left through the lid is put back: the lot holds as much as before, and no more of it than is in the bottle. */
export function topUpSolvent(
  db: Db,
  input: { readonly lotId: number; readonly solventLotId: number; readonly lostG: number; readonly slip: SlipNote },
  by: By,
): Result<{ readonly id: number }> {
  return command(db, (tx) => {
    const solvent = tx.select().from(lot).where(eq(lot.id, input.solventLotId)).get();
    if (!solvent?.ingredientId) return fail('not-found', 'other');
    if (!(input.lostG > 0)) return fail('must-be-positive', 'gross');
    const lost = move(tx, { lotId: input.lotId, grams: -input.lostG, why: 'loss' }, by);
    if (!lost.ok) return lost;
    const out = move(tx, { lotId: solvent.id, grams: -input.lostG, why: 'pour' }, by);
    if (!out.ok) return out;
    const back = move(tx, { lotId: input.lotId, grams: input.lostG, why: 'correction' }, by);
    if (!back.ok) return back;
    // What left into the air is taken off the solvent that went in before, so that the contents stay true.
    let open = input.lostG;
    for (const edge of tx.select().from(lotEdge).where(eq(lotEdge.intoLot, input.lotId)).all()) {
      const from = tx.select().from(lot).where(eq(lot.id, edge.fromLot)).get();
      if (from?.ingredientId !== solvent.ingredientId || open <= 0) continue;
      const taken = Math.min(open, edge.grams - LEAST_EDGE_G);
      if (taken <= 0) continue;
      open -= taken;
      tx.update(lotEdge)
        .set({ grams: edge.grams - taken })
        .where(and(eq(lotEdge.fromLot, edge.fromLot), eq(lotEdge.intoLot, input.lotId)))
        .run();
    }
    tx.insert(lotEdge)
      .values({ fromLot: solvent.id, intoLot: input.lotId, grams: input.lostG })
      .onConflictDoUpdate({ target: [lotEdge.fromLot, lotEdge.intoLot], set: { grams: sql`${lotEdge.grams} + ${input.lostG}` } })
      .run();
    tx.insert(slip)
      .values({ ...input.slip, lotId: input.lotId, personId: by.personId, at: by.nowMs })
      .run();
    return ok({ id: input.lotId });
  });
}
