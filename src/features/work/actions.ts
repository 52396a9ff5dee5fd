'use server';

import { z } from 'zod';
import { WAYS } from '@/core/batch';
import { typed } from '@/core/contract';
import type { PieceUse } from '@/core/material';
import { fail, instantOf, ok, parseMass } from '@/core/quantity';
import { VERDICT_KINDS } from '@/core/regimen';
import { recordMoisture, weighBlank } from '@/data/moisture/moisture';
import { theShop } from '@/data/shop/queries';
import { againLike } from '@/data/work/again';
import { loadBatch } from '@/data/work/batch';
import { cancelBatch, resumeBatch } from '@/data/work/cancel';
import { judgeWork, keepNote } from '@/data/work/notes';
import { leaveWay, takeWay } from '@/data/work/recover';
import { joinBatches, partWith, splitBatch } from '@/data/work/split';
import { correctEntry } from '@/data/work/strike';
import { weighAfter, weighBefore } from '@/data/work/uptake';
import { changeBatchUses } from '@/data/work/uses';
import { USE_WORDS } from '@/messages';
import { workWorkActions as wording } from '@/messages/screens/work';
import { clientId, rowId } from '@/trade/shapes';
import { type Answer, act, reader } from '@/web/act';
import { reads } from '@/web/here';
import { CorrectionFields, DrinkFields, MoistureFields, UseChange } from './forms';

const Back = z.object({ clientId, batchId: rowId, device: clientId, deviceSequence: z.int().min(0) });

/** Strikes an entry through and writes what it should have said. */
export async function correctRecord(input: unknown): Promise<Answer> {
  return act(CorrectionFields.extend(Back.shape).extend({ corrects: clientId }), input, (db, { at, grams, ...rest }, by) => {
    const read = reader();
    const atMs = read.take('at', instantOf(at, theShop(db).zone));
    if (atMs === undefined) return { ok: false, issues: read.issues };
    return correctEntry(db, { ...rest, at: atMs, grams }, by);
  });
}

/** What the moisture meter says. */
export async function saveMoisture(input: unknown): Promise<Answer> {
  return act(MoistureFields.extend({ batchId: rowId }), input, (db, { valid, ...rest }, by) =>
    recordMoisture(db, { ...rest, isValid: valid === 'yes' }, by),
  );
}

/** A blank on the scale while it dries. */
export async function saveBlank(input: unknown): Promise<Answer> {
  return act(
    z.object({ clientId, batchId: rowId, pieceId: rowId, grams: typed((one) => parseMass(one, reads())) }),
    input,
    weighBlank,
  );
}

/** Begins again like a batch: a regimen as it was really done, and where to start from it. */
export async function again(input: unknown): Promise<Answer<{ readonly regimenId: string }>> {
  return act(z.object({ batchId: rowId }), input, (db, { batchId }, by) => againLike(db, batchId, by));
}

/** What its maker thinks of the work. */
export async function judgeIt(input: unknown): Promise<Answer> {
  const Verdict = z.object({ clientId, batchId: rowId, kind: z.enum(VERDICT_KINDS), score: z.int().min(1).max(5) });
  return act(Verdict, input, judgeWork);
}

/** A note of a batch. */
export async function writeNote(input: unknown): Promise<Answer> {
  return act(z.object({ clientId, batchId: rowId.nullable(), text: z.string().max(4000) }), input, keepNote);
}

const Parting = z.object({ batchId: rowId, pieces: z.string().max(400), why: z.string().trim().max(200) });

/** Some pieces become a batch of their own. */
export async function splitThisBatch(input: unknown): Promise<Answer<{ readonly number: string }>> {
  return act(Parting, input, (db, parting, by) => splitBatch(db, parting, by));
}

/** Pieces leave for good. */
export async function part(input: unknown): Promise<Answer<{ readonly count: number }>> {
  return act(Parting, input, (db, parting, by) => partWith(db, parting, by));
}

/** A batch goes into another that waits for the same step. */
export async function join(input: unknown): Promise<Answer<{ readonly number: string }>> {
  return act(z.object({ batchId: rowId, into: z.string().max(20) }), input, (db, joining, by) => joinBatches(db, joining, by));
}

/** Takes up a way back. */
export async function goBack(input: unknown): Promise<Answer> {
  return act(z.object({ clientId, batchId: rowId, way: z.enum(WAYS) }), input, (db, wish, by) => takeWay(db, wish, by));
}

/** Lets a way back go that nothing was done of. */
export async function dropWay(input: unknown): Promise<Answer> {
  return act(z.object({ batchId: rowId, id: rowId }), input, (db, which, by) => leaveWay(db, which, by));
}

/** A piece on the scale: before a coat, and after it when it is known already. */
export async function weighPiece(input: unknown): Promise<Answer> {
  const Weighing = z.object({ clientId, batchId: rowId, pieceId: rowId, task: z.string().max(100).min(1).max(120) });
  return act(Weighing.and(DrinkFields), input, (db, { before, after, ...where }, by) => {
    const made = weighBefore(db, { ...where, beforeG: before }, by);
    return made.ok && after !== null ? weighAfter(db, { id: made.value.id, afterG: after }) : made.ok ? ok(undefined) : made;
  });
}

/** The same piece after the coat was wiped. */
export async function weighAgain(input: unknown): Promise<Answer> {
  return act(z.object({ id: rowId, after: typed((one) => parseMass(one, reads())) }), input, (db, { id, after }) =>
    weighAfter(db, { id, afterG: after }),
  );
}

/** Says what a running batch is for from now on, and why. */
export async function changeUse(input: unknown): Promise<Answer> {
  const Asked = UseChange.extend({ batchId: rowId, version: z.int(), clientId });
  return act(Asked, input, (db, { uses, ...of }, by) => {
    const batch = loadBatch(db, of.batchId, by.nowMs);
    if (!batch) return fail('not-found', 'batchId');
    const named = (some: readonly PieceUse[]): string => some.map((use) => USE_WORDS[use]).join(', ');
    const says = wording.nowForItWas(named(uses), named(batch.design.uses));
    return changeBatchUses(db, { ...of, uses, pieceIds: [], says }, by);
  });
}

/** Cancels a batch that was begun by mistake, or is given up. */
export async function cancel(input: unknown): Promise<Answer> {
  return act(z.object({ batchId: rowId, why: z.string().trim().max(200) }), input, cancelBatch);
}

/** Takes the cancelling of a batch back. */
export async function resume(input: unknown): Promise<Answer> {
  return act(z.object({ batchId: rowId }), input, (db, { batchId }, by) => resumeBatch(db, batchId, by));
}
