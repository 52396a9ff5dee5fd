'use server';

import { z } from 'zod';
import { findIngredient, isLiquid } from '@/core/material';
import { fail, parseAmount } from '@/core/quantity';
import { draftHoldLetters } from '@/data/mail/write';
import { addContainer, countContainer, receiveLot } from '@/data/stores/commands';
import { foundLeft } from '@/data/stores/into-air';
import { readyMades } from '@/data/stores/ready-mades';
import { receiveForTools } from '@/data/stores/tool-wax';
import { LETTER_WORDS } from '@/messages/letters';
import { rowId } from '@/trade/shapes';
import { type Answer, act, moneyOf, reader } from '@/web/act';
import { reads } from '@/web/here';
import { catalogue } from '@/web/here-catalogue';
import { CountFields, JarCountFields, JarFields, LotFields } from './forms';

/** Receives a lot from what was typed. */
export async function saveLot(input: unknown): Promise<Answer<{ readonly number: string }>> {
  return act(LotFields, input, (db, { amount, ounce, price, openedOn, bestBefore, within, place, forTools, ...rest }, by) => {
    const ingredient = findIngredient(rest.ingredientId, catalogue());
    const ready = readyMades(db).find((one) => one.id === rest.readyMadeId);
    const stuff = ingredient
      ? { densityGPerMl: ingredient.densityGPerMl, liquid: isLiquid(ingredient) }
      : ready
        ? { densityGPerMl: ready.densityGPerMl, liquid: true }
        : undefined;
    if (!stuff) return fail('required', 'ingredientId');
    const read = reader();
    const parsed = read.take('amount', parseAmount(amount, stuff, reads(), ounce ?? undefined));
    const priceMinor = read.orNone('price', price, moneyOf(db));
    if (parsed === undefined || priceMinor === undefined) return { ok: false, issues: read.issues };
    const receive = forTools ? receiveForTools : receiveLot;
    return receive(
      db,
      {
        ...rest,
        ingredientId: ingredient?.id ?? null,
        grams: parsed.massG,
        priceMinor,
        openedOn: openedOn || null,
        bestBefore: bestBefore || null,
        useWithinDays: within,
        placeId: place,
      },
      by,
    );
  });
}

/** Puts a lot's stock to what was weighed; nothing left is a fair answer. */
export async function saveCount(input: unknown): Promise<Answer<{ readonly grams: number }>> {
  return act(CountFields.extend({ lotId: rowId }), input, (db, { lotId, found, went }, by) =>
    foundLeft(db, lotId, { grams: found }, went, by),
  );
}

export async function saveJar(input: unknown): Promise<Answer> {
  return act(JarFields, input, (db, { price, ...jar }) => {
    const read = reader();
    const priceMinor = read.orNone('price', price, moneyOf(db));
    if (priceMinor === undefined) return { ok: false, issues: read.issues };
    const { name, capacity, fill, have, tare } = jar;
    return addContainer(db, { name, capacityMl: capacity, fillFraction: fill, have, tareG: tare, priceMinor });
  });
}

export async function saveJarCount(input: unknown): Promise<Answer> {
  return act(JarCountFields.extend({ id: rowId, version: z.int() }), input, (db, { id, have, version }) =>
    countContainer(db, id, have, version),
  );
}

/** Drafts a letter to everyone who has a piece a held lot is on. */
export async function draftLetters(input: unknown): Promise<Answer<{ readonly drafted: number }>> {
  return act(z.object({ lotId: rowId }), input, (db, { lotId }, by) => draftHoldLetters(db, lotId, LETTER_WORDS, by.nowMs));
}
