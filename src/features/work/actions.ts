'use server';

import { z } from 'zod';
import { CLOTH_WAYS } from '@/core/cloths';
import { ORIGINS, PIECE_USES } from '@/core/material';
import { parseMass, instantOf, ok, parsePositive, fail } from '@/core/quantity';
import { recordMoisture } from '@/data/moisture/moisture';
import { geometryOf } from './design';
import { addDesign, moveBatch, sayUses, startBatch } from '@/data/work/commands';
import { LAST_REASONS, Slot, WAYS } from '@/core/regimen';
import { anotherCoat, changeLot, takeChangeBack, thatWasTheLast } from '@/data/work/changes';
import { saveRegimen } from '@/data/work/regimens';
import { CHOICES, readRegimen } from './regimen-draft';
import { leaveWay, takeWay } from '@/data/work/recover';
import { correctEntry, strikeWaiting, undoLast } from '@/data/work/strike';
import { joinBatches, partWith, splitBatch } from '@/data/work/split';
import { weighAfter, weighBefore } from '@/data/work/uptake';
import { checkRags, layRags } from '@/data/rags/commands';
import { theShop } from '@/data/shop/queries';
import { draftJudgedLetters } from '@/data/care/post';
import { letterWords } from '../care/letter-words';
import { act, type Answer, reader } from '../shop/act';

const id = z.int().positive();
const clientId = z.string().min(8).max(64);
const Back = z.object({ clientId, batchId: id, device: clientId, deviceSequence: z.int().min(0) });

/** Takes the last thing done to a batch back; says what it was. */
export async function undo(input: unknown): Promise<Answer<{ readonly undone: string }>> {
  return act(Back, input, (db, back, by) => undoLast(db, back, by));
}

const Correction = Back.extend({
  corrects: clientId,
  at: z.string().min(1),
  grams: z.string(),
  seen: z.string().max(2000),
  sure: z.boolean().default(false),
});

/** Strikes an entry through and writes what it should have said. */
export async function correct(input: unknown): Promise<Answer> {
  return act(Correction, input, (db, { at, grams, ...rest }, by) => {
    const read = reader();
    const atMs = read.take('at', instantOf(at, theShop(db).zone));
    const mass = read.orNone('grams', grams, parseMass);
    if (atMs === undefined || mass === undefined) return { ok: false, issues: read.issues };
    return correctEntry(db, { ...rest, at: atMs, grams: mass }, by);
  });
}

const Rags = z.object({ id, version: z.int(), way: z.enum(CLOTH_WAYS) });

export async function layCloths(input: unknown): Promise<Answer> {
  return act(Rags, input, (db, { id: line, way, version }, by) => layRags(db, line, way, version, by));
}

export async function checkCloths(input: unknown): Promise<Answer<{ readonly closed: boolean }>> {
  return act(Rags.omit({ way: true }), input, (db, { id: line, version }, by) => checkRags(db, line, version, by));
}

const Design = z.object({
  name: z.string().trim().min(1).max(80),
  uses: z.array(z.enum(PIECE_USES)),
  tableware: z.boolean().default(true),
  shape: z.enum(['board', 'spoon', 'scoop', 'turned', 'box']),
  sizes: z.string(),
  grain: z.enum(['long', 'end']),
  bowl: z.string(),
  handle: z.string(),
  points: z.array(z.object({ key: z.string(), r: z.string(), z: z.string() })).max(60),
  curved: z.boolean(),
  wall: z.string(),
  floor: z.string(),
  groove: z.string().default(''),
  hole: z.string().default(''),
  engraved: z.string().default(''),
  lid: z.boolean().default(true),
});

/** A design as it was typed or drawn; the server measures it again. */
export async function saveDesign(input: unknown): Promise<Answer<{ readonly revisionId: number }>> {
  return act(Design, input, (db, draft, by) => {
    const geometry = geometryOf(draft);
    return geometry.ok
      ? addDesign(db, { name: draft.name, geometry: geometry.value, uses: draft.uses, tableware: draft.tableware }, by.nowMs)
      : geometry;
  });
}

const Uses = z.object({
  designId: id,
  base: id,
  uses: z.array(z.enum(PIECE_USES)),
  tableware: z.boolean(),
});

/** What a design is for: an answer to what an older file guessed, or its next revision. */
export async function changeUses(input: unknown): Promise<Answer<{ readonly revisionId: number }>> {
  return act(Uses, input, (db, change, by) => {
    const said = sayUses(db, change, by);
    // What was sold for a use that was only guessed may be refused by what was said.
    if (said.ok) draftJudgedLetters(db, letterWords, by.nowMs);
    return said;
  });
}

const Start = z.object({
  designRevisionId: id,
  speciesId: z.string().min(1),
  origin: z.enum(ORIGINS),
  treeKnown: z.boolean().default(true),
  pieces: z.string(),
  regimenRevisionId: id,
  materials: z.record(z.string(), z.int()),
  start: z.string(),
  due: z.string(),
  beyond: z.string().trim().max(300).default(''),
});

/** Starts a batch from what was typed. */
export async function start(input: unknown): Promise<Answer<{ readonly number: string }>> {
  return act(Start, input, (db, { pieces, start: startText, due, beyond, ...rest }, by) => {
    const read = reader();
    const { zone } = theShop(db);
    const count = read.take('pieces', parsePositive(pieces));
    const startAt = startText === '' ? by.nowMs : read.take('start', instantOf(startText, zone));
    const dueAt = due === '' ? null : read.take('due', instantOf(due.length === 10 ? `${due}T18:00` : due, zone));
    if (count === undefined || startAt === undefined || dueAt === undefined) return { ok: false, issues: read.issues };
    if (!Number.isInteger(count)) return fail('invalid', 'pieces', { detail: 'a whole number of pieces' });
    return startBatch(db, { ...rest, pieces: count, startAt, dueAt, beyondWhy: beyond }, by);
  });
}

const words = z.string().trim().max(300);
const OfSlot = z.object({ batchId: id, slot: z.string().min(1) });

/** Another coat of a material, from the same lot or from another. */
export async function another(input: unknown): Promise<Answer> {
  return act(OfSlot.extend({ clientId, lotId: z.int().nullable(), note: words }), input, (db, more, by) =>
    anotherCoat(db, more, by),
  );
}

/** That was the last coat of a material, and why. */
export async function lastOne(input: unknown): Promise<Answer> {
  return act(OfSlot.extend({ clientId, reason: z.enum(LAST_REASONS), note: words }), input, (db, last, by) =>
    thatWasTheLast(db, last, by),
  );
}

/** Takes a coat more, or that it was the last, back. */
export async function changeBack(input: unknown): Promise<Answer> {
  return act(z.object({ clientId, batchId: id, id }), input, (db, back, by) => takeChangeBack(db, back, by));
}

/** The next coats of a material come from another lot. */
export async function otherLot(input: unknown): Promise<Answer> {
  return act(OfSlot.extend({ lotId: id }), input, (db, change, by) => changeLot(db, change, by));
}

const Move = z.object({ batchId: id, placeId: id });

export async function moveTo(input: unknown): Promise<Answer> {
  return act(Move, input, (db, { batchId, placeId }, by) => moveBatch(db, batchId, placeId, by));
}

const Moisture = z.object({ batchId: id, percent: z.string(), spot: z.string().trim().max(80), valid: z.enum(['yes', 'no']) });

/** What the moisture meter says. */
export async function saveMoisture(input: unknown): Promise<Answer> {
  return act(Moisture, input, (db, { percent, valid, ...rest }, by) => {
    const read = reader();
    const value = read.take('percent', parsePositive(percent.replace('%', '')));
    return value === undefined
      ? { ok: false, issues: read.issues }
      : recordMoisture(db, { ...rest, percent: value, isValid: valid === 'yes' }, by);
  });
}

/** Strikes a record that another device had made already. */
export async function strike(input: unknown): Promise<Answer> {
  return act(Back.extend({ entry: clientId }), input, (db, back, by) => strikeWaiting(db, back, by));
}

const Parting = z.object({ batchId: id, pieces: z.string().max(400), why: z.string().trim().max(200) });

/** Some pieces become a batch of their own. */
export async function split(input: unknown): Promise<Answer<{ readonly number: string }>> {
  return act(Parting, input, (db, parting, by) => splitBatch(db, parting, by));
}

/** Pieces leave for good. */
export async function part(input: unknown): Promise<Answer<{ readonly count: number }>> {
  return act(Parting, input, (db, parting, by) => partWith(db, parting, by));
}

/** A batch goes into another that waits for the same step. */
export async function join(input: unknown): Promise<Answer<{ readonly number: string }>> {
  return act(z.object({ batchId: id, into: z.string().max(20) }), input, (db, joining, by) => joinBatches(db, joining, by));
}

/** Takes up a way back. */
export async function goBack(input: unknown): Promise<Answer> {
  return act(z.object({ clientId, batchId: id, way: z.enum(WAYS) }), input, (db, wish, by) => takeWay(db, wish, by));
}

/** Lets a way back go that nothing was done of. */
export async function dropWay(input: unknown): Promise<Answer> {
  return act(z.object({ batchId: id, id }), input, (db, which, by) => leaveWay(db, which, by));
}

const Weighing = z.object({
  clientId,
  batchId: id,
  pieceId: id,
  task: z.string().min(1).max(120),
  before: z.string(),
  after: z.string(),
});

/** A piece on the scale: before a coat, and after it when it is known already. */
export async function weighPiece(input: unknown): Promise<Answer> {
  return act(Weighing, input, (db, { before, after, ...where }, by) => {
    const read = reader();
    const beforeG = read.take('before', parseMass(before));
    const afterG = read.orNone('after', after, parseMass);
    if (beforeG === undefined || afterG === undefined) return { ok: false, issues: read.issues };
    if (afterG !== null && afterG < beforeG) return fail('lighter-after', 'after');
    const made = weighBefore(db, { ...where, beforeG }, by);
    return made.ok && afterG !== null ? weighAfter(db, { id: made.value.id, afterG }) : made.ok ? ok(undefined) : made;
  });
}

/** The same piece after the coat was wiped. */
export async function weighAgain(input: unknown): Promise<Answer> {
  return act(z.object({ id, after: z.string() }), input, (db, { id: which, after }) => {
    const mass = parseMass(after);
    return mass.ok
      ? weighAfter(db, { id: which, afterG: mass.value })
      : { ok: false, issues: mass.issues.map((issue) => ({ ...issue, path: 'after' })) };
  });
}

const text = z.string().max(400);
const StepTyped = z.object({
  key: text,
  id: z.string().min(1).max(60),
  kind: z.enum(CHOICES.kinds),
  action: text,
  done: text,
  setup: text,
  perPiece: text,
  min: text,
  ideal: text,
  max: text,
  slot: text,
  lies: text,
  coatClass: text,
  coat: text,
  until: text,
  expect: text,
  again: text,
  place: text,
  optional: z.boolean(),
  note: text,
  labelRule: text,
});
const Written = z.object({
  base: id,
  why: text,
  asOwn: z.boolean(),
  draft: z.object({
    id: z.string().min(1).max(80),
    name: text,
    school: text,
    gains: text,
    costs: text,
    careClass: z.enum(CHOICES.care),
    knifeSurface: z.boolean(),
    slots: z.array(Slot),
    steps: z.array(StepTyped).min(1).max(80),
  }),
});

/** Keeps a regimen as it was typed: the next revision, or one of the shop's own. */
export async function keepRegimen(input: unknown): Promise<Answer<{ readonly id: string }>> {
  return act(Written, input, (db, { draft, ...how }, by) => {
    const regimen = readRegimen(draft);
    return regimen.ok ? saveRegimen(db, { regimen: regimen.value, ...how }, by) : regimen;
  });
}
