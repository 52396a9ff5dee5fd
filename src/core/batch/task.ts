import type { Climate, RoomWait } from '@/core/cure';
import type { Wait } from '@/core/plan';
import type { RegimenStep } from '../regimen';

/** A step as it will be done with so many pieces: one round of it, once. `key` names it in the log and the plan. */
export type Task = {
  readonly key: string;
  readonly step: RegimenStep;
  readonly round: number;
  readonly rounds: number;
  readonly pieces: number;
  readonly handsMin: number;
  readonly wait: Wait;
  /** Of a soak that was allowed past its material's bound: where harm begins all the same, minutes after the coat. */
  readonly riskMin?: number;
  /** Where its wait follows the room: what it would be at 20 °C, the air it lies in, and whether that is no place for it. */
  readonly room?: TaskRoom;
};

export type TaskRoom = {
  readonly base: Wait;
  /** The wait as the room makes it; the hands of several pieces take their share of it. */
  readonly wait: Wait;
  readonly air: Climate;
  readonly advise: RoomWait['advise'];
};

/** How long after one turn of a repeated step the next may come. */
export const againAfter = ({ againMin }: Pick<RegimenStep, 'againMin'>): Wait => ({ min: againMin, ideal: againMin, max: null });
