import { isOilSolvent } from '@/core/material';
import { GAS_CONSTANT, toCelsius, toKelvin } from '@/core/quantity';
import type { LineShare } from './lines';

/** How far above clear to pour, K. Source: working estimate; wax sets on a cooler jar wall. */
export const POUR_ABOVE_CLEAR_K = 8;

/** Wax with thinner: solvent is beaten in below the lower of these; what must still be soft enough to beat; and room to let it cool in. Working estimates. */
export const TWO_STAGE = { addAtMostC: 40, belowFlashK: 10, softBelow: 0.3, aboveRoomK: 5 } as const;
/** Wax that melts at or below this dissolves cold, shaved, in days. Source: working estimate. */
export const COLD_UP_TO_C = 66;

/** How a blend is made warm: never, in two stages, cold in the closed jar, in a water bath, or without need. */
export type Heat = 'none' | 'two-stage' | 'cold' | 'water-bath' | 'not-needed';

/** Whether a blend is made warm, so that it sets as it cools. */
export const isWarmed = (heat: Heat | undefined): boolean => heat === 'water-bath' || heat === 'two-stage';

/** Where heat bites: °C, null where nothing sets a bound. `stages` and `addBelowC` only where solvent is beaten into melted wax. */
export type HeatLadder = {
  readonly clearC: number | null;
  readonly pourC: number | null;
  readonly holdMaxC: number | null;
  readonly flashC: number | null;
  readonly heat: Heat;
  readonly heatConflict: boolean;
  readonly addBelowC?: number;
  readonly stages?: readonly [readonly string[], readonly string[]];
};

/** The lowest of the numbers that are there; null when none is. */
const lowest = (values: readonly (number | null)[]): number | null => {
  const known = values.filter((value) => value !== null);
  return known.length > 0 ? Math.min(...known) : null;
};

/**
 * The temperature above which all wax is dissolved, by ideal solubility among the lines of the oil group; °C, null without wax. Good to about ±4 °C.
 * `x_j = (w_j/M_j)/Σ(w_i/M_i)`, `1/T_j = 1/Tm_j − R·ln(x_j)/(ΔH_j·M_j)` in kelvin; the highest T_j.
 * Source: Schröder–van Laar equation.
 */
export function clearPoint(shares: readonly LineShare[]): number | null {
  const dissolving = shares.filter(({ ingredient }) => ingredient.mixes === 'oil');
  const moles = dissolving.reduce((sum, { w, ingredient }) => sum + w / ingredient.molarMassGPerMol, 0);
  const points = dissolving.map(({ w, ingredient: { molarMassGPerMol: M, meltC, fusionJPerG } }) => {
    if (meltC === null || fusionJPerG === null) return null;
    const x = w / M / moles;
    return toCelsius(1 / (1 / toKelvin(meltC) - (GAS_CONSTANT * Math.log(x)) / (fusionJPerG * M)));
  });
  return highest(points);
}

const highest = (values: readonly (number | null)[]): number | null => {
  const known = values.filter((value) => value !== null);
  return known.length > 0 ? Math.max(...known) : null;
};

type Made = {
  readonly heat: Heat;
  readonly warmed: readonly LineShare[];
  readonly addBelowC?: number;
  readonly stages?: HeatLadder['stages'];
};

/** How wax is brought together with thinner, which is never heated: beaten in by hand below its bound, or left to dissolve cold. */
function withSolvent(shares: readonly LineShare[], ambientC: number): Made {
  const rest = shares.filter(({ ingredient }) => !ingredient.neverHeat);
  const solvents = shares.filter(({ ingredient }) => ingredient.neverHeat);
  const restMass = rest.reduce((sum, { w }) => sum + w, 0);
  const restWax = rest.reduce((sum, { w, ingredient }) => sum + w * ingredient.hardening, 0) / restMass;
  const flash = lowest(solvents.map(({ ingredient }) => ingredient.flashC));
  const addBelowC = Math.min(TWO_STAGE.addAtMostC, flash === null ? TWO_STAGE.addAtMostC : flash - TWO_STAGE.belowFlashK);
  if (restWax < TWO_STAGE.softBelow && addBelowC >= ambientC + TWO_STAGE.aboveRoomK) {
    const idsOf = (of: readonly LineShare[]): string[] => of.map(({ ingredient }) => ingredient.id);
    return { heat: 'two-stage', warmed: rest, addBelowC, stages: [idsOf(rest), idsOf(solvents)] };
  }
  const isSoft = shares.every(({ ingredient: { meltC } }) => meltC === null || meltC <= COLD_UP_TO_C);
  return { heat: isSoft ? 'cold' : 'none', warmed: rest };
}

function howMade(shares: readonly LineShare[], ambientC: number): Made {
  const hasWax = shares.some(({ ingredient }) => ingredient.family === 'wax');
  const neverHeat = shares.filter(({ ingredient }) => ingredient.neverHeat);
  if (neverHeat.length === 0) return { heat: hasWax ? 'water-bath' : 'not-needed', warmed: shares };
  if (hasWax && neverHeat.every(({ ingredient }) => isOilSolvent(ingredient))) return withSolvent(shares, ambientC);
  return { heat: 'none', warmed: shares };
}

/** Clear, pour, ceiling and flash of a blend, how it is warmed, and whether pour and ceiling can be reconciled. `ambientC` is the room's. */
export function heatLadder(shares: readonly LineShare[], ambientC: number): HeatLadder {
  const { warmed, ...made } = howMade(shares, ambientC);
  const clearC = clearPoint(warmed);
  const pourC = clearC === null || !isWarmed(made.heat) ? null : clearC + POUR_ABOVE_CLEAR_K;
  const holdMaxC = lowest(shares.map((share) => share.ingredient.maxC));
  const flashC = lowest(shares.map((share) => share.ingredient.flashC));
  const heatConflict = pourC !== null && holdMaxC !== null && pourC > holdMaxC;
  return { clearC, pourC, holdMaxC, flashC, ...made, heatConflict };
}

/**
 * What to do where a blend must be poured hotter than an ingredient can take: the harder wax is melted first in part of the oil and the
 * rest added below the ceiling; or, where it does not even clear below it, less of that wax.
 */
export const heatConflictWay = ({ clearC, holdMaxC, heatConflict }: HeatLadder): 'in-two-goes' | 'less-wax' | null => {
  if (!heatConflict || clearC === null || holdMaxC === null) return null;
  return clearC < holdMaxC ? 'in-two-goes' : 'less-wax';
};
