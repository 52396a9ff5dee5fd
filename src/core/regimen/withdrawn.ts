import { RESTORATIONS } from './restore';
import type { Regimen, RegimenStep } from './schema';
import { REGIMENS } from './shipped';

const shippedOf = (id: string): Regimen | undefined => [...REGIMENS, ...RESTORATIONS].find((one) => one.id === id);

/**
 * Steps of a shipped regimen as a batch began with them, by what is known now: an upper bound that no harm stood behind is withdrawn,
 * what should first lie in the room no longer goes into the warm cabinet, and the cold alone calls for warming. Nothing else of a running batch is changed.
 */
export function asNowKnown(regimenId: string, steps: readonly RegimenStep[]): RegimenStep[] {
  const now = new Map(shippedOf(regimenId)?.steps.map((step) => [step.id, step]));
  return steps.map((step) => {
    const shipped = now.get(step.id);
    if (!shipped || shipped.kind !== step.kind) return step;
    return {
      ...step,
      wait: shipped.wait.max === null ? { ...step.wait, max: null } : step.wait,
      place: step.place === 'warm cabinet' ? shipped.place : step.place,
      whenBelowC: shipped.whenBelowC,
    };
  });
}

/** Whether a regimen is still what ships, as far as hands go: steps, slots and what its owner will meet. */
export function isAsShipped({ id, steps, slots, careClass, knifeSurface }: Regimen): boolean {
  const shipped = shippedOf(id);
  const face = (of: Pick<Regimen, 'steps' | 'slots' | 'careClass' | 'knifeSurface'>): string =>
    JSON.stringify([
      of.steps.map((step) => Object.entries(step).sort(([a], [b]) => a.localeCompare(b))),
      of.slots,
      of.careClass,
      of.knifeSurface,
    ]);
  return !shipped || face({ steps, slots, careClass, knifeSurface }) === face(shipped);
}
