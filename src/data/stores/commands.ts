import 'server-only';
import { and, desc, eq, sql } from 'drizzle-orm';
import { type Catalogue, findIngredient } from '@/core/material';
import { fail, ok, type Result } from '@/core/quantity';
import { nextNumber } from '@/data/shop/numbers';
import { type By, command } from '../command';
import type { Db } from '../db';
import { container, lot, type MOVES, movement, place, readyMade, readyMadeWas } from '../schema';
import { catalogueOf } from './catalogue';
import { heldBy } from './holds';
import { leftOf } from './queries';

/** The next free number of a year: `S26-01` for bought lots, `B26-01` for made ones. */
export const nextLotNumber = (db: Db, prefix: 'S' | 'B', nowMs: number): string =>
  nextNumber(db, { table: lot, column: lot.number, prefix, digits: 2, but: sql`${lot.kind} <> 'tin'` }, nowMs);

type Move = {
  readonly lotId: number;
  readonly grams: number;
  readonly why: (typeof MOVES)[number];
  readonly entry?: string;
  readonly at?: number;
  /** It was weighed or laid: written whatever the book says, which a count puts right. */
  readonly happened?: boolean;
};

/** What a hold stops; weighing again, throwing away and putting right stay open. */
const USES: ReadonlySet<Move['why']> = new Set(['pour', 'coat', 'bath', 'fill', 'sale']);

/**
 * Moves stock in or out of a lot. Nothing is drawn from one that is held or holds a held one; nothing is sold, filled or thrown away that the
 * book does not hold, but what happened at the wood or the pot is kept, and a count asked for.
 */
export function move(tx: Db, { lotId, grams, why, entry, at, happened = false }: Move, by: By): Result<void> {
  if (grams === 0) return ok(undefined);
  if (grams < 0) {
    const held = USES.has(why) ? heldBy(tx, lotId, at ?? by.nowMs) : null;
    if (held) return fail('lot-held', 'lotId', { number: held });
    const left = leftOf(tx, lotId);
    if (left + grams < -1e-6 && !happened) {
      const number = tx.select({ number: lot.number }).from(lot).where(eq(lot.id, lotId)).get()?.number ?? '';
      return fail('overdrawn', 'grams', { number, left, wanted: -grams });
    }
  }
  tx.insert(movement)
    .values({ lotId, grams, why, entry: entry ?? null, personId: by.personId, at: at ?? by.nowMs })
    .run();
  return ok(undefined);
}

export type NewLot = {
  /** Either an ingredient of the house or a ready-made of the shop. */
  readonly ingredientId: string | null;
  readonly readyMadeId?: number | null;
  readonly grams: number;
  readonly supplier: string;
  readonly supplierCode: string;
  readonly openedOn: string | null;
  readonly bestBefore: string | null;
  readonly useWithinDays?: number | null;
  readonly placeId?: number | null;
  readonly priceMinor: number | null;
  readonly note: string;
};

/** Receives a bought lot. */
export function receiveLot(db: Db, input: NewLot, by: By): Result<{ readonly id: number; readonly number: string }> {
  return command(db, (tx) => {
    const { grams, ...facts } = input;
    const ready = input.readyMadeId ? tx.select().from(readyMade).where(eq(readyMade.id, input.readyMadeId)).get() : undefined;
    if (!ready && !findIngredient(input.ingredientId ?? '', catalogueOf(tx)))
      return fail('unknown-ingredient', 'ingredientId', { id: input.ingredientId ?? '' });
    const number = nextLotNumber(tx, 'S', by.nowMs);
    const row = tx
      .insert(lot)
      .values({ ...facts, number, kind: ready ? 'ready' : 'bought', receivedG: grams, personId: by.personId, at: by.nowMs })
      .returning({ id: lot.id })
      .get();
    const moved = move(tx, { lotId: row.id, grams, why: 'receive' }, by);
    return moved.ok ? ok({ id: row.id, number }) : moved;
  });
}

/** Where a lot stands, when it was opened, and what its label says of its keeping. */
export function placeLot(
  db: Db,
  {
    lotId,
    version,
    ...facts
  }: {
    readonly lotId: number;
    readonly version: number;
    readonly placeId: number | null;
    readonly openedOn: string | null;
    readonly bestBefore: string | null;
    readonly useWithinDays: number | null;
  },
): Result<void> {
  return command(db, (tx) => {
    if (facts.placeId !== null && !tx.select().from(place).where(eq(place.id, facts.placeId)).get())
      return fail('not-found', 'placeId');
    const changed = tx
      .update(lot)
      .set({ ...facts, version: version + 1 })
      .where(and(eq(lot.id, lotId), eq(lot.version, version)))
      .run();
    return changed.changes === 0 ? fail('stale', '') : ok(undefined);
  });
}

/** Puts a lot's stock to what was weighed now. */
export function countLot(db: Db, lotId: number, foundG: number, by: By): Result<void> {
  return command(db, (tx) => {
    if (!tx.select().from(lot).where(eq(lot.id, lotId)).get()) return fail('not-found', 'lotId');
    return move(tx, { lotId, grams: foundG - leftOf(tx, lotId), why: 'count' }, by);
  });
}

export function addContainer(
  db: Db,
  input: {
    readonly name: string;
    readonly capacityMl: number;
    readonly fillFraction: number;
    readonly have: number;
    readonly tareG?: number | null;
    readonly priceMinor?: number | null;
  },
): Result<void> {
  return command(db, (tx) => {
    if (tx.select().from(container).where(eq(container.name, input.name)).get())
      return fail('name-taken', 'name', { name: input.name });
    tx.insert(container).values(input).run();
    return ok(undefined);
  });
}

/** Says how many of a jar there are now; refused when someone else changed it since `version`. */
export function countContainer(db: Db, id: number, have: number, version: number): Result<void> {
  return command(db, (tx) => {
    const changed = tx
      .update(container)
      .set({ have, version: version + 1 })
      .where(and(eq(container.id, id), eq(container.version, version)))
      .run();
    return changed.changes === 0 ? fail('stale', 'have') : ok(undefined);
  });
}

/** Says what of a lot was lost: spilt, thrown away, gone off. */
export function loseFrom(db: Db, lotId: number, grams: number, by: By): Result<void> {
  return command(db, (tx) =>
    grams > 0 ? move(tx, { lotId, grams: -grams, why: 'loss' }, by) : fail('must-be-positive', 'grams'),
  );
}

export type ReadyInput = Omit<typeof readyMade.$inferInsert, 'id' | 'version'>;

/** What a label says must hold together: its contents are known ones, and all of them are named where all are declared. */
function labelFaults(input: Pick<ReadyInput, 'declared' | 'isAllDeclared'>, catalogue: Catalogue): Result<void> {
  const stray = input.declared.find((id) => !findIngredient(id, catalogue));
  if (stray) return fail('unknown-ingredient', 'declared', { id: stray });
  return input.isAllDeclared && input.declared.length === 0 ? fail('required', 'declared') : ok(undefined);
}

/** Puts right what was written of a bought finish, at the version that was read; what stood there before is kept. Batches that run go by it from now on. */
export function changeReadyMade(
  db: Db,
  { id, version, ...input }: ReadyInput & { readonly id: number; readonly version: number },
  by: By,
): Result<{ readonly id: number }> {
  return command(db, (tx) => {
    const namesake = tx.select().from(readyMade).where(eq(readyMade.name, input.name)).get();
    if (namesake && namesake.id !== id) return fail('name-taken', 'name', { name: input.name });
    const sound = labelFaults(input, catalogueOf(tx));
    if (!sound.ok) return sound;
    const was = tx.select().from(readyMade).where(eq(readyMade.id, id)).get();
    const changed = tx
      .update(readyMade)
      .set({ ...input, version: version + 1 })
      .where(and(eq(readyMade.id, id), eq(readyMade.version, version)))
      .run();
    if (changed.changes === 0 || !was) return fail('stale', '');
    const { id: _, version: number, ...facts } = was;
    tx.insert(readyMadeWas).values({ readyMadeId: id, number, facts, personId: by.personId, at: by.nowMs }).run();
    return ok({ id });
  });
}

/** A bought finish as it was written before, newest first. */
export const readyMadeBefore = (db: Db, id: number): (typeof readyMadeWas.$inferSelect)[] =>
  db.select().from(readyMadeWas).where(eq(readyMadeWas.readyMadeId, id)).orderBy(desc(readyMadeWas.number)).all();

/** Writes down a bought finish: what its label declares, what it does not, and its own rule. */
export function addReadyMade(db: Db, input: ReadyInput): Result<{ readonly id: number }> {
  return command(db, (tx) => {
    if (tx.select().from(readyMade).where(eq(readyMade.name, input.name)).get())
      return fail('name-taken', 'name', { name: input.name });
    const sound = labelFaults(input, catalogueOf(tx));
    if (!sound.ok) return sound;
    return ok(tx.insert(readyMade).values(input).returning({ id: readyMade.id }).get());
  });
}
