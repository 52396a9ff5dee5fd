import 'server-only';
import { jugMark, readJug, running } from '@/core/blend';
import { fail, ok, type Result } from '@/core/quantity';
import { type By, command } from '../command';
import type { Db } from '../db';
import { catalogueOf } from '../stores/catalogue';
import { recordPotWeighing } from './commands';
import { openPot, pouredOf } from './open';
import type { Pot } from './queries';

/** Where the jug stood before the next line goes in, ml; before the last one, while that is put right. */
export const jugBefore = (pot: Pick<Pot, 'entries'>, corrects: string | null): number => {
  const kept = corrects === null ? pot.entries : pot.entries.slice(0, -1);
  return kept.at(-1)?.levelMl ?? 0;
};

export type JugReading = {
  readonly clientId: string;
  readonly pourId: number;
  readonly ingredientId: string;
  readonly lotId: number | null;
  /** Where the jug stands, ml; null: at its mark. */
  readonly levelMl: number | null;
  readonly corrects: string | null;
  readonly follows: string | null;
  /** It was asked about, and stays as it is. */
  readonly kept: boolean;
};

/** A line that was measured into a jug. At its mark it counts as the mark: an eye reads a jug no finer. */
export function recordMeasure(db: Db, input: JugReading, by: By): Result<void> {
  return command(db, (tx) => {
    const open = openPot(tx, input.pourId, ['weighing']);
    if (!open.ok) return open;
    const { pot } = open.value;
    const { clientId, pourId, ingredientId, lotId, corrects, follows } = input;
    const last = pot.entries.at(-1);
    const without = corrects === null ? pot.entries : pot.entries.slice(0, -1);
    const poured = Object.fromEntries(
      pot.weighTo.lines.map((line) => [line.ingredient, pouredOf({ entries: without }, line.ingredient)]),
    );
    const state = running(pot.weighTo.lines, pot.weighTo.basis, pot.targetG, poured, catalogueOf(tx));
    const line = state.ok ? state.value.lines.find((one) => one.ingredient === ingredientId) : undefined;
    if (!line) return fail('unknown-line', 'ingredientId', { id: ingredientId });
    const before = jugBefore(pot, corrects);
    const tempC = pot.revision.lines.find((one) => one.ingredient === ingredientId)?.tempC ?? null;
    const mark = jugMark(ingredientId, Math.max(0, line.targetG - line.pouredG), before, tempC, catalogueOf(tx));
    if (!mark) return fail('unknown-ingredient', 'ingredientId', { id: ingredientId });
    const levelMl = input.levelMl ?? mark.levelMl;
    if (levelMl <= before) return fail('level-fell', 'level', { before });
    const read = readJug(levelMl, before, mark.addMl);
    if (!input.kept && read.as === 'filled-to') return fail('filled-not-added', 'level', { mark: mark.levelMl });
    if (!input.kept && read.as === 'added') return fail('added-not-filled', 'level', { mark: mark.levelMl });
    const grams = read.as === 'on-mark' ? line.targetG - line.pouredG : (levelMl - before) * mark.densityGPerMl;
    const stood = corrects === null ? (last?.readingG ?? 0) : (last?.readingG ?? 0) - (last?.grams ?? 0);
    const done = recordPotWeighing(
      tx,
      { clientId, pourId, ingredientId, lotId, readingG: stood + grams, levelMl, corrects, follows },
      by,
    );
    return done.ok ? ok(undefined) : done;
  });
}
