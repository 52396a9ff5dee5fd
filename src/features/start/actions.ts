'use server';

import { z } from 'zod';
import { rowId } from '@/web/shapes';
import { instantOf } from '@/core/quantity';
import { draftJudgedLetters } from '@/data/care/post';
import { theShop } from '@/data/shop/queries';
import { addDesign, sayUses, startBatch } from '@/data/work/commands';
import { act, type Answer, reader } from '@/web/act';
import { letterWords } from '@/web/letter-words';
import { DesignFields, StartFields, UsesFields } from './forms';

/** A design as it was typed or drawn; the server measures it again. */
export async function saveDesign(input: unknown): Promise<Answer<{ readonly revisionId: number }>> {
  return act(DesignFields, input, (db, { name, geometry, uses, tableware }, by) =>
    addDesign(db, { name, geometry, uses, tableware }, by.nowMs),
  );
}

/** What a design is for: an answer to what an older file guessed, or its next revision. */
export async function changeUses(input: unknown): Promise<Answer<{ readonly revisionId: number }>> {
  return act(UsesFields.extend({ designId: rowId, base: rowId }), input, (db, change, by) => {
    const said = sayUses(db, change, by);
    // What was sold for a use that was only guessed may be refused by what was said.
    if (said.ok) draftJudgedLetters(db, letterWords, by.nowMs);
    return said;
  });
}

/** Starts a batch from what was typed. */
export async function start(input: unknown): Promise<Answer<{ readonly number: string }>> {
  const Start = StartFields.omit({ tree: true }).extend({ treeKnown: z.boolean() });
  return act(Start, input, (db, { start: startText, due, beyond, ...rest }, by) => {
    const read = reader();
    const { zone } = theShop(db);
    const startAt = startText === '' ? by.nowMs : read.take('start', instantOf(startText, zone));
    const dueAt = due === '' ? null : read.take('due', instantOf(due.length === 10 ? `${due}T18:00` : due, zone));
    if (startAt === undefined || dueAt === undefined) return { ok: false, issues: read.issues };
    const started = startBatch(db, { ...rest, startAt, dueAt, beyondWhy: beyond }, by);
    return started.ok
      ? started
      : { ok: false, issues: started.issues.map((issue) => (issue.path === 'startAt' ? { ...issue, path: 'start' } : issue)) };
  });
}
