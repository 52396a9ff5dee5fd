'use server';

import { z } from 'zod';
import { fail, ok, parseNumber, type Result } from '@/core/quantity';
import { placeLot } from '@/data/stores/commands';
import { addSupply, moveSupply } from '@/data/stores/supplies';
import { clientId, rowId } from '@/trade/shapes';
import { type Answer, act, reader } from '@/web/act';

const words = z.string().trim().max(60);
const MOST_COUNT = 1_000_000;

const count = (text: string): Result<number> => {
  const read = parseNumber(text);
  if (!read.ok) return read;
  return read.value >= 0 && read.value <= MOST_COUNT ? read : fail('too-large', '', { least: 0, most: MOST_COUNT });
};

/** Adds what is used up beside what is poured. */
export async function saveSupply(input: unknown): Promise<Answer> {
  return act(z.object({ name: words, counted: words, have: words, clientId }), input, (db, { have, ...rest }, by) => {
    const read = reader();
    const number = read.orNone('have', have, count);
    if (number === undefined) return { ok: false, issues: read.issues };
    const made = addSupply(db, { ...rest, counted: rest.counted || 'pieces', have: number ?? 0 }, by);
    return made.ok ? ok(undefined) : made;
  });
}

/** Some came, or they were counted. */
export async function saveSupplyMove(input: unknown): Promise<Answer> {
  const Moved = z.object({ supplyId: rowId, why: z.enum(['came', 'counted']), amount: words, clientId });
  return act(Moved, input, (db, { amount, ...rest }, by) => {
    const read = reader();
    const number = read.take('amount', count(amount));
    return number === undefined ? { ok: false, issues: read.issues } : moveSupply(db, { ...rest, amount: number }, by);
  });
}

const day = z.union([z.literal(''), z.iso.date()]);
const MOST_DAYS = 3650;

/** Where a lot stands, when it was opened, and how long it may then be used. */
export async function savePlacing(input: unknown): Promise<Answer> {
  const Placing = z.object({
    lotId: rowId,
    version: z.int(),
    place: z.string().max(100),
    openedOn: day,
    bestBefore: day,
    within: words,
  });
  return act(Placing, input, (db, { place, within, openedOn, bestBefore, ...rest }) => {
    const read = reader();
    const days = read.orNone('within', within.trim().replace(/(days?|d)$/i, ''), count);
    if (days === undefined) return { ok: false, issues: read.issues };
    if (days !== null && (days < 1 || days > MOST_DAYS || !Number.isInteger(days)))
      return fail('too-large', 'within', { least: 1, most: MOST_DAYS });
    return placeLot(db, {
      ...rest,
      placeId: place === '' ? null : Number(place),
      openedOn: openedOn || null,
      bestBefore: bestBefore || null,
      useWithinDays: days,
    });
  });
}
