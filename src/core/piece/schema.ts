import { z } from 'zod';
import { above, atLeastNone, MOST } from '@/core/contract';
import { POROSITIES } from '@/core/material';

const mm = above(MOST.millimetres);
/** A profile point `[radius, height]` in mm; a radius of 0 is the axis. */
const profile = z
  .array(z.tuple([atLeastNone(MOST.millimetres), z.number().min(-MOST.millimetres).max(MOST.millimetres)]))
  .min(2)
  .max(2000);

/** What a piece looks like, as far as finish cares. Lengths in mm; turned profiles run from foot to rim. */
export const Geometry = z.discriminatedUnion('shape', [
  z.object({
    shape: z.literal('board'),
    lengthMm: mm,
    widthMm: mm,
    thickMm: mm,
    grain: z.enum(['long', 'end']),
    /** A half-round groove for juice, its middle so far in from the edges of one face. */
    groove: z.object({ widthMm: mm, depthMm: mm, insetMm: mm }).optional(),
    /** A slot to hold it by, right through. */
    hole: z.object({ lengthMm: mm, widthMm: mm }).optional(),
    /** Share of one face that is engraved. */
    engravedShare: z.number().min(0).max(1).optional(),
  }),
  z.object({ shape: z.literal('turned'), outer: profile, inner: profile }),
  z.object({
    shape: z.literal('spoon'),
    bowlLengthMm: mm,
    bowlWidthMm: mm,
    bowlDepthMm: mm,
    handleLengthMm: mm,
    handleWidthMm: mm,
    handleThickMm: mm,
  }),
  z.object({
    shape: z.literal('scoop'),
    bowlLengthMm: mm,
    bowlWidthMm: mm,
    bowlDepthMm: mm,
    wallMm: mm,
    handleLengthMm: mm,
    handleWidthMm: mm,
    handleThickMm: mm,
  }),
  z.object({ shape: z.literal('box'), lengthMm: mm, widthMm: mm, heightMm: mm, wallMm: mm, lid: z.boolean() }),
]);
export type Geometry = z.infer<typeof Geometry>;

/** Shapes that are reckoned besides those a design is drawn in. A recess is as wide as its walls leave it; a ring is a torus. */
const PlainShape = z.discriminatedUnion('shape', [
  z.object({ shape: z.literal('disc'), diameterMm: mm, thickMm: mm, grain: z.enum(['long', 'end']) }),
  z.object({
    shape: z.literal('tray'),
    lengthMm: mm,
    widthMm: mm,
    thickMm: mm,
    recessLengthMm: mm,
    recessWidthMm: mm,
    recessDepthMm: mm,
  }),
  z.object({ shape: z.literal('ring'), outerMm: mm, barMm: mm }),
  z.object({ shape: z.literal('plain'), areaMm2: above(MOST.squareMillimetres), endGrainShare: z.number().min(0).max(1) }),
  z.strictObject({ shape: z.literal('turned'), outer: profile }),
]);
export type PlainShape = z.infer<typeof PlainShape>;

const PLAIN_SHAPES: readonly string[] = PlainShape.options.map((option) => option.shape.shape.value);

/** Reads a value by the shape it names, so that a fault stands at its own field. */
const byShape = <T>(read: (value: { readonly shape: string }) => z.ZodType<T>) =>
  z.looseObject({ shape: z.string() }).transform((value, context): T => {
    const parsed = read(value).safeParse(value, { reportInput: true });
    if (parsed.success) return parsed.data;
    for (const issue of parsed.error.issues) context.issues.push(issue as z.core.$ZodRawIssue);
    return z.NEVER;
  });

const isPlain = (value: { readonly shape: string }): boolean =>
  PLAIN_SHAPES.includes(value.shape) && !(value.shape === 'turned' && 'inner' in value);

/** One solid thing: a design's shape, or one that is only reckoned; a turned form without an inside is solid. */
const Solid = byShape<Geometry | PlainShape>((value) => (isPlain(value) ? PlainShape : Geometry));

const Parts = z.object({
  shape: z.literal('parts'),
  parts: z
    .array(z.object({ count: z.int().positive().max(10_000), of: Solid }))
    .min(1)
    .max(100),
});

/** What has a surface: one thing, or parts with their counts. */
export const AreaInput = byShape<Geometry | PlainShape | z.infer<typeof Parts>>((value) =>
  value.shape === 'parts' ? Parts : Solid,
);

export const FINISH_CLASSES = ['flood-oil', 'bath', 'thin-oil', 'oil-wax', 'hard-wax', 'wax-paste', 'friction', 'film'] as const;
export const FinishClass = z.enum(FINISH_CLASSES);
export type FinishClass = z.infer<typeof FinishClass>;

export const UptakeInput = z.object({
  areaMm2: above(MOST.squareMillimetres),
  endGrainMm2: atLeastNone(MOST.squareMillimetres),
  finishClass: FinishClass,
  porosity: z.enum(POROSITIES),
  coats: z.int().positive().max(50),
  pieces: z.int().positive().max(10_000),
});

export const EmcInput = z.object({ tempC: z.number().min(-40).max(120), rh: z.number().min(0).max(1) });
