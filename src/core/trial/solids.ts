import { median } from '@/core/numeric';
/** One coat as it is expected or was laid: grams on one field before anything left it, and the share that leaves into the air. */
export type CoatLaid = { readonly grams: number; readonly volatileFraction: number };

/** What stays on a square metre, g/m²: `Σ grams·(1 − v)/area`. */
export const solidsPerM2 = (coats: readonly CoatLaid[], areaMm2: number): number =>
  areaMm2 > 0 ? coats.reduce((sum, { grams, volatileFraction }) => sum + grams * (1 - volatileFraction), 0) / (areaMm2 / 1e6) : 0;

/** Treatments whose solids lie further from the middle one than this are called unequal. Source: working estimate. */
export const UNEQUAL_FROM = 0.25;

export type Evenness = {
  readonly treatment: string;
  readonly solidsPerM2: number;
  /** Against the middle one of those that leave anything: 1 is equal. */
  readonly times: number | null;
  readonly isUnequal: boolean;
  /** Coats that would come nearest to the middle one, where its own are unequal. */
  readonly coatsForEqual: number | null;
};

/** Whether treatments leave alike on the wood, by solids and not by count; what leaves nothing is not compared. */
export function evenness(
  rows: readonly { readonly treatment: string; readonly solidsPerM2: number; readonly coats: number }[],
): readonly Evenness[] {
  const usual = median(rows.map((row) => row.solidsPerM2).filter((laid) => laid > 0));
  return rows.map(({ treatment, solidsPerM2: solids, coats }) => {
    const times = usual && solids > 0 ? solids / usual : null;
    const isUnequal = times !== null && Math.abs(times - 1) > UNEQUAL_FROM;
    return {
      treatment,
      solidsPerM2: solids,
      times,
      isUnequal,
      coatsForEqual: isUnequal && times && coats > 0 ? Math.max(1, Math.round(coats / times)) : null,
    };
  });
}
