import { z } from 'zod';
import { above, atLeastNone, MOST } from '@/core/contract';
import { POROSITIES } from '@/core/material';

const mm = above(MOST.millimetres);
/** A profile point `[radius, height]` in mm; a radius of 0 is the axis. */
const profile = z
  .array(z.tuple([atLeastNone(MOST.millimetres), z.number().min(-MOST.millimetres).max(MOST.millimetres)]))
  .min(2)
  .max(2000);

/** The grain of faces: along them, or across. */
const grain = z.enum(['long', 'end']);

/** One solid thing. Lengths in mm; turned profiles run from foot to rim, and one without an inside is solid. */
export const Solid = z.discriminatedUnion('shape', [
  z.object({
    shape: z.literal('board'),
    lengthMm: mm,
    widthMm: mm,
    thickMm: mm,
    grain,
    /** A half-round groove for juice, its middle so far in from the edges of one face. */
    groove: z.object({ widthMm: mm, depthMm: mm, insetMm: mm }).optional(),
    /** A slot to hold it by, right through. */
    hole: z.object({ lengthMm: mm, widthMm: mm }).optional(),
    /** Share of one face that is engraved. */
    engravedShare: z.number().min(0).max(1).optional(),
  }),
  z.object({
    shape: z.literal('turned'),
    outer: profile,
    /** Empty or left out: solid. */ inner: z.union([profile, z.tuple([])]).optional(),
  }),
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
  z.object({ shape: z.literal('round-box'), diameterMm: mm, heightMm: mm, wallMm: mm, lid: z.boolean() }),
  z.object({ shape: z.literal('disc'), diameterMm: mm, thickMm: mm, grain }),
  /** A board with a recess as wide as its walls leave it. */
  z.object({
    shape: z.literal('tray'),
    lengthMm: mm,
    widthMm: mm,
    thickMm: mm,
    recessLengthMm: mm,
    recessWidthMm: mm,
    recessDepthMm: mm,
  }),
  /** A torus. */
  z.object({ shape: z.literal('ring'), outerMm: mm, barMm: mm }),
  z.object({ shape: z.literal('plain'), areaMm2: above(MOST.squareMillimetres), endGrainShare: z.number().min(0).max(1) }),
]);
export type Solid = z.infer<typeof Solid>;

/** Reads a value by the shape it names, so that a fault stands at its own field. Each shape it names has its own lengths (`most` says so). */
const byShape = <T>(read: (value: { readonly shape: string }) => z.ZodType<T>) =>
  z
    .looseObject({ shape: z.string().max(20) })
    .meta({ most: 20 })
    .transform((value, context): T => {
      const parsed = read(value).safeParse(value, { reportInput: true });
      if (parsed.success) return parsed.data;
      for (const issue of parsed.error.issues) context.issues.push(issue as z.core.$ZodRawIssue);
      return z.NEVER;
    });

const Part = z.object({ count: z.int().positive().max(10_000), of: byShape<Solid>(() => Solid) });
const Parts = z.object({ shape: z.literal('parts'), parts: z.array(Part).min(1).max(100) });

/** What has a surface: one solid thing, or parts with their counts. */
export const AreaInput = byShape<Solid | z.infer<typeof Parts>>((value) => (value.shape === 'parts' ? Parts : Solid));

/**
 * What a piece looks like, as far as finish cares: one thing, several parts, about the size of something else, or nothing known yet:
 * then its surface is what its first coat took.
 */
export const Geometry = byShape<Solid | z.infer<typeof Parts> | Like | Unknown>((value) =>
  value.shape === 'parts' ? Parts : value.shape === 'like' ? LikeShape : value.shape === 'unknown' ? UnknownShape : Solid,
);
export type Geometry = z.output<typeof Geometry>;

const LikeShape = z.object({ shape: z.literal('like'), of: byShape<Solid>(() => Solid), times: above(1000) });
const UnknownShape = z.object({ shape: z.literal('unknown') });
type Like = z.infer<typeof LikeShape>;
type Unknown = z.infer<typeof UnknownShape>;

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
