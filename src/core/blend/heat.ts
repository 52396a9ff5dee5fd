import { GAS_CONSTANT, toCelsius, toKelvin } from '@/core/quantity';
import type { Share } from './lines';

/** How far above clear to pour, K. Source: working estimate; wax sets on a cooler jar wall. */
export const POUR_ABOVE_CLEAR_K = 8;

export type Heat = 'none' | 'water-bath' | 'not-needed';

/** Where heat bites: °C, null where nothing sets a bound. */
export type HeatLadder = {
  readonly clearC: number | null;
  readonly pourC: number | null;
  readonly holdMaxC: number | null;
  readonly flashC: number | null;
  readonly heat: Heat;
  readonly heatConflict: boolean;
};

/** The lowest of the numbers that are there; null when none is. */
const lowest = (values: readonly (number | null)[]): number | null => {
  const known = values.filter((value) => value !== null);
  return known.length > 0 ? Math.min(...known) : null;
};

/**
 * The temperature above which all wax is dissolved, by ideal solubility; °C, null without wax. Good to about ±4 °C.
 * `x_j = (w_j/M_j)/Σ(w_i/M_i)`, `1/T_j = 1/Tm_j − R·ln(x_j)/(ΔH_j·M_j)` in kelvin; the highest T_j.
 * Source: Schröder–van Laar equation.
 */
export function clearPoint(shares: readonly Share[]): number | null {
  const moles = shares.reduce((sum, { w, ingredient }) => sum + w / ingredient.molarMassGPerMol, 0);
  const points = shares.map(({ w, ingredient: { molarMassGPerMol: M, meltC, fusionJPerG } }) => {
    if (meltC === null || fusionJPerG === null) return null;
    const x = w / M / moles;
    return toCelsius(1 / (1 / toKelvin(meltC) - (GAS_CONSTANT * Math.log(x)) / (fusionJPerG * M)));
  });
  const known = points.filter((point) => point !== null);
  return known.length > 0 ? Math.max(...known) : null;
}

/** Clear, pour, ceiling and flash of a blend, and whether they can be reconciled. */
export function heatLadder(shares: readonly Share[]): HeatLadder {
  const clearC = clearPoint(shares);
  const pourC = clearC === null ? null : clearC + POUR_ABOVE_CLEAR_K;
  const holdMaxC = lowest(shares.map((share) => share.ingredient.maxC));
  const flashC = lowest(shares.map((share) => share.ingredient.flashC));
  const neverHeat = shares.some((share) => share.ingredient.neverHeat);
  const hasWax = shares.some((share) => share.ingredient.family === 'wax');
  const heat: Heat = neverHeat ? 'none' : hasWax ? 'water-bath' : 'not-needed';
  const heatConflict = heat === 'water-bath' && pourC !== null && holdMaxC !== null && pourC > holdMaxC;
  return { clearC, pourC, holdMaxC, flashC, heat, heatConflict };
}
