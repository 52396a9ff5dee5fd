import { laysCoat } from './kinds';
import type { RegimenStep } from './schema';

/** The last grit before the first coat; null where nothing is sanded. */
export function lastGrit({ steps }: { readonly steps: readonly RegimenStep[] }): number | null {
  const first = steps.findIndex(laysCoat);
  return steps.slice(0, first < 0 ? steps.length : first).findLast((step) => step.kind === 'sand')?.grit ?? null;
}
