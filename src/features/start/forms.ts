import { z } from 'zod';
import { typedCount } from '@/core/contract';
import { ORIGINS, PIECE_USES } from '@/core/material';
import { type Geometry, geometryOf, PART_SHAPES, Solid } from '@/core/piece';
import { SHAPE_WORDS } from '@/messages';
import { rowId } from '@/web/shapes';

/** The forms of starting a batch, field by field; their actions read the same. */

const typed = z.string().max(120);

/** A design as it is typed or drawn, before it is measured. */
export const DesignTyped = z.object({
  name: z.string().trim().min(1).max(80),
  uses: z.array(z.enum(PIECE_USES)).min(1),
  tableware: z.boolean(),
  shape: z.enum(Object.keys(SHAPE_WORDS) as [Geometry['shape'], ...Geometry['shape'][]]),
  sizes: typed,
  grain: z.enum(['long', 'end']),
  bowl: typed,
  handle: typed,
  points: z.array(z.object({ key: z.string(), r: typed, z: typed })).max(60),
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
        key: z.string(),
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
  const geometry = geometryOf(draft);
  if (geometry.ok) return { ...draft, geometry: geometry.value };
  for (const { code, path, with: bounds } of geometry.issues)
    ctx.addIssue({ code: 'custom', path: path.split('.').filter(Boolean), params: { code, with: bounds } });
  return z.NEVER;
});

export const UsesFields = z.object({ uses: z.array(z.enum(PIECE_USES)).min(1), tableware: z.boolean() });

/** What a batch is started with; its moments are on the shop's wall clock, empty for now and for none. */
export const StartFields = z.object({
  designRevisionId: rowId,
  speciesId: z.string().min(1),
  origin: z.enum(ORIGINS),
  /** Which wood's question was answered, and how. */
  tree: z.object({ of: z.string(), known: z.boolean() }).nullable(),
  pieces: typedCount('pieces'),
  regimenRevisionId: rowId,
  materials: z.record(z.string(), z.int()),
  start: z.string().max(40),
  due: z.string().max(40),
  beyond: z.string().trim().max(300),
});
