'use server';

import { z } from 'zod';
import { clientId, rowId } from '@/web/shapes';
import { CHECK_KINDS } from '@/core/cure';
import { fail, parseHumidity, parseMass, parseTemperature } from '@/core/quantity';
import { recordCheck, recordWeighing } from '@/data/cure/commands';
import { recordReading } from '@/data/shop/commands';
import { act, type Answer, reader } from '@/web/act';

const Check = z.object({
  clientId,
  batchId: rowId,
  kind: z.enum(CHECK_KINDS),
  pass: z.boolean(),
  note: z.string().max(2000),
});

/** A judgement of a batch's finish, made now. */
export async function saveCheck(input: unknown): Promise<Answer> {
  return act(Check, input, (db, check, by) => recordCheck(db, { ...check, at: by.nowMs }, by));
}

const Weighing = z.object({ clientId, batchId: rowId, mass: z.string().max(40) });

/** What a batch's test piece weighs now. */
export async function saveWeighing(input: unknown): Promise<Answer> {
  return act(Weighing, input, (db, { mass, ...rest }, by) => {
    const grams = parseMass(mass);
    if (!grams.ok) return { ok: false, issues: grams.issues.map((issue) => ({ ...issue, path: 'mass' })) };
    return recordWeighing(db, { ...rest, grams: grams.value, at: by.nowMs }, by);
  });
}

const Reading = z.object({ clientId: z.string().min(8), placeId: z.int(), temp: z.string(), rh: z.string() });

/** A room reading, typed. */
export async function saveReading(input: unknown): Promise<Answer> {
  return act(Reading, input, (db, { clientId, placeId, temp, rh }, by) => {
    const read = reader();
    const [tempC, humidity] = [read.take('temp', parseTemperature(temp)), read.take('rh', parseHumidity(rh))];
    if (tempC === undefined || humidity === undefined) return { ok: false, issues: read.issues };
    if (tempC < -40 || tempC > 60) return fail('too-large', 'temp', { least: -40, most: 60 });
    return recordReading(db, { clientId, placeId, at: by.nowMs, tempC, rh: humidity }, by);
  });
}
