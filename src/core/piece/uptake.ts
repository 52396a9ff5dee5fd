import { check } from '@/core/contract';
import type { Porosity } from '@/core/material';
import { fail, ok, type Result } from '@/core/quantity';
import { type FinishClass, UptakeInput } from './schema';

/** First-coat uptake of closed long grain, g/m². Source: working estimates, to be recalibrated by the maker's weighings. */
export const UPTAKE_G_PER_M2: Readonly<Record<FinishClass, number>> = {
  'flood-oil': 95,
  bath: 130,
  'thin-oil': 45,
  'oil-wax': 30,
  'hard-wax': 26,
  'wax-paste': 22,
  friction: 14,
  film: 40,
};
/** Thirst of a wood by its pores. Source: working estimates. */
export const THIRST: Readonly<Record<Porosity, number>> = { closed: 1, 'fine-open': 1.15, open: 1.4, soft: 1.6 };
/** End grain drinks this many times what long grain does. Source: working estimate. */
export const END_GRAIN_THIRST = 3.5;
/** Each coat takes this share of the one before, but never less than `least` of the first. Source: working estimate. */
export const LATER_COATS = { ratio: 0.45, least: 0.12 } as const;
/** What lies on the wood and does not soak in: its first coat, and each later one. Source: working estimate. */
export const ON_TOP: { readonly classes: readonly FinishClass[]; readonly later: number } = {
  classes: ['film', 'friction'],
  later: 0.8,
};

/** A coat's share of the first. */
export const coatShare = (finishClass: FinishClass, coat: number): number => {
  if (ON_TOP.classes.includes(finishClass)) return coat === 1 ? 1 : ON_TOP.later;
  return Math.max(LATER_COATS.ratio ** (coat - 1), LATER_COATS.least);
};

export type Uptake = { readonly perCoatG: readonly number[]; readonly perPieceG: number; readonly totalG: number };

/** Grams one coat takes on one piece: `a_eff·1e-6·U·s·max(0.45^(c−1), 0.12)`, `a_eff = (area − end) + 3.5·end`; film and friction: 1, then 0.8. */
export function coatGrams(
  piece: { readonly areaMm2: number; readonly endGrainMm2: number; readonly porosity: Porosity },
  finishClass: FinishClass,
  coat: number,
): number {
  const effective = piece.areaMm2 - piece.endGrainMm2 + END_GRAIN_THIRST * piece.endGrainMm2;
  return effective * 1e-6 * UPTAKE_G_PER_M2[finishClass] * THIRST[piece.porosity] * coatShare(finishClass, coat);
}

/** Finish a batch will take (calc.md, 5); an estimate. `perCoatG` is for one piece. */
export function uptake(input: unknown): Result<Uptake> {
  const checked = check(UptakeInput, input);
  if (!checked.ok) return checked;
  const { finishClass, coats, pieces, ...piece } = checked.value;
  if (piece.endGrainMm2 > piece.areaMm2)
    return fail('too-large', 'endGrainMm2', { value: piece.endGrainMm2, most: piece.areaMm2 });
  const perCoatG = Array.from({ length: coats }, (_, index) => coatGrams(piece, finishClass, index + 1));
  const perPieceG = perCoatG.reduce((sum, g) => sum + g, 0);
  return ok({ perCoatG, perPieceG, totalG: perPieceG * pieces });
}
