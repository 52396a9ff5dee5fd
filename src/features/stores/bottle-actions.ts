'use server';

import { z } from 'zod';
import { WENT } from '@/core/blend';
import { fail, parseAmount, parseLength, parseMass } from '@/core/quantity';
import { bottleOf, decant, netOf, pourInto, readLevel } from '@/data/stores/bottles';
import { type KnownLot, leftOf, lotOf } from '@/data/stores/queries';
import { rowId } from '@/trade/shapes';
import { type Answer, act, reader } from '@/web/act';
import { reads } from '@/web/here';

const words = z.string().trim().max(120);

/** What an amount of a lot is: by weight, or by volume at its own density. */
const stuffOf = (lot: KnownLot | undefined) => ({
  densityGPerMl: lot?.nature?.densityGPerMl ?? 1,
  liquid: (lot?.nature?.waxFraction ?? 0) < 1,
});

const Decanted = z.object({
  fromLotId: rowId,
  amount: words,
  name: words,
  tare: words,
  outside: words,
  wall: words,
  mark: words,
});

/** Fills a bottle that stands at hand from a lot. */
export async function fillBottle(input: unknown): Promise<Answer<{ readonly id: number; readonly number: string }>> {
  return act(Decanted, input, (db, { fromLotId, amount, name, tare, outside, wall, mark }, by) => {
    const read = reader();
    const parsed = read.take('amount', parseAmount(amount, stuffOf(lotOf(db, fromLotId) ?? undefined), reads()));
    const tareG = read.orNone('tare', tare, (one) => parseMass(one, reads()));
    const outsideMm = read.orNone('outside', outside, (one) => parseLength(one, reads()));
    const wallMm = read.orNone('wall', wall, (one) => parseLength(one, reads()));
    if (parsed === undefined || tareG === undefined || outsideMm === undefined || wallMm === undefined)
      return { ok: false, issues: read.issues };
    const boreMm = outsideMm === null ? null : outsideMm - 2 * (wallMm ?? 0);
    if (boreMm !== null && boreMm <= 0) return fail('must-be-positive', 'wall');
    // Without the wall the width outside says nothing of what is inside.
    return decant(db, { fromLotId, grams: parsed.massG, name, tareG, boreMm: wallMm === null ? null : boreMm, mark }, by);
  });
}

const Poured = z.object({ lotId: rowId, from: z.string().max(100), amount: words, gross: words });

/** Pours more into a bottle, by what goes in or by what bottle and all weigh afterwards. */
export async function fillUp(input: unknown): Promise<Answer<{ readonly id: number }>> {
  return act(Poured, input, (db, { lotId, from, amount, gross }, by) => {
    const read = reader();
    const source = lotOf(db, Number(from));
    const vessel = bottleOf(db, lotId);
    if (!source || !vessel) return fail('not-found', 'from');
    if (gross !== '') {
      const grossG = read.take('gross', parseMass(gross, reads()));
      if (grossG === undefined) return { ok: false, issues: read.issues };
      const net = netOf(vessel, grossG);
      if (net === null) return fail('no-tare', 'gross');
      const before = Math.max(0, leftOf(db, lotId));
      if (net <= before) return fail('nothing-went-in', 'gross', { before });
      return pourInto(db, { lotId, fromLotId: source.id, grams: net - before }, by);
    }
    const parsed = read.take('amount', parseAmount(amount, stuffOf(source), reads()));
    return parsed === undefined
      ? { ok: false, issues: read.issues }
      : pourInto(db, { lotId, fromLotId: source.id, grams: parsed.massG }, by);
  });
}

/** Reads a bottle by its level. */
export async function levelRead(input: unknown): Promise<Answer<{ readonly grams: number }>> {
  return act(
    z.object({ lotId: rowId, level: words, went: z.enum(WENT).default('') }),
    input,
    (db, { lotId, level, went }, by) => {
      const read = reader();
      const levelMm = read.take('level', parseLength(level, reads()));
      return levelMm === undefined ? { ok: false, issues: read.issues } : readLevel(db, { lotId, levelMm, went }, by);
    },
  );
}
