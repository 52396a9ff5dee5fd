import type { Contact, Species } from '@/core/material';
import type { Fitness } from '@/core/cure';

/** What must hold before a batch may be sold, in the order it is looked at. */
export const GATES = ['steps', 'least-time', 'estimate', 'check', 'wood', 'contact', 'surface', 'mouthed', 'rags'] as const;
export type GateId = (typeof GATES)[number];

/** What a gate is judged on. */
export type Evidence = {
  readonly stepsLeft: number;
  readonly fitness: Fitness;
  readonly species: Pick<Species, 'food'>;
  readonly origin: 'bought' | 'offcut' | 'found';
  readonly contact: Contact;
  readonly cutOn: boolean;
  readonly knifeSurface: boolean;
  readonly ragsOpen: number;
  /** A toy, or a thing for a mouth. */
  readonly mouthed: boolean;
  readonly undeclared: number;
  readonly allergens: readonly string[];
};

/** One gate: whether it is met, and whether a maker may sign for it with a reason. */
export type Gate = { readonly id: GateId; readonly met: boolean; readonly mayOverride: boolean };

/** Each gate's rule. `surface` is the film that must not lie under a knife; `mouthed` wants known contents, no nut, no film and a full cure; `contact` that of the worst line of every material. */
const RULES: Readonly<Record<GateId, { readonly holds: (evidence: Evidence) => boolean; readonly mayOverride: boolean }>> = {
  steps: { holds: ({ stepsLeft }) => stepsLeft === 0, mayOverride: true },
  'least-time': { holds: ({ fitness }) => fitness.leastTime, mayOverride: true },
  estimate: { holds: ({ fitness }) => fitness.estimate, mayOverride: true },
  check: { holds: ({ fitness }) => fitness.check, mayOverride: false },
  wood: { holds: ({ species, origin }) => species.food !== 'avoid' && origin !== 'found', mayOverride: true },
  contact: { holds: ({ contact }) => contact === 'food-grade' || contact === 'once-cured', mayOverride: true },
  surface: { holds: ({ cutOn, knifeSurface }) => !cutOn || knifeSurface, mayOverride: false },
  mouthed: {
    holds: ({ mouthed, undeclared, allergens, knifeSurface, fitness }) =>
      !mouthed ||
      (undeclared === 0 && !allergens.some((one) => one.includes('nut')) && knifeSurface && fitness.estimate && fitness.check),
    mayOverride: false,
  },
  rags: { holds: ({ ragsOpen }) => ragsOpen === 0, mayOverride: false },
};

/** Every gate with its verdict; the stricter one only where a piece goes into a mouth. */
export const gatesOf = (evidence: Evidence): readonly Gate[] =>
  GATES.filter((id) => id !== 'mouthed' || evidence.mouthed).map((id) => ({
    id,
    met: RULES[id].holds(evidence),
    mayOverride: RULES[id].mayOverride,
  }));

/** Whether a batch may be released with some gates signed for. */
export const mayRelease = (gates: readonly Gate[], signed: readonly GateId[]): boolean =>
  gates.every((gate) => gate.met || (gate.mayOverride && signed.includes(gate.id)));
