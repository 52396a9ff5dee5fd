import type { Catalogue } from '@/core/material';
import { fail, ok, type Result } from '@/core/quantity';
import { waxEquivalentAt } from './feel';
import { sharesOf } from './lines';
import type { FormulaLine } from './schema';

/** What a blend is for, softest first. */
export const PURPOSES = ['feed', 'salve', 'board-paste', 'firm-paste', 'tool-block', 'hard-polish'] as const;
export type Purpose = (typeof PURPOSES)[number];

/** Wax equivalent wanted at the shop's own temperature. Source: working estimates, the middle of the band each is liked in. */
export const PURPOSE_FEEL: Readonly<Record<Purpose, number>> = {
  feed: 0.03,
  salve: 0.1,
  'board-paste': 0.2,
  'firm-paste': 0.32,
  'tool-block': 0.5,
  'hard-polish': 0.75,
};

type Hardening = Readonly<Record<string, number>>;

/** The same wax equivalent as it must be counted at 20 °C, so that it feels so at another temperature. */
const at20 = (feel: number, ambientC: number): number => feel / waxEquivalentAt(1, ambientC);

/**
 * A formula's shares for a purpose: its waxes keep their proportion, so does the rest.
 * With `H = Σ w_j h_j / Σ w_j` over the waxes, the wax share is `e / H`.
 * @param ambientC the shop's temperature, °C
 * @returns mass fractions in line order; an issue when it has no wax, nothing else, or the waxes are too soft for it
 */
export function forPurpose(
  lines: readonly FormulaLine[],
  basis: 'mass' | 'volume',
  purpose: Purpose,
  ambientC: number,
  catalogue: Catalogue,
  hardening: Hardening = {},
): Result<{ readonly waxShare: number; readonly fractions: readonly number[] }> {
  const shares = sharesOf(lines, basis, catalogue);
  if (!shares.ok) return shares;
  const isWax = shares.value.map(({ ingredient }) => ingredient.family === 'wax');
  const wax = shares.value.reduce((sum, { w }, i) => sum + (isWax[i] ? w : 0), 0);
  if (wax <= 0) return fail('no-wax', 'lines');
  if (wax >= 1) return fail('only-wax', 'lines');
  const hard =
    shares.value.reduce((sum, { ingredient, w }) => sum + w * (hardening[ingredient.id] ?? ingredient.hardening), 0) / wax;
  const waxShare = at20(PURPOSE_FEEL[purpose], ambientC) / hard;
  if (!(waxShare < 1)) return fail('wax-too-soft', 'lines', { share: waxShare });
  return ok({
    waxShare,
    fractions: shares.value.map(({ w }, i) => (isWax[i] ? (w / wax) * waxShare : (w / (1 - wax)) * (1 - waxShare))),
  });
}

/**
 * Grams of one ingredient that bring a pot to another wax equivalent: `x = M(e* − e)/(h − e*)`.
 * @returns an issue when that ingredient pulls the wrong way, or can never reach it
 */
export function addForFeel(
  massG: number,
  waxEquivalent: number,
  wanted: number,
  add: { readonly id: string; readonly hardening: number },
): Result<{ readonly addG: number; readonly totalG: number }> {
  if (Math.abs(wanted - waxEquivalent) < 1e-9) return ok({ addG: 0, totalG: massG });
  const pull = add.hardening - wanted;
  const addG = (massG * (wanted - waxEquivalent)) / pull;
  if (pull === 0 || addG < 0) return fail('wrong-way', 'add', { id: add.id });
  return ok({ addG, totalG: massG + addG });
}
