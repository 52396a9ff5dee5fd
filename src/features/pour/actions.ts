'use server';

import { z } from 'zod';
import { ok, parseMass, parseTemperature, type Result } from '@/core/quantity';
import {
  abandonPour,
  fillJars,
  finishHeating,
  finishWeighing,
  recordPotTemperature,
  recordWeighing,
  rescale,
} from '@/data/pour/commands';
import { act, type Answer, reader } from '../shop/act';

const id = z.int().positive();
const clientId = z.string().min(8).max(64);
const Weighed = z.object({
  clientId,
  pourId: id,
  ingredientId: z.string(),
  lotId: z.int(),
  reading: z.string(),
  corrects: clientId.nullable(),
});

/** One reading of the scale, as it shows it. */
export async function weigh(input: unknown): Promise<Answer> {
  return act(Weighed, input, (db, { reading, ...rest }, by) => {
    const read = reader();
    const readingG = read.take('reading', parseMass(reading));
    if (readingG === undefined) return { ok: false, issues: read.issues };
    const recorded = recordWeighing(db, { ...rest, readingG }, by);
    return recorded.ok
      ? recorded
      : { ok: false, issues: recorded.issues.map((issue) => ({ ...issue, path: issue.path === 'lotId' ? 'lotId' : 'reading' })) };
  });
}

const Pot = z.object({ pourId: id, version: z.int() });

export async function growPot(input: unknown): Promise<Answer<{ readonly totalG: number }>> {
  return act(Pot, input, (db, { pourId, version }, by) => rescale(db, pourId, version, by));
}

export async function allIn(input: unknown): Promise<Answer<{ readonly number: string }>> {
  return act(Pot, input, (db, { pourId, version }, by) => finishWeighing(db, pourId, version, by));
}

export async function offTheHeat(input: unknown): Promise<Answer> {
  return act(Pot, input, (db, { pourId, version }) => finishHeating(db, pourId, version));
}

export async function giveUp(input: unknown): Promise<Answer> {
  return act(Pot, input, (db, { pourId, version }) => abandonPour(db, pourId, version));
}

const Temperature = z.object({ clientId, pourId: id, temp: z.string() });

export async function readPot(input: unknown): Promise<Answer> {
  return act(Temperature, input, (db, { temp, ...rest }, by) => {
    const read = reader();
    const tempC = read.take('temp', parseTemperature(temp));
    return tempC === undefined ? { ok: false, issues: read.issues } : recordPotTemperature(db, { ...rest, tempC }, by);
  });
}

const Fill = Pot.extend({
  residue: z.string(),
  jars: z.array(z.object({ containerId: id, count: z.string(), net: z.string() })),
});

const countOf = (text: string): Result<number> =>
  /^\d{1,4}$/.test(text.trim())
    ? ok(Number(text))
    : text.trim() === ''
      ? ok(0)
      : { ok: false, issues: [{ code: 'invalid', path: '', with: { detail: 'a whole number' } }] };
const massOrNone = (text: string): Result<number> => (/^\s*0*([.,]0*)?\s*g?\s*$/.test(text) ? ok(0) : parseMass(text));

/** Jars filled, what they weigh net, and what stays in the pot. */
export async function filled(input: unknown): Promise<Answer<{ readonly leftG: number }>> {
  return act(Fill, input, (db, { residue, jars, ...pot }, by) => {
    const read = reader();
    const residueG = read.take('residue', massOrNone(residue));
    const sizes = jars.map((jar, i) => {
      const count = read.take(`jars.${i}.count`, countOf(jar.count));
      return {
        containerId: jar.containerId,
        count: count ?? 0,
        netG: count ? (read.take(`jars.${i}.net`, parseMass(jar.net)) ?? 0) : 0,
      };
    });
    return read.issues.length > 0 || residueG === undefined
      ? { ok: false, issues: read.issues }
      : fillJars(db, { ...pot, residueG, jars: sizes }, by);
  });
}
