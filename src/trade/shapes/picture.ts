import type { Surface } from '@/core/piece';

/** The box a large drawing stands in. */
export const W = 360;
export const H = 220;

/** How the wood is drawn: its ground with an outline, and its grain. */
export type Paint = {
  readonly ink: { readonly fill: string; readonly stroke: string; readonly strokeWidth: number };
  readonly line: string;
};

/** Where each surface's number stands in a drawing, as shares of its width and height. */
export type Where = Readonly<Partial<Record<Surface, readonly [number, number]>>>;
