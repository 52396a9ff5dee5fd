import 'server-only';
import { and, eq } from 'drizzle-orm';
import { blend, correct } from '@/core/blend';
import { fail, ok, type Result } from '@/core/quantity';
import { addMonths, dateOf } from '@/core/quantity';
import { type By, command } from '../command';
import type { Db } from '../db';
import { container, fill, formulaRevision, lot, lotEdge, potReading, pour, pourEntry } from '../schema';
import { theShop } from '../shop/queries';
import { move, nextLotNumber } from '../stores/commands';
import { leftOf } from '../stores/queries';
import { findPot, type Pot } from './queries';

export function startPour(
  db: Db,
  input: { readonly revisionId: number; readonly targetG: number },
  by: By,
): Result<{ readonly id: number }> {
  return command(db, (tx) => {
    if (!tx.select().from(formulaRevision).where(eq(formulaRevision.id, input.revisionId)).get())
      return fail('not-found', 'revisionId');
    if (!(input.targetG > 0)) return fail('must-be-positive', 'targetG');
    return ok(
      tx
        .insert(pour)
        .values({ formulaRevisionId: input.revisionId, targetG: input.targetG, personId: by.personId, at: by.nowMs })
        .returning({ id: pour.id })
        .get(),
    );
  });
}

type Open = { readonly pot: Pot };

/** A pot that may still be changed, at the version the maker saw when one is given. */
function openPot(tx: Db, id: number, states: readonly Pot['state'][], version?: number): Result<Open> {
  const pot = findPot(tx, id);
  if (!pot) return fail('not-found', 'pourId');
  if (!states.includes(pot.state)) return fail('pour-closed', 'pourId');
  return version !== undefined && pot.version !== version ? fail('stale', '') : ok({ pot });
}

const touch = (tx: Db, pot: Pot, change: Partial<typeof pour.$inferInsert>): void => {
  tx.update(pour)
    .set({ ...change, version: pot.version + 1 })
    .where(and(eq(pour.id, pot.id), eq(pour.version, pot.version)))
    .run();
};

export type Weighed = {
  readonly clientId: string;
  readonly pourId: number;
  readonly ingredientId: string;
  readonly lotId: number;
  readonly readingG: number;
  readonly corrects: string | null;
};

/** What the scale said once an ingredient was in: its grams are the rise since the reading before, and leave its lot. */
export function recordWeighing(db: Db, input: Weighed, by: By): Result<void> {
  return command(db, (tx) => {
    const open = openPot(tx, input.pourId, ['weighing']);
    if (!open.ok) return open;
    const { entries, revision } = open.value.pot;
    if (tx.select().from(pourEntry).where(eq(pourEntry.clientId, input.clientId)).get()) return ok(undefined);
    if (!revision.lines.some((line) => line.ingredient === input.ingredientId))
      return fail('unknown-line', 'ingredientId', { id: input.ingredientId });
    const replaced = entries.find((entry) => entry.clientId === input.corrects);
    if (input.corrects && (!replaced || replaced !== entries.at(-1))) return fail('not-found', 'corrects');
    const before = replaced ? replaced.readingG - replaced.grams : (entries.at(-1)?.readingG ?? 0);
    const grams = input.readingG - before;
    if (grams <= 0) return fail('reading-fell', 'readingG', { before });
    if (replaced) {
      const back = move(tx, { lotId: replaced.lotId, grams: replaced.grams, why: 'correction', entry: input.clientId }, by);
      if (!back.ok) return back;
    }
    const source = tx.select().from(lot).where(eq(lot.id, input.lotId)).get();
    if (source?.ingredientId !== input.ingredientId) return fail('not-found', 'lotId');
    const out = move(tx, { lotId: input.lotId, grams: -grams, why: 'pour', entry: input.clientId }, by);
    if (!out.ok) return out;
    tx.insert(pourEntry)
      .values({ ...input, grams, personId: by.personId, at: by.nowMs })
      .run();
    return ok(undefined);
  });
}

/** After an overshoot: the pot grows to the size at which the ratio holds again. */
export function rescale(db: Db, pourId: number, version: number): Result<{ readonly totalG: number }> {
  return command(db, (tx) => {
    const open = openPot(tx, pourId, ['weighing'], version);
    if (!open.ok) return open;
    const { pot } = open.value;
    const poured = Object.fromEntries(pot.revision.lines.map((line) => [line.ingredient, pouredOf(pot, line.ingredient)]));
    const fixed = correct({ mode: 'overpour', lines: pot.revision.lines, basis: pot.revision.basis, poured });
    if (!fixed.ok) return fixed;
    const totalG = Math.max(pot.targetG, 'totalG' in fixed.value ? (fixed.value.totalG ?? 0) : 0);
    touch(tx, pot, { targetG: totalG });
    return ok({ totalG });
  });
}

export const pouredOf = (pot: Pick<Pot, 'entries'>, ingredient: string): number =>
  pot.entries.filter((entry) => entry.ingredientId === ingredient).reduce((sum, entry) => sum + entry.grams, 0);

const earliest = (dates: readonly (string | null)[]): string | null => dates.filter((date) => date !== null).sort()[0] ?? null;

/** All is weighed: the pot becomes a made lot that knows what went into it. Its best-before is the earliest of the recipe's keeping and its lots'. */
export function finishWeighing(db: Db, pourId: number, version: number, by: By): Result<{ readonly number: string }> {
  return command(db, (tx) => {
    const open = openPot(tx, pourId, ['weighing'], version);
    if (!open.ok) return open;
    const { pot } = open.value;
    const missing = pot.revision.lines.filter((line) => pouredOf(pot, line.ingredient) <= 0);
    if (pot.entries.length < 2 || missing.length > 0) return fail('no-readings', 'entries');
    const poured = pot.revision.lines.map((line) => ({ ingredient: line.ingredient, parts: pouredOf(pot, line.ingredient) }));
    const made = blend({ lines: poured, make: { massG: 100 } });
    if (!made.ok) return made;
    const today = dateOf(by.nowMs, theShop(tx).zone);
    const sources = pot.entries.map((entry) => tx.select().from(lot).where(eq(lot.id, entry.lotId)).get());
    const totalG = poured.reduce((sum, line) => sum + line.parts, 0);
    const number = nextLotNumber(tx, 'B', by.nowMs);
    const bestBefore = earliest([
      addMonths(today, made.value.bestBeforeMonths),
      ...sources.map((source) => source?.bestBefore ?? null),
    ]);
    const row = tx
      .insert(lot)
      .values({
        number,
        kind: 'made',
        formulaRevisionId: pot.formulaRevisionId,
        receivedG: totalG,
        bestBefore,
        openedOn: today,
        personId: by.personId,
        at: by.nowMs,
      })
      .returning({ id: lot.id })
      .get();
    const byLot = new Map<number, number>();
    for (const entry of pot.entries) byLot.set(entry.lotId, (byLot.get(entry.lotId) ?? 0) + entry.grams);
    tx.insert(lotEdge)
      .values([...byLot].map(([fromLot, grams]) => ({ fromLot, intoLot: row.id, grams })))
      .run();
    const moved = move(tx, { lotId: row.id, grams: totalG, why: 'receive' }, by);
    if (!moved.ok) return moved;
    touch(tx, pot, { lotId: row.id, state: made.value.heat === 'water-bath' ? 'heating' : 'filling' });
    return ok({ number });
  });
}

export function recordPotTemperature(
  db: Db,
  input: { readonly clientId: string; readonly pourId: number; readonly tempC: number },
  by: By,
): Result<void> {
  return command(db, (tx) => {
    const open = openPot(tx, input.pourId, ['heating', 'filling']);
    if (!open.ok) return open;
    tx.insert(potReading)
      .values({ ...input, at: by.nowMs })
      .onConflictDoNothing({ target: potReading.clientId })
      .run();
    return ok(undefined);
  });
}

/** The pot is clear and off the heat. */
export function finishHeating(db: Db, pourId: number, version: number): Result<void> {
  return command(db, (tx) => {
    const open = openPot(tx, pourId, ['heating'], version);
    if (!open.ok) return open;
    touch(tx, open.value.pot, { state: 'filling' });
    return ok(undefined);
  });
}

export type Filling = {
  readonly pourId: number;
  readonly version: number;
  readonly residueG: number;
  readonly jars: readonly { readonly containerId: number; readonly count: number; readonly netG: number }[];
};

/** Fills jars from the pot: each size becomes a lot of tins, what stays in the pot is a loss, what is left is the shop jar. */
export function fillJars(db: Db, input: Filling, by: By): Result<{ readonly leftG: number }> {
  return command(db, (tx) => {
    const open = openPot(tx, input.pourId, ['filling'], input.version);
    if (!open.ok) return open;
    const { pot } = open.value;
    const made = pot.lotId === null ? undefined : tx.select().from(lot).where(eq(lot.id, pot.lotId)).get();
    if (!made) return fail('not-found', 'pourId');
    if (input.residueG > 0) {
      const lost = move(tx, { lotId: made.id, grams: -input.residueG, why: 'loss' }, by);
      if (!lost.ok) return lost;
    }
    for (const [index, { containerId, count, netG }] of input.jars.filter((jar) => jar.count > 0).entries()) {
      const size = tx.select().from(container).where(eq(container.id, containerId)).get();
      if (!size) return fail('not-found', `jars.${index}`);
      if (size.have < count) return fail('not-enough-jars', `jars.${index}.count`, { name: size.name, have: size.have });
      const grams = count * netG;
      const out = move(tx, { lotId: made.id, grams: -grams, why: 'fill' }, by);
      if (!out.ok) return out;
      const tin = tx
        .insert(lot)
        .values({ ...tinOf(made, index), receivedG: grams, containerId, count, personId: by.personId, at: by.nowMs })
        .returning({ id: lot.id })
        .get();
      tx.insert(lotEdge).values({ fromLot: made.id, intoLot: tin.id, grams }).run();
      const into = move(tx, { lotId: tin.id, grams, why: 'receive' }, by);
      if (!into.ok) return into;
      tx.insert(fill).values({ pourId: pot.id, containerId, count, netG, lotId: tin.id }).run();
      tx.update(container)
        .set({ have: size.have - count, version: size.version + 1 })
        .where(eq(container.id, containerId))
        .run();
    }
    touch(tx, pot, { state: 'done' });
    return ok({ leftG: leftOf(tx, made.id) });
  });
}

const tinOf = (made: typeof lot.$inferSelect, index: number) => ({
  number: `${made.number}/${String.fromCharCode(97 + index)}`,
  kind: 'tin' as const,
  formulaRevisionId: made.formulaRevisionId,
  bestBefore: made.bestBefore,
});

/** Gives a pot up: what was weighed is gone from its lots and stays on the record. */
export function abandonPour(db: Db, pourId: number, version: number): Result<void> {
  return command(db, (tx) => {
    const open = openPot(tx, pourId, ['weighing', 'heating', 'filling'], version);
    if (!open.ok) return open;
    touch(tx, open.value.pot, { state: 'abandoned' });
    return ok(undefined);
  });
}
