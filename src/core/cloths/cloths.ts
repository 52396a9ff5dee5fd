import { type RagHazard, worseHazard } from '@/core/blend';
import { abrades, handlesWet, type StepKind } from '@/core/regimen';

/** Whether an act leaves cloths, pads, papers or dust that may heat themselves: a coat and what takes it off always, what cuts the surface once there is oil on. */
export const makesCloths = (kind: StepKind, oiled: boolean): boolean => handlesWet({ kind }) || (oiled && abrades({ kind }));

/** What is on a cloth: unknown contents heat. */
export const clothHazard = (on: { readonly ragHazard: RagHazard | null; readonly undeclared: boolean }): RagHazard =>
  on.undeclared || on.ragHazard === null ? 'self-heating' : on.ragHazard;

/** The worst of some hazards; plain of none. */
export const worstHazard = (hazards: readonly RagHazard[]): RagHazard => hazards.reduce(worseHazard, 'plain');
