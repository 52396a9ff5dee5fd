import type { Doing } from '@/core/caution';
import type { PlaceKind, StepKind } from '@/core/regimen';

/** What hands do in a step, as cautions call it; a step that turns a piece over is no turning, and many are no moment of danger at all. */
const DOING: Readonly<Partial<Record<StepKind, Doing>>> = {
  sand: 'sanding',
  scuff: 'sanding',
  coat: 'coating',
  colour: 'coating',
  fill: 'coating',
  paint: 'coating',
  spray: 'spraying',
  press: 'coating',
  wipe: 'wiping',
  buff: 'buffing',
  wheel: 'buffing',
};

/** What hands do in a step at a place; null where nothing bites. What is carried into the warm or stands there bites as well, whatever the step is called. */
export function doingIn(step: { readonly kind: StepKind; readonly place: PlaceKind | null }, at: PlaceKind | null): Doing | null {
  if (step.place === 'bath' && step.kind === 'wipe') return 'leaching';
  return DOING[step.kind] ?? ((step.place ?? at) === 'warm cabinet' ? 'curing' : null);
}

/** Whether a caution asks about where the step is done, rather than about where the batch stands. */
export const isDoneThere = (step: { readonly place: PlaceKind | null }, doing: Doing): boolean =>
  step.place === 'lathe' || doing === 'coating' || doing === 'spraying' || doing === 'sanding' || doing === 'curing';
