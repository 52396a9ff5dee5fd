'use server';

import { z } from 'zod';
import { fail, type Result } from '@/core/quantity';
import { keepFile } from '@/data/files';
import { addReadyMade, changeReadyMade } from '@/data/stores/commands';
import { saveOwnMaterial } from '@/data/stores/own-materials';
import { lotOf, materialIdOf } from '@/data/stores/queries';
import { keepReference } from '@/data/stores/references';
import { rowId } from '@/trade/shapes';
import { type Answer, act } from '@/web/act';
import { photoOf } from '@/web/photo';
import { OwnFields, ReadyFields, ReferenceFields } from './forms';

/** Runs what keeps a form with the hash of its photo, and keeps the photo once that is done. */
function withPhoto<T>(photo: string, run: (hash: string | null) => Result<T>): Result<T> {
  if (photo === '') return run(null);
  const taken = photoOf(photo);
  if (!taken.ok) return taken;
  const done = run(taken.value.hash);
  if (done.ok) keepFile(taken.value.bytes);
  return done;
}

/** Keeps an ingredient of the shop's own by its sheet, or what is said of it now. */
export async function saveOwn(input: unknown): Promise<Answer<{ readonly id: string }>> {
  const Own = OwnFields.and(z.object({ base: z.string().max(120).nullable() }));
  return act(Own, input, (db, { likeId, facts, photo, base }, by) =>
    withPhoto(photo, (photoHash) => saveOwnMaterial(db, { likeId, facts, photoHash, base }, by)),
  );
}

/** Writes down a bought finish, or puts what is written of it right; as it was before is kept. */
export async function saveReady(input: unknown): Promise<Answer<{ readonly id: number }>> {
  const Ready = ReadyFields.and(z.object({ known: z.object({ id: rowId, version: z.int() }).nullable() }));
  return act(Ready, input, (db, { known, photo, ...label }, by) =>
    withPhoto(photo, (hash): Result<{ readonly id: number }> => {
      const facts = { ...label, ...(hash ? { photoHash: hash } : {}) };
      return known ? changeReadyMade(db, { ...facts, ...known }, by) : addReadyMade(db, facts);
    }),
  );
}

/** Keeps a piece of a lot as the known one of its material. */
export async function saveReference(input: unknown): Promise<Answer<{ readonly id: number }>> {
  return act(ReferenceFields.extend({ lotId: rowId }), input, (db, { lotId, says, photo }, by) => {
    const from = lotOf(db, lotId);
    const materialId = from && materialIdOf(from);
    if (!from || !materialId) return fail('not-found', '');
    return withPhoto(photo, (photoHash) => keepReference(db, { materialId, says: `${says} (${from.number})`, photoHash }, by));
  });
}
