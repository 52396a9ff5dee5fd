import { type Shown, USE_GATE_KINDS, USE_GATES } from '@/core/use';
import { check } from './check';
import { estimate } from './estimate';
import type { Evidence, ShownOfTime, TimeGateKind } from './gate';
import { leastTime } from './least-time';
import { rags } from './rags';
import { steps } from './steps';

export type { Evidence } from './gate';

const TIME_GATE_KINDS = { steps, 'least-time': leastTime, estimate, check, rags } as const satisfies Readonly<
  Record<string, TimeGateKind>
>;
type TimeGateId = keyof typeof TIME_GATE_KINDS;

/** What must hold before a batch may be sold, in the order it is looked at: what time brings, what the piece is for, its cloths. */
export const GATES = ['steps', 'least-time', 'estimate', 'check', ...USE_GATES, 'rags'] as const;
export type GateId = (typeof GATES)[number];

/** One gate: whether it is met, and whether a maker may sign for it with a reason; nothing that is met wants signing. */
export type Gate = { readonly id: GateId; readonly met: boolean; readonly maySign: boolean };

const isTime = (id: GateId): id is TimeGateId => Object.hasOwn(TIME_GATE_KINDS, id);

/** What a gate rests on, shown beside it. */
export type Beside = Shown | ShownOfTime;
export const besideGate = (id: GateId): readonly Beside[] => (isTime(id) ? TIME_GATE_KINDS[id] : USE_GATE_KINDS[id]).shows;

/** Every gate with its verdict, in the order they are looked at; nothing that is met wants signing. */
export const gatesOf = (evidence: Evidence): readonly Gate[] =>
  GATES.flatMap((id): readonly Gate[] => {
    if (!isTime(id)) return evidence.useGates.filter((gate) => gate.id === id);
    const met = TIME_GATE_KINDS[id].met(evidence);
    return [{ id, met, maySign: !met && TIME_GATE_KINDS[id].maySign(evidence) }];
  });

/** Whether a batch may be released with some gates signed for. */
export const mayRelease = (gates: readonly Gate[], signed: readonly GateId[]): boolean =>
  gates.every((gate) => gate.met || (gate.maySign && signed.includes(gate.id)));
