import type { Porosity } from '@/core/material';
import { type Area, coatGrams, type FinishClass, ON_TOP, poresMl, type Surface } from '@/core/piece';
import type { RegimenStep } from './schema';

/** Density reckoned with before a lot is chosen, g/ml. Source: oils of the trade lie between 0.85 and 0.95. */
export const USUAL_DENSITY = 0.9;

/** What a piece offers its finish: surface in mm², its volume in ml, its wood's pores and density in kg/m³. */
export type Soaks = {
  readonly areaMm2: number;
  readonly endGrainMm2: number;
  readonly volumeMl: number;
  readonly porosity: Porosity;
  readonly densityKgPerM3: number;
  /** The part of it that lies on some of its surfaces; without it every step treats all of the piece. */
  readonly on?: (surfaces: readonly Surface[]) => Area;
};

/** How a step's material is taken up: the shop's own factor, its density, and what its label says it covers, m² a litre. */
type Takes = {
  readonly factor: number;
  readonly densityGPerMl: number;
  readonly coverageM2PerL: number | null;
};

/**
 * Grams each coat of a regimen takes on one piece, by step id. A label's coverage stands in place of the house's figure; no more is reckoned
 * to soak in, all coats together, than the wood's pores hold. An estimate.
 */
export function gramsPerPiece(
  steps: readonly RegimenStep[],
  piece: Soaks,
  takes: (slot: string, finishClass: FinishClass) => Takes,
): ReadonlyMap<string, number> {
  let poresLeftMl = poresMl(piece.volumeMl, piece.densityKgPerM3);
  const grams = new Map<string, number>();
  for (const { id, slot, coatClass, coat, surfaces } of steps) {
    if (slot === null || coatClass === null) continue;
    const lies = surfaces.length > 0 && piece.on ? { ...piece, ...piece.on(surfaces) } : piece;
    const { factor, densityGPerMl, coverageM2PerL } = takes(slot, coatClass);
    const wanted =
      coverageM2PerL === null
        ? coatGrams(lies, coatClass, coat ?? 1) * factor
        : ((lies.areaMm2 * 1e-6) / coverageM2PerL) * 1000 * densityGPerMl;
    if (ON_TOP.classes.includes(coatClass)) {
      grams.set(id, wanted);
      continue;
    }
    const taken = Math.min(wanted, poresLeftMl * densityGPerMl);
    poresLeftMl -= taken / densityGPerMl;
    grams.set(id, taken);
  }
  return grams;
}
