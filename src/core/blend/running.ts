import type { Catalogue } from '@/core/material';
import { ok, type Result } from '@/core/quantity';
import { sharesOf } from './lines';
import type { FormulaLine } from './schema';

/** How a pot being weighed stands: what goes in next, the cumulative reading to stop at, and what went over its mark. Grams. */
export type Running = {
  readonly lines: readonly {
    readonly ingredient: string;
    readonly targetG: number;
    readonly pouredG: number;
    readonly overG: number;
    readonly isDone: boolean;
  }[];
  readonly next: { readonly ingredient: string; readonly toGoG: number; readonly stopAtG: number } | null;
  readonly over: { readonly ingredient: string; readonly overG: number } | null;
  /**
   * What is in of the next line where that was begun and is short of its mark: by how much, whether no more than a scale may be out by, and
   * the size at which the pot keeps its ratio with what is in (null where another line is past that already).
   */
  readonly short: {
    readonly ingredient: string;
    readonly shortG: number;
    readonly share: number;
    readonly near: boolean;
    readonly lessG: number | null;
  } | null;
};

/** A line this much short is still the same blend: so many grams, what a bench scale and a hand may be out by, as long as that is a small part of it; or so small a part. Source: working estimate. */
export const NEAR_ENOUGH = { grams: 1, ofShare: 0.05, share: 0.01 } as const;
const HAIR = 1e-9;

/** A line counts as on its mark within this many grams, or this share of it. Source: working estimate for a bench scale of 0.1 g. */
export const ON_MARK = { grams: 0.5, share: 0.002 } as const;

/**
 * The running scale: cumulative readings, so that "add 24" and "fill to 24" are never taken for each other.
 * @param poured grams of each line so far; the scale now says their sum
 * @param last the ingredient weighed last: while it is short, the next lot of it goes on from there
 */
export function running(
  lines: readonly FormulaLine[],
  basis: 'mass' | 'volume',
  targetG: number,
  poured: Readonly<Record<string, number>>,
  catalogue: Catalogue,
  last?: string,
): Result<Running> {
  const shares = sharesOf(lines, basis, catalogue);
  if (!shares.ok) return shares;
  const onScale = Object.values(poured).reduce((sum, grams) => sum + grams, 0);
  const states = shares.value.map(({ ingredient, w }) => {
    const target = w * targetG;
    const pouredG = poured[ingredient.id] ?? 0;
    const slack = Math.max(ON_MARK.grams, target * ON_MARK.share);
    return {
      ingredient: ingredient.id,
      targetG: target,
      pouredG,
      overG: pouredG - target > slack ? pouredG - target : 0,
      isDone: pouredG > 0 && pouredG >= target - slack,
    };
  });
  // What was begun is finished from the next lot; then what has not been begun, in line order; then what a rescale left short.
  const open =
    states.find((line) => line.ingredient === last && !line.isDone) ??
    states.find((line) => line.pouredG === 0) ??
    states.find((line) => !line.isDone);
  const worst = [...states].sort((a, b) => b.pouredG / b.targetG - a.pouredG / a.targetG).find((line) => line.overG > 0);
  const toGoG = open ? open.targetG - open.pouredG : 0;
  return ok({
    lines: states,
    next: open ? { ingredient: open.ingredient, toGoG, stopAtG: onScale + toGoG } : null,
    over: worst ? { ingredient: worst.ingredient, overG: worst.overG } : null,
    short: open && open.pouredG > 0 ? shortOf(open, states, targetG) : null,
  });
}

/** A mark this near is on it, and a lot with no more than this is empty by its book, g. */
export const HAIR_G = 0.05;

/**
 * Where to stop with the lot at hand. Where it cannot fill the line it is emptied first, and the next one goes on from there;
 * one that is empty by its book may hold more all the same: then the mark is the line's own.
 * @param leftG what the lot's book says is in it, g; null where no stock is drawn or a reading is corrected
 * @returns grams still to go and the cumulative reading to stop at, g; whether the line is not full by then
 */
export function markWith(
  next: NonNullable<Running['next']>,
  leftG: number | null,
): { readonly toGoG: number; readonly stopAtG: number; readonly isSplit: boolean } {
  const toGoG = leftG !== null && leftG > HAIR_G ? Math.min(next.toGoG, leftG) : next.toGoG;
  return { toGoG, stopAtG: next.stopAtG - next.toGoG + toGoG, isSplit: toGoG < next.toGoG - HAIR_G };
}

type State = Running['lines'][number];

function shortOf({ ingredient, targetG: mark, pouredG }: State, lines: readonly State[], targetG: number): Running['short'] {
  const shortG = mark - pouredG;
  const share = shortG / mark;
  const kept = pouredG / mark;
  const isPast = lines.some((line) => line.pouredG > kept * line.targetG + Math.max(ON_MARK.grams, line.targetG * ON_MARK.share));
  const near = (shortG <= NEAR_ENOUGH.grams + HAIR && share <= NEAR_ENOUGH.ofShare) || share <= NEAR_ENOUGH.share + HAIR;
  return { ingredient, shortG, share, near, lessG: isPast ? null : kept * targetG };
}
