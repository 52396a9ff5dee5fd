import type { Fitness } from '@/core/cure';
import type { PieceUse } from '@/core/material';
import { USE_GATES, type UseGate } from '@/core/use';

/** What must hold before a batch may be sold, in the order it is looked at: what time brings, what the piece is for, its cloths. */
export const TIME_GATES = ['steps', 'least-time', 'estimate', 'check'] as const;
export const GATES = [...TIME_GATES, ...USE_GATES, 'rags'] as const;
export type GateId = (typeof GATES)[number];

/** What a batch is judged on beside the gates of its use. */
export type Evidence = {
  readonly stepsLeft: number;
  readonly fitness: Fitness;
  readonly use: readonly PieceUse[];
  readonly useGates: readonly UseGate[];
  readonly ragsOpen: number;
};

/** One gate: whether it is met, and whether a maker may sign for it with a reason; nothing that is met wants signing. */
export type Gate = { readonly id: GateId; readonly met: boolean; readonly maySign: boolean };

type Verdict = { readonly met: boolean; readonly maySign: boolean };

/** Neither mouth nor toy: what time has not brought may then be signed for. */
const soft = ({ use }: Evidence): boolean => !use.includes('mouth') && !use.includes('toy');

/** What each gate looks at; a check and the cloths are signed for by nobody. */
const LOOKS: Readonly<Record<Exclude<GateId, UseGate['id']>, (evidence: Evidence) => Verdict>> = {
  steps: (evidence) => ({ met: evidence.stepsLeft === 0, maySign: soft(evidence) }),
  'least-time': (evidence) => ({ met: evidence.fitness.leastTime, maySign: soft(evidence) }),
  estimate: (evidence) => ({ met: evidence.fitness.estimate, maySign: soft(evidence) }),
  check: ({ fitness }) => ({ met: fitness.check, maySign: false }),
  rags: ({ ragsOpen }) => ({ met: ragsOpen === 0, maySign: false }),
};

/** Every gate with its verdict, in the order they are looked at; nothing that is met wants signing. */
export const gatesOf = (evidence: Evidence): readonly Gate[] =>
  GATES.flatMap((id): readonly Gate[] => {
    if (!(id in LOOKS)) return evidence.useGates.filter((gate) => gate.id === id);
    const { met, maySign } = LOOKS[id as keyof typeof LOOKS](evidence);
    return [{ id, met, maySign: !met && maySign }];
  });

/** Whether a batch may be released with some gates signed for. */
export const mayRelease = (gates: readonly Gate[], signed: readonly GateId[]): boolean =>
  gates.every((gate) => gate.met || (gate.maySign && signed.includes(gate.id)));
