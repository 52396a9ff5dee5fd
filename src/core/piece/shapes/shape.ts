import type { z } from 'zod';
import { above, atLeastNone, MOST } from '@/core/contract';
import type { PieceUse } from '@/core/material';
import type { Issue, Reads, Result } from '@/core/quantity';
import type { Surface } from '../surfaces';
import type { DesignDraft } from './typed';

/** One surface of a piece with its area and the end grain in it, mm². */
export type Face = { readonly surface: Surface; readonly areaMm2: number; readonly endGrainMm2: number };

/** All that is true of a shape. Lengths in mm; a shape that leaves one of these out does not compile. */
export type Shape<Z extends z.ZodType> = {
  /** How it is written in files. */
  readonly solid: Z;
  /** What a maker calls such things, in the singular, and how large one usually is. Source: working estimates. */
  readonly called: readonly { readonly words: readonly string[]; readonly usual: z.output<Z> }[];
  /** What it is most likely for, until its maker says otherwise. Source: practice of the trade. */
  readonly uses: readonly PieceUse[];
  /** Its surfaces that only hands and tables meet, whatever food lies in it. Source: working rule of the trade. */
  readonly offFood: (of: z.output<Z>) => readonly Surface[];
  /** Its surfaces, in the order they are coated: what it will lie on first, then what shows. */
  readonly faces: (of: z.output<Z>) => readonly Face[];
  /** What cannot be made of it: what is hollowed must leave a wall, what is cut must lie within it. */
  readonly unfit: (of: z.output<Z>) => Issue | null;
  /** Its wood, mm³. */
  readonly woodMm3: (of: z.output<Z>) => number;
  /** How wide it stands, mm: a board on edge, a bowl on its foot, a spoon on its side. */
  readonly standsMm: (of: z.output<Z>) => number;
  /** Reads one that is typed; its faults at their fields. */
  readonly read: (draft: DesignDraft, reads: Reads) => Result<z.output<Z>>;
  /** Where it may be a part of something: how its sizes are typed, and how they are read. */
  readonly asPart: {
    readonly sizes: string;
    readonly read: (path: string, sizes: string, reads: Reads) => Result<z.output<Z>>;
  } | null;
};

/** Says all of a shape, so that its parts know its solid. */
export const shape = <Z extends z.ZodType, P extends Shape<Z>['asPart']>(
  of: Shape<Z> & { readonly asPart: P },
): Shape<Z> & { readonly asPart: P } => of;

export const mm = above(MOST.millimetres);
export const mmOrNone = atLeastNone(MOST.millimetres);

export const face = (surface: Surface, areaMm2: number, endShare = 0): Face => ({
  surface,
  areaMm2,
  endGrainMm2: areaMm2 * endShare,
});

export const cutTooLarge = (path: string): Issue => ({ code: 'cut-too-large', path });

/** How thick a thing is taken to be of which only its surface is known, mm. Source: working estimate, a board's. */
export const PLAIN_THICK_MM = 20;
/** Share of a turned piece taken as end grain. Source: working estimate for bowls turned across the grain. */
export const TURNED_END_SHARE = 1 / 3;
/** Exponent of Thomsen's formula for the surface of an ellipsoid; within about 1 %. Source: K. Thomsen. */
export const THOMSEN_P = 1.6075;

/** Two half-ellipsoid skins make one ellipsoid: `4π·((aᵖbᵖ + aᵖcᵖ + bᵖcᵖ)/3)^(1/p)`. */
export function ellipsoid(a: number, b: number, c: number): number {
  const [ap, bp, cp] = [a ** THOMSEN_P, b ** THOMSEN_P, c ** THOMSEN_P];
  return 4 * Math.PI * ((ap * bp + ap * cp + bp * cp) / 3) ** (1 / THOMSEN_P);
}

/** Ramanujan's first perimeter of an ellipse: `π[3(a + b) − √((3a + b)(a + 3b))]`. */
export const perimeter = (a: number, b: number): number => Math.PI * (3 * (a + b) - Math.sqrt((3 * a + b) * (a + 3 * b)));

/** The round of a circle so wide. */
export const circle = (across: number): number => (Math.PI * across ** 2) / 4;
