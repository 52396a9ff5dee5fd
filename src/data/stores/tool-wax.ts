import 'server-only';
import { eq } from 'drizzle-orm';
import { fail, ok, type Result } from '@/core/quantity';
import { type By, command } from '../command';
import type { Db } from '../db';
import { lot } from '../schema';
import { combineLots } from './combine';
import { type NewLot, receiveLot } from './commands';
import { holdLot } from './holds';

/** Why nothing is drawn from tool wax: it has been too hot, or scraped from a pot, and nobody knows what that made of it. */
const TOOL_WAX_HOLD = 'tool wax: for saws, hinges and jigs, never on a piece';

/** Why nothing is drawn from what came in for tools: nobody knows what else is in it. */
const TOOLS_ONLY = 'for tools only: perfumed, coloured or doubtful, never on a piece';

/** Receives a lot that may go on tools and on nothing that is sold: it is held from the first moment. */
export function receiveForTools(db: Db, input: NewLot, by: By): Result<{ readonly id: number; readonly number: string }> {
  return command(db, (tx) => {
    const made = receiveLot(tx, input, by);
    if (!made.ok) return made;
    const held = holdLot(tx, made.value.id, TOOLS_ONLY, by);
    return held.ok ? made : held;
  });
}

/**
 * Takes some of a lot out of use as tool wax: a lot of its own that one can find, and held from the first moment, so that no coat and no tin
 * is ever drawn from it.
 */
export function toToolWax(
  db: Db,
  { lotId, grams }: { readonly lotId: number; readonly grams: number },
  by: By,
): Result<{ readonly id: number; readonly number: string }> {
  return command(db, (tx) => {
    const from = tx.select().from(lot).where(eq(lot.id, lotId)).get();
    if (!from) return fail('not-found', 'lotId');
    const made = combineLots(
      tx,
      { parts: [{ lotId, grams }], into: { kind: 'bottle', name: `Tool wax from ${from.number}` } },
      by,
    );
    if (!made.ok) return made;
    const held = holdLot(tx, made.value.id, TOOL_WAX_HOLD, by);
    return held.ok ? ok(made.value) : held;
  });
}
