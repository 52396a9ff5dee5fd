'use server';

import { z } from 'zod';
import { readBoard } from '@/core/colour';
import { fail } from '@/core/quantity';
import { fieldsOn, TRIAL_KINDS, WEARS } from '@/core/trial';
import { keepFile } from '@/data/files';
import { closeTrial, countCycle, keepPicture, score, startTrial, takeCycleBack } from '@/data/trials/commands';
import { allTrials } from '@/data/trials/queries';
import { inPixels } from '@/trade/picture/corners';
import { pixelsOf } from '@/trade/pixels';
import { clientId, photoTaken, rowId } from '@/trade/shapes';
import { type Answer, act, actAfter } from '@/web/act';
import { photoOf } from '@/web/photo';
import { CornersShape, TrialFields } from './forms';

/** Lays a trial out as it was planned. */
export async function layOut(input: unknown): Promise<Answer<{ readonly number: string }>> {
  return act(TrialFields, input, (db, { length, width, treatments, ...plan }, by) =>
    startTrial(
      db,
      {
        ...plan,
        lengthMm: length,
        widthMm: width,
        startAt: by.nowMs,
        treatments: treatments.map(({ key: _, ...one }) => ({
          ...one,
          materials: Object.fromEntries(Object.entries(one.materials).filter(([, lot]) => lot > 0)),
        })),
      },
      by,
    ),
  );
}

const Cycle = z.object({ clientId, trialId: rowId, wear: z.enum(WEARS) });

/** One cycle more. */
export async function countOne(input: unknown): Promise<Answer> {
  return act(Cycle.extend({ note: z.string().max(200) }), input, (db, one, by) => countCycle(db, one, by));
}

/** One cycle less: it was counted by mistake. */
export async function takeOneBack(input: unknown): Promise<Answer> {
  return act(Cycle, input, (db, one, by) => takeCycleBack(db, one, by));
}

/** Scores as they were touched. */
export async function saveScores(input: unknown): Promise<Answer> {
  const Scores = z.object({
    trialId: rowId,
    blind: z.boolean(),
    scorer: z.string().max(60),
    scores: z
      .array(z.object({ clientId, board: z.int().min(1), place: z.int().min(1), kind: z.enum(TRIAL_KINDS), value: z.number() }))
      .min(1)
      .max(500),
  });
  return act(Scores, input, (db, said, by) => score(db, said, by));
}

/** A picture of a board. The server reads its fields itself: its answer stands. */
export async function savePicture(input: unknown): Promise<Answer> {
  const Picture = z.object({
    clientId,
    trialId: rowId,
    board: z.int().min(1),
    lamp: z.enum(['even', 'low']),
    photo: photoTaken,
    corners: CornersShape,
  });
  return actAfter(Picture, input, async (db, { photo, corners, ...picture }, by) => {
    const trial = allTrials(db).find((one) => one.id === picture.trialId);
    if (!trial) return fail('not-found', 'trialId');
    const taken = photoOf(photo);
    if (!taken.ok) return taken;
    const pixels = await pixelsOf(taken.value.bytes);
    if (!pixels) return fail('not-a-photo', 'photo');
    const sizes = fieldsOn(trial.facts.treatments, trial.lengthMm);
    if (!sizes.ok) return sizes;
    const read = readBoard(pixels, inPixels(corners, pixels), {
      lengthMm: trial.lengthMm,
      widthMm: trial.widthMm,
      fields: sizes.value,
    });
    if (!read.ok) return read;
    const reading = read.value.fields.map((field, i) => ({ place: i + 1, ...field }));
    const kept = keepPicture(db, { ...picture, photo: taken.value.hash, corners: [...corners], reading }, by);
    if (kept.ok) keepFile(taken.value.bytes);
    return kept;
  });
}

/** A trial is over or given up, or is opened again. */
export async function finish(input: unknown): Promise<Answer> {
  return act(
    z.object({ trialId: rowId, base: z.int(), why: z.string().max(500).nullable() }),
    input,
    (db, { trialId, base, why }, by) => closeTrial(db, { trialId, base, why }, by),
  );
}
