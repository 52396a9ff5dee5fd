import type { z } from 'zod';
import { board } from './board';
import { box } from './box';
import { disc } from './disc';
import { plain } from './plain';
import { ring } from './ring';
import { roundBox } from './round-box';
import { scoop } from './scoop';
import type { Shape } from './shape';
import { spoon } from './spoon';
import { tray } from './tray';
import { turned } from './turned';

/** Every shape one solid thing may have. What is asked of any of them is asked here. */
export const SHAPES = { board, turned, spoon, scoop, box, 'round-box': roundBox, disc, tray, ring, plain } as const;
export type ShapeId = keyof typeof SHAPES;

/** One solid thing. Lengths in mm. */
export type Solid = { [S in ShapeId]: z.output<(typeof SHAPES)[S]['solid']> }[ShapeId];
export type SolidOf<S extends ShapeId> = Extract<Solid, { shape: S }>;

/** Shapes a part of something may have. */
export type PartShape = { [S in ShapeId]: (typeof SHAPES)[S]['asPart'] extends null ? never : S }[ShapeId];

/** The shape of a solid thing, with all that is true of it. */
export const shapeOf = (one: { readonly shape: ShapeId }): Shape<z.ZodType<Solid>> =>
  SHAPES[one.shape] as unknown as Shape<z.ZodType<Solid>>;
