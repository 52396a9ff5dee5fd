import type { RingFacts } from '@/core/batch';
import type { TaskWords } from './task-words';

/** The next thing hands must do to one batch, as the strip, the bench and the rack show it. Times in UTC ms, °C, humidity 0–1, grams. */
export type HandAction = TaskWords & {
  readonly batchId: number;
  readonly number: string;
  readonly title: string;
  readonly place: string;
  readonly ring: RingFacts;
  readonly lot: string | null;
  /** What the regimen notes of this step, and what the label says where it is ruled otherwise. */
  readonly note: string;
  readonly labelRule: string;
  /** How the room draws its wait out or shortens it, or that it is too cold for it; empty where neither. */
  readonly room: string;
  /** Why the house keeps to a bound of its own here, over the label's and the chemistry's; empty where it does not. */
  readonly house: string;
  readonly estimatedG: number | null;
  readonly fromMs: number | null;
  readonly earliestMs: number | null;
  readonly idealMs: number | null;
  readonly latestMs: number | null;
  readonly plannedMs: number | null;
  readonly slackUntilMs: number | null;
  /** Whose hands the plan gives it to. */
  readonly by: string | null;
  readonly blocked: string | null;
  readonly tempC: number | null;
  readonly rh: number | null;
};
