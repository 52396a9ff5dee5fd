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

/** Every gate with its verdict. Steps, least time and estimate may be signed for, but not for a mouth or a toy; a check and the cloths never. */
export function gatesOf({ stepsLeft, fitness, use, useGates, ragsOpen }: Evidence): readonly Gate[] {
  const soft = !use.includes('mouth') && !use.includes('toy');
  const gate = (id: GateId, met: boolean, maySign: boolean): Gate => ({ id, met, maySign: !met && maySign });
  return [
    gate('steps', stepsLeft === 0, soft),
    gate('least-time', fitness.leastTime, soft),
    gate('estimate', fitness.estimate, soft),
    gate('check', fitness.check, false),
    ...useGates,
    gate('rags', ragsOpen === 0, false),
  ];
}

/** Whether a batch may be released with some gates signed for. */
export const mayRelease = (gates: readonly Gate[], signed: readonly GateId[]): boolean =>
  gates.every((gate) => gate.met || (gate.maySign && signed.includes(gate.id)));
