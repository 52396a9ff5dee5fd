import { type Catalogue, findIngredient } from '@/core/material';
import { leastSquares, sum } from '@/core/numeric';
import { type Consistency, FEEL_BANDS, waxEquivalentAt } from './feel';

/** One thumb test: what a lot is made of, the temperature it was pressed at, and the band it felt like. */
export type ThumbTest = {
  readonly fractions: Readonly<Record<string, number>>;
  readonly tempC: number;
  readonly felt: Consistency;
};

/** How one wax's hardening moved: shipped, after the tests, and how many tests it rests on. */
export type WaxFactor = { readonly ingredient: string; readonly before: number; readonly after: number; readonly tests: number };

/** Spread of a thumb, in wax equivalent, and of a wax's factor about the shipped value. Source: working estimates. */
export const THUMB_SD = 0.05;
export const FACTOR_SD = 0.25;
/** A block has no upper bound; it is taken as this. Source: working estimate. */
const BLOCK_E = 1;

/** The middle of a band. */
function middleOf(felt: Consistency): number {
  const index = FEEL_BANDS.findIndex((band) => band.feel === felt);
  const below = FEEL_BANDS[index]?.below ?? BLOCK_E;
  const from = FEEL_BANDS[index - 1]?.below ?? 0;
  return Number.isFinite(below) ? (from + below) / 2 : BLOCK_E;
}

/**
 * One factor per wax from the maker's own thumb tests, by least squares with a prior at the shipped value:
 * minimise `Σ (y_t − Σ_j w_tj·h_j·k_t·f_j)²/σ² + Σ_j (f_j − 1)²/τ²`, `k_t` the softening at the test's temperature.
 * @returns one row per wax that was in a test; shipped waxes without tests stay as they are
 */
export function fitThumbs(tests: readonly ThumbTest[], catalogue: Catalogue): WaxFactor[] {
  const waxes = [...new Set(tests.flatMap((test) => Object.keys(test.fractions)))].filter(
    (id) => findIngredient(id, catalogue)?.family === 'wax',
  );
  const rows = tests.map((test) =>
    waxes.map((id) => (test.fractions[id] ?? 0) * waxEquivalentAt(findIngredient(id, catalogue)?.hardening ?? 0, test.tempC)),
  );
  // What is left when every factor stands at 1, the shipped value: the prior then pulls towards nothing.
  const prior = (THUMB_SD / FACTOR_SD) ** 2;
  const left = tests.map((test, t) => ({ of: rows[t] ?? [], y: middleOf(test.felt) - sum(rows[t] ?? []) }));
  const factors = (waxes.length > 0 ? leastSquares(left, prior) : null)?.map((off) => 1 + off) ?? [];
  return waxes.map((ingredient, j) => {
    const before = findIngredient(ingredient, catalogue)?.hardening ?? 0;
    const tested = rows.filter((row) => (row[j] ?? 0) > 0).length;
    return { ingredient, before, after: before * Math.max(0, factors[j] ?? 1), tests: tested };
  });
}
