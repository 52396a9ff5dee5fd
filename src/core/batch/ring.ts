import { laysCoat, type RegimenStep } from '../regimen';
import type { Progress, Window } from './progress';

/** What the ring of a batch shows. `travel` is how far the wait has run: 0–1 up to its earliest notch, 1–2 from there to its latest, past 2 when overdue; null when nothing is waited for. */
export type RingFacts = {
  readonly coats: number;
  readonly coatsPlanned: number;
  readonly state: 'prep' | 'wet' | 'resting' | 'curing' | 'fit' | 'released' | 'refused';
  readonly travel: number | null;
  readonly overdue: boolean;
  readonly cured: number;
};

/** How far a moment lies between two others, 0–1. */
const share = (fromMs: number, toMs: number, nowMs: number): number =>
  toMs > fromMs ? Math.min(1, Math.max(0, (nowMs - fromMs) / (toMs - fromMs))) : 1;

/** An open-ended wait reaches its second notch at twice the ideal one. */
function travelOf(fromMs: number, { earliestMs, idealMs, latestMs }: Window, nowMs: number): number | null {
  if (earliestMs === null || idealMs === null) return null;
  if (nowMs < earliestMs) return share(fromMs, earliestMs, nowMs);
  if (latestMs !== null && nowMs > latestMs) return 2 + Math.min(1, (nowMs - latestMs) / Math.max(1, latestMs - fromMs));
  return 1 + share(earliestMs, latestMs ?? idealMs + Math.max(1, idealMs - fromMs), nowMs);
}

/** The ring of a batch at a moment. `pReady` is the cure estimate, `outcome` what the release said. */
export function ringOf(
  progress: Progress,
  nowMs: number,
  pReady: number,
  fit: boolean,
  outcome: 'released' | 'refused' | null,
): RingFacts {
  const isCoat = (step: Pick<RegimenStep, 'kind' | 'coat'>): boolean => laysCoat(step) && step.coat !== null;
  const coats = progress.done.filter(({ task }) => isCoat(task.step) && task.round === task.rounds).length;
  const coatsPlanned = coats + progress.rest.filter((task) => isCoat(task.step) && task.round === task.rounds).length;
  const last = progress.done.at(-1);
  const window = progress.next?.window;
  const travel = last && window ? travelOf(last.fact.atMs, window, nowMs) : null;
  const overdue = window?.latestMs !== undefined && window.latestMs !== null && nowMs > window.latestMs;
  const coatsLeft = coatsPlanned > coats;
  const state =
    outcome ??
    (fit ? 'fit' : !last || coats === 0 ? 'prep' : laysCoat(last.task.step) ? 'wet' : coatsLeft ? 'resting' : 'curing');
  return { coats, coatsPlanned, state, travel, overdue, cured: coats > 0 && !coatsLeft ? pReady : 0 };
}
