import type { Progress } from './progress';

/** What the ring of a batch shows. `travel` is how far the wait has run between its two notches (0–1, past 1 when overdue). */
export type RingFacts = {
  readonly coats: number;
  readonly coatsPlanned: number;
  readonly state: 'prep' | 'wet' | 'resting' | 'curing' | 'fit' | 'released' | 'refused';
  readonly travel: number | null;
  readonly overdue: boolean;
  readonly cured: number;
};

/** How far a moment lies between two others; past 1 after the second. */
const travelOf = (fromMs: number, toMs: number, nowMs: number): number =>
  toMs > fromMs ? Math.max(0, (nowMs - fromMs) / (toMs - fromMs)) : 1;

/** The ring of a batch at a moment. `pReady` is the cure estimate, `outcome` what the release said. */
export function ringOf(
  progress: Progress,
  nowMs: number,
  pReady: number,
  fit: boolean,
  outcome: 'released' | 'refused' | null,
): RingFacts {
  const isCoat = (step: { kind: string; coat: number | null }): boolean => step.kind === 'coat' && step.coat !== null;
  const coats = progress.done.filter(({ task }) => isCoat(task.step) && task.round === task.rounds).length;
  const coatsPlanned = coats + progress.rest.filter((task) => isCoat(task.step) && task.round === task.rounds).length;
  const last = progress.done.at(-1);
  const window = progress.next?.window;
  const to = window?.latestMs ?? window?.idealMs ?? null;
  const travel = last && to !== null ? travelOf(last.fact.atMs, to, nowMs) : null;
  const overdue = window?.latestMs !== undefined && window.latestMs !== null && nowMs > window.latestMs;
  const coatsLeft = coatsPlanned > coats;
  const state =
    outcome ??
    (fit ? 'fit' : !last || coats === 0 ? 'prep' : last.task.step.kind === 'coat' ? 'wet' : coatsLeft ? 'resting' : 'curing');
  return { coats, coatsPlanned, state, travel, overdue, cured: coats > 0 && !coatsLeft ? pReady : 0 };
}
