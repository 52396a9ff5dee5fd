import { z } from 'zod';
import { above, atLeastNone, MOST } from '@/core/contract';
import { POROSITIES } from '@/core/material';
import { SHAPES, type Solid as SolidThing } from './shapes';

/** One solid thing, by its shape. Lengths in mm. */
export const Solid = z.discriminatedUnion('shape', [
  SHAPES.board.solid,
  SHAPES.turned.solid,
  SHAPES.spoon.solid,
  SHAPES.scoop.solid,
  SHAPES.box.solid,
  SHAPES['round-box'].solid,
  SHAPES.disc.solid,
  SHAPES.tray.solid,
  SHAPES.ring.solid,
  SHAPES.plain.solid,
]);
export type Solid = SolidThing;

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
