import type { PlanStep } from './schema';
import type { ChainLink } from './search';
import type { Span } from './spans';

/** Why no plan exists, as data; the words live in src/messages. Minutes. */
export type Blocking = {
  readonly stepId: string;
  readonly why: 'no-opening' | 'no-opening-long-enough' | 'no-opening-in-window' | 'past-horizon' | 'not-by-then';
  readonly handsMin: number;
  readonly after?: string;
  readonly waitMin?: number;
  readonly waitMax?: number;
  readonly longestMin?: number;
  readonly horizonDays?: number;
};

/** Names the first job that fits nowhere and what keeps it out. */
export function blockingOf(
  steps: readonly PlanStep[],
  links: readonly ChainLink[],
  doneCount: number,
  blockedAt: number,
  openings: readonly Span[],
  horizonDays: number,
): Blocking {
  const index = doneCount + blockedAt;
  const stepId = (steps[index] as PlanStep).id;
  const handsMin = (links[blockedAt] as ChainLink).hands;
  const longestMin = openings.reduce((most, [open, close]) => Math.max(most, close - open), 0);
  if (openings.length === 0) return { stepId, why: 'no-opening', handsMin, horizonDays };
  if (longestMin < handsMin) return { stepId, why: 'no-opening-long-enough', handsMin, longestMin };
  const before = steps[index - 1];
  if (!before || before.wait.max === null) return { stepId, why: 'past-horizon', handsMin, horizonDays };
  return {
    stepId,
    why: 'no-opening-in-window',
    handsMin,
    after: before.id,
    waitMin: before.wait.min,
    waitMax: before.wait.max,
    longestMin,
  };
}
