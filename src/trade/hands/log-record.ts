import 'server-only';
import { z } from 'zod';
import { MOST_PHOTO_CHARS, rowId } from '../shapes';
import { SeenFault } from './seen';

const id = z.string().max(100).min(8).max(64);

/** The open shape of a record (docs/formats/record.md): times in UTC ms, grams, °C, humidity 0–1. */
export const Record = z.object({
  clientId: id,
  batchId: rowId,
  kind: z.enum(['done', 'left-out']).default('done'),
  task: z.string().max(100).min(1).max(80),
  at: rowId,
  device: id,
  deviceSequence: z.int().min(0),
  clockOffsetMs: z.int().min(-1e13).max(1e13).default(0),
  queued: z.boolean().default(false),
  grams: z.number().min(0).max(1e6).nullable().default(null),
  tempC: z.number().min(-40).max(60).nullable().default(null),
  rh: z.number().min(0).max(1).nullable().default(null),
  pass: z.boolean().nullable().default(null),
  seen: z.string().max(2000).default(''),
  faults: z.array(SeenFault).max(40).default([]),
  /** A photo as a data URL (JPEG, PNG or WebP); kept as a file beside the database. */
  /** Its lot ran out within the coat: the rest, and what comes after, from this lot; grams null where not weighed. */
  nextLot: z
    .object({ lotId: rowId, grams: z.number().min(0).max(1e6).nullable().default(null) })
    .nullable()
    .default(null),
  /** A time before its lot was there or its batch began was asked about, and is right. */
  sure: z.boolean().default(false),
  photoData: z.string().max(MOST_PHOTO_CHARS).nullable().default(null),
});
