'use server';

import { z } from 'zod';
import { rowId } from '@/web/shapes';
import { ORIGINS, PIECE_USES } from '@/core/material';
import { fail, instantOf, parsePositive } from '@/core/quantity';
import { draftJudgedLetters } from '@/data/care/post';
import { theShop } from '@/data/shop/queries';
import { addDesign, sayUses, startBatch } from '@/data/work/commands';
import { act, type Answer, reader } from '@/web/act';
import { letterWords } from '@/web/letter-words';
import { geometryOf } from '@/core/piece';

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
  designId: rowId,
  base: rowId,
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
  designRevisionId: rowId,
  speciesId: z.string().min(1),
  origin: z.enum(ORIGINS),
  treeKnown: z.boolean().default(true),
  pieces: z.string(),
  regimenRevisionId: rowId,
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
