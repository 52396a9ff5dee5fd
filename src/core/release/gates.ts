import type { Contact, Species } from '@/core/material';
import type { Fitness } from '@/core/cure';

/** What must hold before a batch may be sold, in the order it is looked at. */
export const GATES = ['steps', 'least-time', 'estimate', 'check', 'wood', 'contact', 'surface', 'rags'] as const;
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
};

/** One gate: whether it is met, and whether a maker may sign for it with a reason. */
export type Gate = { readonly id: GateId; readonly met: boolean; readonly mayOverride: boolean };

/** Each gate's rule. `surface` is the film that must not lie under a knife; `contact` that of the worst line of every material. */
const RULES: Readonly<Record<GateId, { readonly holds: (evidence: Evidence) => boolean; readonly mayOverride: boolean }>> = {
  steps: { holds: ({ stepsLeft }) => stepsLeft === 0, mayOverride: true },
  'least-time': { holds: ({ fitness }) => fitness.leastTime, mayOverride: true },
  estimate: { holds: ({ fitness }) => fitness.estimate, mayOverride: true },
  check: { holds: ({ fitness }) => fitness.check, mayOverride: false },
  wood: { holds: ({ species, origin }) => species.food !== 'avoid' && origin !== 'found', mayOverride: true },
  contact: { holds: ({ contact }) => contact === 'food-grade' || contact === 'once-cured', mayOverride: true },
  surface: { holds: ({ cutOn, knifeSurface }) => !cutOn || knifeSurface, mayOverride: false },
  rags: { holds: ({ ragsOpen }) => ragsOpen === 0, mayOverride: false },
};

/** Every gate with its verdict. */
export const gatesOf = (evidence: Evidence): readonly Gate[] =>
  GATES.map((id) => ({ id, met: RULES[id].holds(evidence), mayOverride: RULES[id].mayOverride }));

/** Whether a batch may be released with some gates signed for. */
export const mayRelease = (gates: readonly Gate[], signed: readonly GateId[]): boolean =>
  gates.every((gate) => gate.met || (gate.mayOverride && signed.includes(gate.id)));
