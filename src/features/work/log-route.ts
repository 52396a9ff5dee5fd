import 'server-only';
import { z } from 'zod';
import { SURFACES } from '@/core/piece';
import { ok } from '@/core/quantity';
import { FAULTS } from '@/core/regimen';
import { recordEntry } from '@/data/work/record';
import { act } from '../shop/act';
import { keepFile } from '@/data/files';
import { MOST_PHOTO_CHARS, photoOf } from './photo';
import { sameSite } from '../shop/same-site';

const id = z.string().min(8).max(64);

/** The open shape of a record (docs/formats/record.md): times in UTC ms, grams, °C, humidity 0–1. */
export const Record = z.object({
  clientId: id,
  batchId: z.int().positive(),
  kind: z.enum(['done', 'left-out']).default('done'),
  task: z.string().min(1).max(80),
  at: z.int().positive(),
  device: id,
  deviceSequence: z.int().min(0),
  clockOffsetMs: z.int().default(0),
  queued: z.boolean().default(false),
  grams: z.number().min(0).max(1e6).nullable().default(null),
  tempC: z.number().min(-40).max(60).nullable().default(null),
  rh: z.number().min(0).max(1).nullable().default(null),
  pass: z.boolean().nullable().default(null),
  seen: z.string().max(2000).default(''),
  faults: z
    .array(z.object({ fault: z.enum(FAULTS), surface: z.enum(SURFACES) }))
    .max(40)
    .default([]),
  /** A photo as a data URL (JPEG, PNG or WebP); kept as a file beside the database. */
  /** Its lot ran out within the coat: the rest, and what comes after, from this lot; grams null where not weighed. */
  nextLot: z
    .object({ lotId: z.int().positive(), grams: z.number().min(0).max(1e6).nullable().default(null) })
    .nullable()
    .default(null),
  /** A time before its lot was there or its batch began was asked about, and is right. */
  sure: z.boolean().default(false),
  photoData: z.string().max(MOST_PHOTO_CHARS).nullable().default(null),
});

/** Takes one record, as often as it is sent, and stores it once. 422 with the reasons when it cannot be. */
export async function POST(request: Request): Promise<Response> {
  if (!sameSite(request))
    return Response.json({ ok: false, faults: { '': 'Records come from the shop’s own pages.' } }, { status: 403 });
  let body: unknown;
  try {
    body = await request.json();
  } catch {
    return Response.json({ ok: false, faults: { '': 'This is not JSON.' } }, { status: 400 });
  }
  const answer = await act(Record, body, (db, { photoData, ...report }, by) => {
    const photo = photoData === null ? ok(null) : photoOf(photoData);
    if (!photo.ok) return photo;
    const recorded = recordEntry(db, { ...report, photo: photo.value?.hash ?? null }, by);
    // A photo is kept once its record was taken, and again when a record comes that was: what was cut off between is made good.
    if (recorded.ok && photo.value) keepFile(photo.value.bytes);
    return recorded;
  });
  // What could not be written stays on the device and is sent again.
  return Response.json(answer, { status: answer.ok ? 200 : answer.unwritten ? 507 : 422 });
}
