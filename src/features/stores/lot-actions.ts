'use server';

import { z } from 'zod';
import { FEELS, putRight, type RightLot } from '@/core/blend';
import { check } from '@/core/contract';
import { fail, ok, parseAmount, parseMass, parsePositive, parseTemperature } from '@/core/quantity';
import { sellTins } from '@/data/care/tins';
import { command } from '@/data/command';
import type { Db } from '@/data/db';
import { LOT_CHECKS } from '@/data/schema';
import { theShop } from '@/data/shop/queries';
import { combineLots, topUpSolvent } from '@/data/stores/combine';
import { addContainer, countContainer, countLot, loseFrom, receiveLot } from '@/data/stores/commands';
import { holdLot, liftHold } from '@/data/stores/holds';
import { allLots, containers, leftOf, lotOf } from '@/data/stores/queries';
import { checkLot, recordThumb } from '@/data/stores/senses';
import { toToolWax } from '@/data/stores/tool-wax';
import { sayIssue } from '@/messages';
import { rightWords } from '@/messages/right';
import { lotActions as wording } from '@/messages/screens/stores';
import { rowId } from '@/trade/shapes';
import { type Answer, act, moneyOf, reader, refuse } from '@/web/act';
import { MOST_LIST } from '@/web/csv';
import type { FilePreview } from '@/web/file-sheet';
import { reads } from '@/web/here';
import { catalogue } from '@/web/here-catalogue';
import { mayFillBath } from './bath-lots';
import { RightFields, StockFields } from './forms';
import { readStores, type StoresRow } from './stores-file';

const text = z.string().trim().max(500);

export async function holdThisLot(input: unknown): Promise<Answer> {
  return act(z.object({ lotId: rowId, reason: text }), input, (db, { lotId, reason }, by) => holdLot(db, lotId, reason, by));
}

export async function lift(input: unknown): Promise<Answer> {
  return act(z.object({ lotId: rowId, why: text }), input, (db, { lotId, why }, by) => liftHold(db, lotId, why, by));
}

export async function saveLotCheck(input: unknown): Promise<Answer> {
  return act(
    z.object({
      lotId: rowId,
      kind: z.enum(LOT_CHECKS),
      pass: z.enum(['yes', 'no']),
      note: text,
      temp: z.string().max(100),
      beside: z.string().max(100),
    }),
    input,
    (db, { pass, temp, beside, ...rest }, by) => {
      const read = reader();
      const tempC = read.orNone('temp', temp, (one) => parseTemperature(one, reads()));
      if (tempC === undefined) return { ok: false, issues: read.issues };
      return checkLot(db, { ...rest, pass: pass === 'yes', tempC, referenceId: beside === '' ? null : Number(beside) }, by);
    },
  );
}

export async function saveThumb(input: unknown): Promise<Answer> {
  return act(z.object({ lotId: rowId, temp: z.string().max(100), felt: z.enum(FEELS) }), input, (db, { temp, ...rest }, by) => {
    const read = reader();
    const tempC = read.take('temp', parseTemperature(temp, reads()));
    return tempC === undefined ? { ok: false, issues: read.issues } : recordThumb(db, { ...rest, tempC }, by);
  });
}

export async function saveLoss(input: unknown): Promise<Answer> {
  return act(z.object({ lotId: rowId, amount: z.string().max(100) }), input, (db, { lotId, amount }, by) => {
    const read = reader();
    const grams = read.take('amount', parseMass(amount, reads()));
    return grams === undefined ? { ok: false, issues: read.issues } : loseFrom(db, lotId, grams, by);
  });
}

/** Wax that was too hot, or scraped from a pot, becomes tool wax. */
export async function retire(input: unknown): Promise<Answer<{ readonly id: number }>> {
  return act(z.object({ lotId: rowId, amount: z.string().max(100) }), input, (db, { lotId, amount }, by) => {
    const read = reader();
    const grams = read.take('amount', parseMass(amount, reads()));
    return grams === undefined
      ? { ok: false, issues: read.issues }
      : toToolWax(db, { lotId, grams: atMostLeft(grams, db, lotId) }, by);
  });
}

/** What is shown as left is rounded: as much as is shown is all of it. */
function atMostLeft(grams: number, db: Db, lotId: number): number {
  const left = leftOf(db, lotId);
  return Math.abs(grams - left) <= left * SHOWN_TO + 0.05 ? left : grams;
}
const SHOWN_TO = 0.005;

const day = z.iso.date();
export async function saveTinSale(input: unknown): Promise<Answer> {
  return act(
    z.object({ lotId: rowId, count: z.string().max(100), price: z.string().max(100), buyer: text, withPiece: text, soldOn: day }),
    input,
    (db, { count, price, ...rest }, by) => {
      const read = reader();
      const number = read.take('count', parsePositive(count));
      const priceMinor = read.orNone('price', price, moneyOf(db));
      if (number === undefined || priceMinor === undefined) return { ok: false, issues: read.issues };
      if (!Number.isInteger(number)) return fail('invalid', 'count', { detail: wording.aWholeNumber });
      const sold = sellTins(db, { ...rest, count: number, priceMinor }, by);
      return sold.ok ? ok(undefined) : sold;
    },
  );
}

const rightLot = (db: Db, lotId: number): RightLot | undefined => {
  const lot = lotOf(db, lotId);
  return lot ? { ...lot, waxEquivalent: lot.nature?.waxEquivalent ?? 0 } : undefined;
};

/** Reckons again what the bench showed, and does it. */
export async function saveRight(input: unknown): Promise<Answer<{ readonly id: number }>> {
  return act(RightFields.extend({ lotId: rowId }), input, (db, { lotId, ...asked }, by) => {
    const lot = rightLot(db, lotId);
    if (!lot) return fail('not-found', '');
    const other = rightLot(db, asked.other);
    const right = putRight(lot, other, asked, theShop(db).ambientC, reads(), catalogue());
    if (!right.ok) return right;
    const { parts, lostG } = right.value;
    const says = other ? rightWords(right.value, lot, other, reads()) : '';
    const slip = { kind: asked.mode === 'feel' ? ('retarget' as const) : asked.mode, says };
    if (asked.mode === 'top-up') return topUpSolvent(db, { lotId, solventLotId: asked.other, lostG, slip }, by);
    return combineLots(db, { parts, into: { kind: 'made' }, slip }, by);
  });
}

const Bath = z.object({ name: text, from: z.string().max(100), amount: z.string().max(100), bath: z.int().nullable() });

/** Starts a bath, or tops one up. */
export async function saveBath(input: unknown): Promise<Answer<{ readonly id: number }>> {
  return act(Bath, input, (db, { name, from, amount, bath }, by) => {
    const read = reader();
    const source = lotOf(db, Number(from));
    // A trough is filled in litres as often as by weight.
    const density = source?.nature?.densityGPerMl ?? 1;
    const parsed = read.take('amount', parseAmount(amount, { densityGPerMl: density, liquid: true }, reads()));
    if (parsed === undefined) return { ok: false, issues: read.issues };
    const grams = parsed.massG;
    const fits = source ? mayFillBath(source) : fail('not-found', 'from');
    if (!fits.ok) return fits;
    const into = bath === null ? ({ kind: 'bath', name } as const) : ({ kind: 'top', lotId: bath } as const);
    return combineLots(db, { parts: [{ lotId: Number(from), grams }], into }, by);
  });
}

/** A bath as its sheet has it, empty where nothing was said; with the id of the act, which goes on. */
const Begun = z.object({
  act: z.string().max(40).optional(),
  name: text.default(''),
  from: z.string().max(100).default(''),
  amount: z.string().max(100).default(''),
});

/** Starts a bath from the sheet’s own words. */
export async function startBath(input: unknown): Promise<Answer<{ readonly id: number }>> {
  const begun = check(Begun, input);
  return begun.ok ? saveBath({ ...begun.value, bath: null }) : refuse(begun.issues);
}

const File = z.object({ text: z.string().max(MOST_LIST) });
const around = (db: Db) => ({
  lots: allLots(db),
  jars: containers(db),
  currency: theShop(db).currency,
});

/** Reads a file of lots or jars and says what it understood; nothing is saved. */
export async function lookAtStores(input: unknown): Promise<Answer<FilePreview>> {
  return act(File, input, (db, { text: file }) => {
    const { fault, rows } = readStores(file, around(db));
    return ok({
      fault,
      rows: rows.map(({ name, under, status, knownAs, issues }) => ({
        name,
        under,
        status,
        knownAs,
        faults: issues.map((issue) => `${issue.path}: ${sayIssue(issue, reads())}`),
      })),
    });
  });
}

/** A size that is new, or one that is there counted anew. */
const takeJar = (db: Db, { id: known, version, ...facts }: NonNullable<StoresRow['jar']>) =>
  known === null ? addContainer(db, facts) : countContainer(db, known, facts.have, version);

/** Saves the lots and jars of a file that are new or changed; all or none. */
export async function takeStores(input: unknown): Promise<Answer<{ readonly saved: number }>> {
  return act(File, input, (db, { text: file }, by) =>
    command(db, (tx) => {
      let saved = 0;
      for (const { status, lot, jar } of readStores(file, around(tx)).rows) {
        if (status !== 'new' && status !== 'revision') continue;
        const made = lot ? receiveLot(tx, lot, by) : jar ? takeJar(tx, jar) : ok(undefined);
        if (!made.ok) return made;
        saved++;
      }
      return ok({ saved });
    }),
  );
}

/** A stock-take: every lot that was weighed is put to what was found; all or none. */
export async function saveStockTake(input: unknown): Promise<Answer<{ readonly counted: number }>> {
  return act(StockFields, input, (db, { found }, by) =>
    command(db, (tx) => {
      const weighed = Object.entries(found).flatMap(([lotId, grams]) =>
        grams === null ? [] : [{ lotId: Number(lotId), grams }],
      );
      for (const { lotId, grams } of weighed) {
        const counted = countLot(tx, lotId, grams, by);
        if (!counted.ok) return counted;
      }
      return ok({ counted: weighed.length });
    }),
  );
}
