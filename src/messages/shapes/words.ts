import type { ShapeId, SolidOf } from '@/core/piece';
import type { Reads } from '@/core/quantity';

/** A shape as a maker calls it, and how large one is in a few words. */
export type ShapeWords<S extends ShapeId> = {
  readonly name: string;
  readonly size: (one: SolidOf<S>, reads: Reads) => string;
};
