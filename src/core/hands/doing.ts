import type { Doing } from '@/core/caution';
import { doingOf, type PlaceKind, type StepKind } from '@/core/regimen';

/** What hands do in a step at a place; null where nothing bites. What is carried into the warm or stands there bites as well, whatever the step is called. */
export function doingIn(step: { readonly kind: StepKind; readonly place: PlaceKind | null }, at: PlaceKind | null): Doing | null {
  if (step.place === 'bath' && step.kind === 'wipe') return 'leaching';
  return doingOf(step) ?? ((step.place ?? at) === 'warm cabinet' ? 'curing' : null);
}

/** Whether a caution asks about where the step is done, rather than about where the batch stands. */
export const isDoneThere = (step: { readonly place: PlaceKind | null }, doing: Doing): boolean =>
  step.place === 'lathe' || doing === 'coating' || doing === 'spraying' || doing === 'sanding' || doing === 'curing';
