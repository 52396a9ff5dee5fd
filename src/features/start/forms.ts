import { z } from 'zod';
import { UPKEEPS } from '@/core/care';
import { byName, typedCount } from '@/core/contract';
import { FOOD_VERDICTS, ORIGINS, PIECE_USES } from '@/core/material';
import { Geometry, geometryOf, oddSizes, PART_SHAPES, Solid } from '@/core/piece';
import { say } from '@/core/quantity';
import { ADDED } from '@/core/use';
import { SHAPE_WORDS } from '@/messages';
import { rowId } from '@/trade/shapes';
import { reads } from '@/web/here';

/** The forms of starting a batch, field by field; their actions read the same. */

const typed = z.string().max(120);

/** A design as it is typed or drawn, before it is measured. */
export const DesignTyped = z.object({
  name: z.string().trim().min(1).max(80),
  uses: z.array(z.enum(PIECE_USES)).max(PIECE_USES.length).min(1),
  tableware: z.boolean(),
  /** What is over a metre or under a millimetre really is so. */
  sizesSure: z.boolean(),
  shape: z.enum(Object.keys(SHAPE_WORDS) as [Geometry['shape'], ...Geometry['shape'][]]),
  sizes: typed,
  grain: z.enum(['long', 'end']),
  bowl: typed,
  handle: typed,
  points: z.array(z.object({ key: z.string().max(100), r: typed, z: typed })).max(60),
  curved: z.boolean(),
  wall: typed,
  floor: typed,
  groove: typed,
  hole: typed,
  engraved: typed,
  lid: z.boolean(),
  solid: z.boolean(),
  recess: typed,
  surface: typed,
  endShare: typed,
  parts: z
    .array(
      z.object({
        key: z.string().max(100),
        count: typed,
        shape: z.enum(Object.keys(PART_SHAPES) as [keyof typeof PART_SHAPES, ...(keyof typeof PART_SHAPES)[]]),
        sizes: typed,
      }),
    )
    .max(40),
  likeOf: Solid.nullable(),
  times: typed,
});
/** The same, measured; what cannot be measured has its fault at its own field. */
export const DesignFields = DesignTyped.transform((draft, ctx) => {
  const geometry = geometryOf(draft, reads());
  if (geometry.ok) {
    const odd = oddSizes(geometry.value);
    if (odd.length === 0 || draft.sizesSure) return { ...draft, geometry: geometry.value, sizesSure: odd.length > 0 };
    ctx.addIssue({
      code: 'custom',
      path: ['sizesSure'],
      params: { code: 'odd-size', with: { sizes: odd.map((mm) => say(mm, 'mm', reads())).join(', ') } },
    });
    return z.NEVER;
  }
  for (const { code, path, with: bounds } of geometry.issues)
    ctx.addIssue({ code: 'custom', path: path.split('.').filter(Boolean), params: { code, with: bounds } });
  return z.NEVER;
});

export const UsesFields = z.object({ uses: z.array(z.enum(PIECE_USES)).max(PIECE_USES.length).min(1), tableware: z.boolean() });

/** A line of a mixed lot: how many, what, of which wood, and what for. */
export const MixedRow = z.object({
  key: z.string().max(100),
  count: typedCount('count'),
  name: z.string().trim().min(1).max(80),
  /** The design it is; null where none of the shop's answers to its name. */
  designRevisionId: z.int().nullable(),
  geometry: Geometry,
  speciesId: z.string().max(100).min(1),
  uses: z.array(z.enum(PIECE_USES)).max(PIECE_USES.length).min(1),
});

/** What a batch is started with; its moments are on the shop's wall clock, empty for now and for none. */
export const StartFields = z.object({
  /** Unlike pieces, where it is a mixed lot; then its design, wood and number are theirs. */
  list: z.string().max(2000),
  mixed: z.array(MixedRow).max(60),
  designRevisionId: z.int(),
  speciesId: z.string().max(100).min(1),
  origin: z.enum(ORIGINS),
  /** Which wood's question was answered, and how. */
  tree: z.object({ of: z.string().max(100), known: z.boolean() }).nullable(),
  alsoWoods: z.array(z.string().max(100).min(1)).max(8),
  glueName: z.string().trim().max(80),
  glueFood: z.enum(['yes', 'no', 'unknown']),
  added: z.array(z.enum(ADDED)).max(ADDED.length),
  pieces: typedCount('pieces'),
  /** What this batch is for, narrower than its design; null: as its design says. */
  uses: z.array(z.enum(PIECE_USES)).max(PIECE_USES.length).min(1).nullable(),
  upkeep: z.union([z.enum(UPKEEPS), z.literal('')]),
  customer: z.string().trim().max(120),
  wishes: z.string().trim().max(400),
  careDays: z.string().max(20),
  careWords: z.string().trim().max(400),
  /** When its blanks were rough-turned, as a date; empty where nobody knows. */
  roughOn: z.union([z.iso.date(), z.literal('')]),
  againOf: z.int().nullable(),
  regimenRevisionId: rowId,
  materials: byName(z.int()),
  start: z.string().max(40),
  due: z.string().max(40),
  beyond: z.string().trim().max(300),
});

/** A wood of the shop's own, as it is typed. */
export const OwnWoodTyped = z.object({
  likeId: z.string().max(100).min(1),
  name: z.string().trim().min(1).max(80),
  botanical: z.string().trim().max(120),
  food: z.enum(FOOD_VERDICTS),
  keepOff: z.array(z.enum(PIECE_USES)).max(PIECE_USES.length),
  note: z.string().trim().max(400),
  ask: z.string().trim().max(200),
  why: z.string().trim().max(300),
  names: z.object({ de: z.string().max(80), fr: z.string().max(80), es: z.string().max(80) }),
});
