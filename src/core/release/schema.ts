import { z } from 'zod';
import { CHECK_KINDS, CURE_MODES } from '@/core/cure';
import { FOOD_VERDICTS, ORIGINS, PIECE_USES } from '@/core/material';
import { STATEMENTS } from '@/core/use';
import { COST_PARTS } from './cost';
import { GATES } from './gates';

const Moment = z.iso.datetime({ offset: true });
const Sha256 = z.string().regex(/^[0-9a-f]{64}$/);
const Minor = z.number().min(0);

/** The gates of the first records. */
export const GATES_1 = ['steps', 'least-time', 'estimate', 'check', 'wood', 'contact', 'surface', 'mouthed', 'rags'] as const;
/** Where wood could come from in them. */
const ORIGINS_1 = ['bought', 'offcut', 'found'] as const;

const Record1 = z.object({
  format: z.literal('rendle-release'),
  version: z.literal(1),
  number: z.string(),
  outcome: z.enum(['released', 'refused']),
  next: z.enum(['mend', 'reject']).nullable(),
  reason: z.string(),
  at: Moment,
  by: z.string(),
  shop: z.string(),
  zone: z.string(),
  batch: z.object({
    number: z.string(),
    design: z.string(),
    wood: z.string(),
    botanical: z.string(),
    origin: z.enum(ORIGINS_1),
    regimen: z.string(),
    school: z.string(),
    pieces: z.array(z.object({ tag: z.string(), code: z.string() })),
  }),
  gates: z.array(z.object({ id: z.enum(GATES_1), met: z.boolean(), signed: z.boolean() })),
  steps: z.object({ done: z.int(), left: z.int() }),
  contact: z.string(),
  allergens: z.array(z.string()),
  undeclared: z.array(z.string()),
  lots: z.array(
    z.object({
      slot: z.string(),
      number: z.string(),
      title: z.string(),
      contents: z.array(z.string()),
      bestBefore: z.iso.date().nullable(),
      /** Suppliers' papers on this lot and on what went into it. */
      declarations: z.array(z.object({ lot: z.string(), name: z.string(), sha256: Sha256 })),
    }),
  ),
  coats: z.array(
    z.object({
      at: Moment,
      by: z.string(),
      what: z.string(),
      lot: z.string().nullable(),
      grams: z.number().nullable(),
      estimated: z.boolean(),
    }),
  ),
  checks: z.array(z.object({ at: Moment, by: z.string(), kind: z.enum(CHECK_KINDS), pass: z.boolean(), note: z.string() })),
  cure: z
    .object({
      from: Moment,
      settles: z.boolean(),
      neededHours: z.number(),
      ageHours: z.number(),
      likely: z.number().min(0).max(1),
      likelyBy: Moment,
      hoursRead: z.int(),
      gaps: z.array(z.object({ from: Moment, to: Moment })),
      meanTempC: z.number().nullable(),
      meanRh: z.number().nullable(),
    })
    .nullable(),
  weighed: z.object({ times: z.int(), restsSinceHours: z.number().nullable() }).nullable(),
  photos: z.array(z.object({ at: Moment, what: z.string(), sha256: Sha256 })),
  rags: z.array(z.object({ opened: Moment, how: z.string().nullable(), laid: Moment.nullable(), checked: Moment.nullable() })),
  labelled: z.object({ at: Moment, by: z.string() }).nullable(),
  cost: z.object({
    currency: z.string(),
    parts: z.record(z.enum(COST_PARTS), Minor.nullable()),
    /** The lot of the jar that goes into the box. */
    jar: z.string().nullable(),
    sumMinor: Minor,
    priceMinor: Minor.nullable(),
    marginMinor: z.number().nullable(),
    handsMinPerPiece: z.number().min(0),
    gramsPerPiece: z.number().min(0),
  }),
});

/** From the second shape on: what the piece is for, how its wood was judged, what papers say of each lot, and a date that may be unsayable. */
const Record2 = Record1.extend({
  version: z.literal(2),
  batch: Record1.shape.batch.extend({
    origin: z.enum(ORIGINS),
    use: z.array(z.enum(PIECE_USES)),
    woodVerdict: z.enum(FOOD_VERDICTS),
  }),
  gates: z.array(z.object({ id: z.enum(GATES), met: z.boolean(), signed: z.boolean() })),
  /** The slip, the owner's page and the label must say "Not for food". */
  notForFood: z.boolean(),
  lots: z.array(Record1.shape.lots.element.extend({ statement: z.array(z.enum(STATEMENTS)) })),
  cure: Record1.shape.cure
    .unwrap()
    .extend({
      mode: z.enum(CURE_MODES),
      /** Null where half of such batches may never be. */
      neededHours: z.number().nullable(),
      /** Null where a date cannot be said. */
      likelyBy: Moment.nullable(),
    })
    .nullable(),
});

/** A release record as an open file: what was looked at when a batch was judged fit to sell, or not. Money in minor units, grams, °C, shares 0–1. Old ones keep the first shape. */
export const ReleaseRecord = z.discriminatedUnion('version', [Record1, Record2]);
export const NewReleaseRecord = Record2;
export type NewReleaseRecord = z.infer<typeof Record2>;
export type ReleaseRecord = z.infer<typeof ReleaseRecord>;
