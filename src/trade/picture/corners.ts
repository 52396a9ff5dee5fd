import type { Corners, Lab } from '@/core/colour';

/** Corners as they are kept: in parts of the picture’s width and height, so that a picture may be drawn at any size. */
export type PartCorners = readonly [
  readonly [number, number],
  readonly [number, number],
  readonly [number, number],
  readonly [number, number],
];

/** The same in the picture’s own pixels. */
export const inPixels = (corners: PartCorners, { width, height }: { readonly width: number; readonly height: number }): Corners =>
  corners.map(([x, y]) => [x * width, y * height]) as unknown as Corners;

/** A colour as it was read, for the screen. */
export const swatch = ([l, a, b]: Lab): string => `lab(${l.toFixed(1)}% ${a.toFixed(1)} ${b.toFixed(1)})`;
