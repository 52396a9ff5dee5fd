'use server';

import { z } from 'zod';
import { rowId } from '@/web/shapes';
import { draftHoldLetters } from '@/data/care/post';
import { letterWords } from '@/web/letter-words';
import { findIngredient, isLiquid } from '@/core/material';
import { fail, parseAmount, parseMass, parseMassOrNone, parseNumber, parseVolume } from '@/core/quantity';
import { addContainer, countContainer, countLot, receiveLot } from '@/data/stores/commands';
import { readyMades } from '@/data/stores/queries';
import { act, type Answer, moneyOf, reader } from '@/web/act';

const text = z.string().trim().max(120);
const day = z.union([z.literal(''), z.iso.date()]);

const Lot = z.object({
  ingredientId: z.string(),
  readyMadeId: rowId.nullable(),
  amount: z.string(),
  ounce: z.enum(['weight', 'us-fluid', 'imperial-fluid']).nullable(),
  supplier: text,
  supplierCode: text,
  openedOn: day,
  bestBefore: day,
  price: z.string(),
  note: text,
});

/** Receives a lot from what was typed. */
export async function saveLot(input: unknown): Promise<Answer<{ readonly number: string }>> {
  return act(Lot, input, (db, { amount, ounce, price, openedOn, bestBefore, ...rest }, by) => {
    const ingredient = findIngredient(rest.ingredientId);
    const ready = readyMades(db).find((one) => one.id === rest.readyMadeId);
    const stuff = ingredient
      ? { densityGPerMl: ingredient.densityGPerMl, liquid: isLiquid(ingredient) }
      : ready
        ? { densityGPerMl: ready.densityGPerMl, liquid: true }
        : undefined;
    if (!stuff) return fail('required', 'ingredientId');
    const read = reader();
    const parsed = read.take('amount', parseAmount(amount, stuff, ounce ?? undefined));
    const priceMinor = read.orNone('price', price, moneyOf(db));
    if (parsed === undefined || priceMinor === undefined) return { ok: false, issues: read.issues };
    return receiveLot(
      db,
      {
        ...rest,
        ingredientId: ingredient?.id ?? null,
        grams: parsed.massG,
        priceMinor,
        openedOn: openedOn || null,
        bestBefore: bestBefore || null,
      },
      by,
    );
  });
}

const Count = z.object({ lotId: rowId, found: z.string() });

/** Puts a lot's stock to what was weighed; nothing left is a fair answer. */
export async function saveCount(input: unknown): Promise<Answer> {
  return act(Count, input, (db, { lotId, found }, by) => {
    const parsed = parseMassOrNone(found);
    return parsed.ok
      ? countLot(db, lotId, parsed.value, by)
      : { ok: false, issues: parsed.issues.map((issue) => ({ ...issue, path: 'found' })) };
  });
}

const Jar = z.object({
  name: text.min(1),
  capacity: z.string(),
  fill: z.string(),
  have: z.string(),
  tare: z.string(),
  price: z.string(),
});

export async function saveJar(input: unknown): Promise<Answer> {
  return act(Jar, input, (db, { name, capacity, fill, have, tare, price }) => {
    const read = reader();
    const capacityMl = read.take('capacity', parseVolume(capacity));
    const percent = read.take('fill', parseNumber(fill.replace('%', '')));
    const count = read.take('have', parseNumber(have));
    const tareG = read.orNone('tare', tare, parseMass);
    const priceMinor = read.orNone('price', price, moneyOf(db));
    if (
      capacityMl === undefined ||
      percent === undefined ||
      count === undefined ||
      tareG === undefined ||
      priceMinor === undefined
    )
      return { ok: false, issues: read.issues };
    if (percent <= 0 || percent > 100) return fail('too-large', 'fill', { least: 1, most: 100 });
    if (count < 0 || !Number.isInteger(count) || count > 100_000) return fail('too-large', 'have', { least: 0, most: 100_000 });
    return addContainer(db, { name, capacityMl, fillFraction: percent / 100, have: count, tareG, priceMinor });
  });
}

const JarCount = z.object({ id: rowId, have: z.string(), version: z.int() });

export async function saveJarCount(input: unknown): Promise<Answer> {
  return act(JarCount, input, (db, { id, have, version }) => {
    const count = parseNumber(have);
    if (!count.ok) return { ok: false, issues: count.issues.map((issue) => ({ ...issue, path: 'have' })) };
    if (count.value < 0 || !Number.isInteger(count.value) || count.value > 100_000)
      return fail('too-large', 'have', { least: 0, most: 100_000 });
    return countContainer(db, id, count.value, version);
  });
}

/** Drafts a letter to everyone who has a piece a held lot is on. */
export async function draftLetters(input: unknown): Promise<Answer<{ readonly drafted: number }>> {
  return act(z.object({ lotId: rowId }), input, (db, { lotId }, by) => draftHoldLetters(db, lotId, letterWords, by.nowMs));
}
