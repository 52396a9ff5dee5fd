import 'server-only';
import { correct, running } from '@/core/blend';
import { findIngredient } from '@/core/material';
import { fail, ok, type Result, say } from '@/core/quantity';
import { type By, command } from '../command';
import type { Db } from '../db';
import { hold } from '../schema';
import { readsOf } from '../shop/queries';
import { catalogueOf } from '../stores/catalogue';
import { changePot, gramsToWeigh, noteSlip, openPot, pouredOf } from './open';

/** After an overshoot: the pot grows to the size at which the ratio holds again. */
export function rescale(db: Db, pourId: number, version: number, by: By): Result<{ readonly totalG: number }> {
  return command(db, (tx) => {
    const open = openPot(tx, pourId, ['weighing'], version);
    if (!open.ok) return open;
    const { pot } = open.value;
    const { lines, basis } = pot.weighTo;
    const poured = Object.fromEntries(lines.map((line) => [line.ingredient, pouredOf(pot, line.ingredient)]));
    const fixed = correct({ mode: 'overpour', lines, basis, poured }, catalogueOf(tx));
    if (!fixed.ok) return fixed;
    const totalG = Math.max(pot.targetG, 'totalG' in fixed.value ? (fixed.value.totalG ?? 0) : 0);
    changePot(tx, pot, { targetG: totalG });
    noteSlip(
      tx,
      pot,
      'overpour',
      `Poured over: the pot grows from ${say(pot.targetG, 'g', readsOf(tx))} to ${say(totalG, 'g', readsOf(tx))}.`,
      by,
    );
    return ok({ totalG });
  });
}

/** After an overshoot that stays: this pot is finished as it is, and the next of its formula takes the slip up. */
export function spreadSlip(db: Db, pourId: number, version: number, by: By): Result<void> {
  return command(db, (tx) => {
    const open = openPot(tx, pourId, ['weighing'], version);
    if (!open.ok) return open;
    const { pot } = open.value;
    const lines = gramsToWeigh(pot, catalogueOf(tx)).map((line) => ({
      ...line,
      parts: Math.max(line.parts, pouredOf(pot, line.ingredient)),
    }));
    const targetG = lines.reduce((sum, line) => sum + line.parts, 0);
    if (targetG <= pot.targetG) return fail('nothing-poured', 'poured');
    changePot(tx, pot, { lines, targetG });
    noteSlip(
      tx,
      pot,
      'spread',
      `${say(targetG - pot.targetG, 'g', readsOf(tx))} too much stays in. The next pot of this formula can take it up.`,
      by,
    );
    return ok(undefined);
  });
}

/**
 * A line that was begun and is short, with nothing more of it at hand: what is in is its mark now, or the whole pot is made smaller, so that
 * the ratio holds. The lot knows what went in either way.
 */
export function settleShort(
  db: Db,
  { pourId, version, how }: { readonly pourId: number; readonly version: number; readonly how: 'as-it-is' | 'less' },
  by: By,
): Result<void> {
  return command(db, (tx) => {
    const open = openPot(tx, pourId, ['weighing'], version);
    if (!open.ok) return open;
    const { pot } = open.value;
    const marks = gramsToWeigh(pot, catalogueOf(tx));
    const poured = Object.fromEntries(marks.map((line) => [line.ingredient, pouredOf(pot, line.ingredient)]));
    const state = running(marks, 'mass', pot.targetG, poured, catalogueOf(tx), pot.entries.at(-1)?.ingredientId);
    if (!state.ok) return state;
    const { short } = state.value;
    if (!short) return fail('nothing-poured', 'poured');
    const name = (findIngredient(short.ingredient, catalogueOf(tx))?.name ?? short.ingredient).toLowerCase();
    if (how === 'less') {
      if (short.lessG === null) return fail('nothing-poured', 'poured');
      changePot(tx, pot, { targetG: short.lessG });
      noteSlip(
        tx,
        pot,
        'short',
        `Short of ${name}: the pot is made ${say(short.lessG, 'g', readsOf(tx))}, so that its ratio holds.`,
        by,
      );
      return ok(undefined);
    }
    const lines = marks.map((line) =>
      line.ingredient === short.ingredient ? { ...line, parts: poured[short.ingredient] ?? line.parts } : line,
    );
    changePot(tx, pot, { lines, targetG: lines.reduce((sum, line) => sum + line.parts, 0) });
    noteSlip(
      tx,
      pot,
      'short',
      `${say(short.shortG, 'g', readsOf(tx))} of ${name} short (${say(short.share, 'fraction', readsOf(tx), 1)}): gone on with what is in.`,
      by,
    );
    return ok(undefined);
  });
}

/** The pot went too hot, or its water bath ran dry: what is browned becomes tool wax and is held. */
export function recordHeatSlip(
  db: Db,
  input: { readonly pourId: number; readonly kind: 'browned' | 'boiled-dry'; readonly spoilt: boolean },
  by: By,
): Result<void> {
  return command(db, (tx) => {
    const open = openPot(tx, input.pourId, ['heating', 'filling', 'done']);
    if (!open.ok) return open;
    const { pot } = open.value;
    const says =
      input.kind === 'browned'
        ? 'Browned past the ceiling, scent gone: tool wax only.'
        : `The water bath boiled dry.${input.spoilt ? ' Browned: tool wax only.' : ' Nothing browned: topped up and gone on.'}`;
    noteSlip(tx, pot, input.kind, says, by);
    if (input.spoilt && pot.lotId !== null)
      tx.insert(hold).values({ lotId: pot.lotId, reason: 'Browned: tool wax only', personId: by.personId, at: by.nowMs }).run();
    return ok(undefined);
  });
}
