import { emc } from './emc';

/** Air at a moment: °C and relative humidity 0–1. */
type Air = { readonly tempC: number; readonly rh: number };

/**
 * How far moisture alone may move a piece's weight, grams against its first weighing: its wood's equilibrium moisture in the driest and the
 * dampest air since then against that at the start, `m₀·(EMC − EMC₀)/(100 + EMC₀)`. Wood lags behind the air, so that it is the most it can be.
 * @param startG the first weighing, finish and all
 * @param airs the air since then, the first one at the start; null without one
 */
export function moistureSwing(startG: number, airs: readonly Air[]): { readonly lowG: number; readonly highG: number } | null {
  const each = airs.flatMap((air) => {
    const found = emc({ tempC: air.tempC, rh: air.rh });
    return found.ok ? [found.value.emcPercent] : [];
  });
  const [first] = each;
  if (first === undefined) return null;
  const grams = (percent: number): number => (startG * (percent - first)) / (100 + first);
  return { lowG: grams(Math.min(...each)), highG: grams(Math.max(...each)) };
}
