'use server';

import { z } from 'zod';
import { HEATERS } from '@/core/caution';
import { clothHazard } from '@/core/cloths';
import { fail, parseAmount, parseMass, parsePositive, parseVolume } from '@/core/quantity';
import { abandonPour, fillJars, finishWeighing, makeCold, recordPotWeighing, sayHeater } from '@/data/pour/commands';
import { addPan, finishHeating, fitPanTo, minded, putOnHeat, recordPotTemperature, sayPot } from '@/data/pour/heat';
import { recordMeasure } from '@/data/pour/measure';
import { madeOf } from '@/data/pour/open';
import { findPot } from '@/data/pour/queries';
import { recordHeatSlip, rescale, settleShort, spreadSlip } from '@/data/pour/slips';
import { recordSpill } from '@/data/rags/commands';
import { countLot } from '@/data/stores/commands';
import { containers, leftOf } from '@/data/stores/queries';
import { clientId, rowId } from '@/trade/shapes';
import { type Answer, act, reader } from '@/web/act';
import { reads } from '@/web/here';
import { FillFields, TemperatureFields } from './forms';

const Weighed = z.object({
  clientId,
  pourId: rowId,
  ingredientId: z.string().max(100),
  lotId: z.int().nullable(),
  fromPractice: z.boolean().default(false),
  reading: z.string().max(100),
  corrects: clientId.nullable(),
  stray: z.boolean(),
  follows: clientId.nullable().optional(),
});

/** One reading of the scale, as it shows it. */
export async function weigh(input: unknown): Promise<Answer> {
  return act(Weighed, input, (db, { reading, follows, ...rest }, by) => {
    const read = reader();
    const readingG = read.take('reading', parseMass(reading, reads()));
    if (readingG === undefined) return { ok: false, issues: read.issues };
    const recorded = recordPotWeighing(db, { ...rest, readingG, ...(follows === undefined ? {} : { follows }) }, by);
    return recorded.ok
      ? recorded
      : { ok: false, issues: recorded.issues.map((issue) => ({ ...issue, path: issue.path === 'lotId' ? 'lotId' : 'reading' })) };
  });
}

const Measured = z.object({
  clientId,
  pourId: rowId,
  ingredientId: z.string().max(100),
  lotId: z.int().nullable(),
  level: z.string().max(60),
  corrects: clientId.nullable(),
  follows: clientId.nullable(),
  kept: z.boolean(),
});

/** Where the jug stands after a line; empty: at its mark. */
export async function measured(input: unknown): Promise<Answer> {
  return act(Measured, input, (db, { level, ...rest }, by) => {
    const read = reader();
    const levelMl = read.orNone('level', level, (one) => parseVolume(one, reads()));
    return levelMl === undefined ? { ok: false, issues: read.issues } : recordMeasure(db, { ...rest, levelMl }, by);
  });
}

const Pot = z.object({ pourId: rowId, version: z.int() });

export async function growPot(input: unknown): Promise<Answer<{ readonly totalG: number }>> {
  return act(Pot, input, (db, { pourId, version }, by) => rescale(db, pourId, version, by));
}

/** An overpour that stays in: the next pot of the formula takes it up. */
export async function leaveForNext(input: unknown): Promise<Answer> {
  return act(Pot, input, (db, { pourId, version }, by) => spreadSlip(db, pourId, version, by));
}

const OnHeat = Pot.extend({ panId: rowId.nullable() });
export async function onTheHeat(input: unknown): Promise<Answer> {
  return act(OnHeat, input, (db, { pourId, version, panId }, by) => putOnHeat(db, pourId, version, panId, by));
}

const HeatSlip = z.object({ pourId: rowId, kind: z.enum(['browned', 'boiled-dry']), spoilt: z.boolean() });
export async function heatSlip(input: unknown): Promise<Answer> {
  return act(HeatSlip, input, (db, slip, by) => recordHeatSlip(db, slip, by));
}

const Pan = z.object({ name: z.string().trim().min(1).max(80), water: z.string().max(100), watts: z.string().max(100) });
/** A pan by name; its losses and coupling start at working estimates and are fitted to logged melts. */
export async function savePan(input: unknown): Promise<Answer> {
  return act(Pan, input, (db, { name, water, watts }) => {
    const read = reader();
    const waterG = read.take('water', parseMass(water, reads()));
    const heaterW = read.take('watts', parsePositive(watts.trim().replace(/w(atts?)?$/i, '')));
    if (waterG === undefined || heaterW === undefined) return { ok: false, issues: read.issues };
    return addPan(db, { name, waterG, heaterW, ...NEW_PAN });
  });
}

/** Losses of an open pan and how well a pot takes heat from the bath, W/K. Working estimates, until melts are logged. */
const NEW_PAN = { lossWPerK: 3, uaWPerK: 10 } as const;

const Fitted = z.object({
  panId: rowId,
  heaterW: z.number().positive().max(20_000),
  lossWPerK: z.number().min(0).max(1000),
  uaWPerK: z.number().positive().max(5000),
  readings: z.int().min(1),
});
export async function saveFit(input: unknown): Promise<Answer> {
  return act(Fitted, input, (db, { panId, readings, ...fitted }) => fitPanTo(db, panId, fitted, readings));
}

export async function allIn(input: unknown): Promise<Answer<{ readonly number: string }>> {
  return act(Pot, input, (db, { pourId, version }, by) => finishWeighing(db, pourId, version, by));
}

/** A line that is short, with nothing more of it at hand. */
export async function goOnShort(input: unknown): Promise<Answer> {
  return act(Pot.extend({ how: z.enum(['as-it-is', 'less']) }), input, (db, short, by) => settleShort(db, short, by));
}

/** The bottle held more than its book: the difference is booked, and the lot is empty by the book. */
export async function bookMore(input: unknown): Promise<Answer> {
  return act(z.object({ lotId: rowId }), input, (db, { lotId }, by) =>
    leftOf(db, lotId) < 0 ? countLot(db, lotId, 0, by) : fail('not-found', 'lotId'),
  );
}

export async function offTheHeat(input: unknown): Promise<Answer> {
  return act(Pot, input, (db, { pourId, version }, by) => finishHeating(db, pourId, version, by));
}

/** The pot is made cold in the closed jar. */
export async function madeCold(input: unknown): Promise<Answer> {
  return act(Pot, input, (db, { pourId, version }) => makeCold(db, pourId, version));
}

/** What the pot is warmed by. */
export async function warmedBy(input: unknown): Promise<Answer> {
  return act(z.object({ pourId: rowId, heater: z.enum(HEATERS) }), input, (db, said) => sayHeater(db, said));
}

/** Somebody is at the pot. */
export async function atThePot(input: unknown): Promise<Answer> {
  return act(z.object({ pourId: rowId }), input, (db, { pourId }, by) => minded(db, pourId, by));
}

/** How large the pieces of wax are. */
export async function piecesAre(input: unknown): Promise<Answer> {
  return act(z.object({ pourId: rowId, pieceMm: z.number().positive().max(500) }), input, (db, { pourId, pieceMm }) =>
    sayPot(db, pourId, { pieceMm }),
  );
}

/** What water stands in the bath; empty: as the pan was entered. */
export async function waterIs(input: unknown): Promise<Answer> {
  return act(z.object({ pourId: rowId, water: z.string().max(60) }), input, (db, { pourId, water }) => {
    const read = reader();
    const parsed = read.orNone('water', water, (text) => parseAmount(text, { densityGPerMl: 1, liquid: true }, reads()));
    return parsed === undefined ? { ok: false, issues: read.issues } : sayPot(db, pourId, { waterG: parsed?.massG ?? null });
  });
}

/** Something was spilt, or wiped up with a cloth: it joins the rag line with what is in the pot. */
export async function spilt(input: unknown): Promise<Answer> {
  return act(z.object({ clientId, pourId: rowId }), input, (db, { clientId: entry, pourId }, by) => {
    const pot = findPot(db, pourId);
    const made = pot ? madeOf(db, pot) : null;
    if (!made?.ok) return fail('not-found', 'pourId');
    const hazard = clothHazard({ ragHazard: made.value.ragHazard, undeclared: false });
    return recordSpill(db, { clientId: entry, pourId, hazard, vapour: made.value.flammable }, by);
  });
}

export async function giveUp(input: unknown): Promise<Answer> {
  return act(Pot, input, (db, { pourId, version }) => abandonPour(db, pourId, version));
}

export async function readPot(input: unknown): Promise<Answer> {
  const Reading = TemperatureFields.extend({ clientId, pourId: rowId, practice: z.boolean().default(false) });
  return act(Reading, input, (db, { temp, ...rest }, by) => recordPotTemperature(db, { ...rest, tempC: temp }, by));
}

/** Jars filled, what they weigh net, and what stays in the pot. */
export async function filled(input: unknown): Promise<Answer<{ readonly leftG: number }>> {
  return act(FillFields.extend(Pot.shape), input, (db, { residue, residueIs, jars, ...pot }, by) => {
    const read = reader();
    const sizesThere = containers(db);
    const sizes = jars.map((jar, i) => {
      const { count } = jar;
      const tareG = sizesThere.find((size) => size.id === jar.containerId)?.tareG ?? 0;
      const samplesG = count
        ? jar.weighed
            .split(/[;\s]+/)
            .filter(Boolean)
            .flatMap((text) => read.take(`jars.${i}.weighed`, parseMass(text, reads())) ?? [])
        : [];
      if (samplesG.some((gross) => gross <= tareG))
        read.issues.push({ code: 'below-tare', path: `jars.${i}.weighed`, with: { tare: tareG } });
      return {
        containerId: jar.containerId,
        count,
        netG: count && samplesG.length === 0 ? (read.take(`jars.${i}.net`, parseMass(jar.net, reads())) ?? 0) : 0,
        samplesG: samplesG.map((gross) => gross - tareG),
      };
    });
    return read.issues.length > 0
      ? { ok: false, issues: read.issues }
      : fillJars(db, { ...pot, residueG: residue, isToolWax: residueIs === 'tool-wax', jars: sizes }, by);
  });
}
