import type { Fitness } from '@/core/cure';
import type { PieceUse } from '@/core/material';
import type { UseGate } from '@/core/use';

/** What a batch is judged on beside the gates of its use. */
export type Evidence = {
  readonly stepsLeft: number;
  readonly fitness: Fitness;
  readonly use: readonly PieceUse[];
  readonly useGates: readonly UseGate[];
  readonly ragsOpen: number;
};

/** What stands beside a gate that time brings, for who signs. */
export type ShownOfTime = 'progress' | 'rest' | 'air' | 'checks' | 'cloths';

/** A gate that time brings, or its cloths, and all that is true of it. One that leaves anything out does not compile. */
export type TimeGateKind = {
  readonly met: (evidence: Evidence) => boolean;
  /** Whether a maker may sign for it with a reason, where it is not met. */
  readonly maySign: (evidence: Evidence) => boolean;
  /** What it rests on, shown beside it: at least one fact. */
  readonly shows: readonly [ShownOfTime, ...ShownOfTime[]];
};

export const timeGate = (of: TimeGateKind): TimeGateKind => of;

/** Neither mouth nor toy: what time has not brought may then be signed for. */
export const notForMouths = ({ use }: Evidence): boolean => !use.includes('mouth') && !use.includes('toy');
