import { type Press, pressIn } from '@/core/batch';
import { MS_PER_MINUTE } from '@/core/quantity';
import { endsCoat, laysCoat } from '@/core/regimen';
import type { HandAction } from './action';

/** What lies wet, or has a window that closes, presses before work that can wait once its window opens within so long. */
export const PRESSING_MS = 60 * MS_PER_MINUTE;
/** The room's air is taken to be what it was read at for so long, hours. Source: working choice, half a day. */
export const READING_COUNTS_HOURS = 12;

const NEVER = Number.POSITIVE_INFINITY;

/**
 * Sorts next actions by what presses most: what is past its window first; then what lies wet or can spoil within the hour,
 * by its plan; then what is planned soonest; of those what spoils soonest, lies wet, has waited longest. A batch without an action comes last.
 */
export function byUrgency(nowMs: number): (a: HandAction | null, b: HandAction | null) => number {
  const keys = (action: HandAction | null): readonly number[] => [
    action?.latestMs != null && action.latestMs < nowMs ? 0 : 1,
    action && (action.latestMs !== null || action.ring.state === 'wet') && (action.earliestMs ?? 0) <= nowMs + PRESSING_MS
      ? 0
      : 1,
    action?.plannedMs ?? action?.earliestMs ?? NEVER,
    action?.latestMs ?? NEVER,
    action?.ring.state === 'wet' ? 0 : 1,
    action?.idealMs ?? NEVER,
  ];
  return (a, b) => {
    const [left, right] = [keys(a), keys(b)];
    const differs = left.findIndex((key, index) => key !== right[index]);
    return differs < 0 ? 0 : (left[differs] ?? 0) < (right[differs] ?? 0) ? -1 : 1;
  };
}

/** Whether an action is early, in its window, later than planned or at risk. */
export const pressOf = (action: HandAction, nowMs: number): Press => pressIn(action, action.slackUntilMs, nowMs);

/** Whether an action waits for hands now: its window is open and its plan has come. */
export const isForHandsNow = (action: HandAction, nowMs: number): boolean =>
  (action.earliestMs ?? 0) <= nowMs && (action.plannedMs ?? nowMs) <= nowMs;

/** What a hand risks that is early or late. */
export type HandRisk = 'past-window' | 'coat-not-ready' | 'not-drunk';

/** What is risked by recording an action now; null where nothing is, or where its ways back say it better. */
export function riskOf(action: Pick<HandAction, 'kind'>, press: Press): HandRisk | null {
  if (press === 'at-risk') return endsCoat(action) ? null : 'past-window';
  if (press !== 'too-early') return null;
  return laysCoat(action) ? 'coat-not-ready' : 'not-drunk';
}
