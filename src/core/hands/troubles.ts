import { type Fault, faultsFor, type Progress, type Way, waysBackFor } from '@/core/batch';
import type { Surface } from '@/core/piece';
import { groupBy, MS_PER_HOUR, MS_PER_MINUTE } from '@/core/quantity';
import { endsCoat, laysCoat } from '@/core/regimen';

/** A fault that was seen this long ago is no longer offered a way back, hours. Source: working choice, three days. */
export const OFFERED_HOURS = 72;

/** What an entry of the coat book saw amiss, when it was done and when it was written. UTC ms. */
export type SeenEntry = {
  readonly at: number;
  readonly recordedAt: number;
  readonly faults: readonly { readonly fault: Fault; readonly surface: Surface }[];
};
/** Something amiss with its ways back: the wipe past its window, or a fault on some surfaces. */
export type HandsAmiss =
  | { readonly key: 'missed'; readonly fault: 'gummed'; readonly ways: readonly Way[] }
  | { readonly key: Fault; readonly fault: Fault; readonly surfaces: readonly Surface[]; readonly ways: readonly Way[] };

/** By how many minutes the next step is past its window; 0 where it is not. */
export const overdueMin = ({ next }: Progress, nowMs: number): number =>
  next?.window.latestMs == null ? 0 : Math.max(0, (nowMs - next.window.latestMs) / MS_PER_MINUTE);

/**
 * Faults that were seen lately and not mended since, and the wipe that is overdue; each with the ways back.
 * `dries`: whether anything on the piece dries: what never dries never gums, and no cure for it is offered, whatever was written down.
 */
export function amissNow(
  entries: readonly SeenEntry[],
  recoveries: readonly { readonly at: number; readonly beforeTask: string }[],
  progress: Progress,
  dries: boolean,
  nowMs: number,
): HandsAmiss[] {
  const mendedAt = Math.max(0, ...recoveries.map((one) => one.at));
  const possible = faultsFor(dries);
  const seen = entries
    .filter((entry) => entry.at > nowMs - OFFERED_HOURS * MS_PER_HOUR && entry.recordedAt > mendedAt)
    .flatMap((entry) => entry.faults)
    .filter(({ fault }) => possible.includes(fault));
  const byFault = groupBy(seen, ({ fault }) => fault);
  const overdue = overdueMin(progress, nowMs);
  const coated = progress.done.some(({ task, fact }) => fact.kind === 'done' && laysCoat(task.step));
  const next = progress.next?.task;
  const mayGum = possible.includes('gummed') && !byFault.has('gummed') && overdue > 0;
  const missed = mayGum && next !== undefined && endsCoat(next.step) && !recoveries.some((one) => one.beforeTask === next.key);
  return [
    ...(missed ? [{ key: 'missed' as const, fault: 'gummed' as const, ways: waysBackFor('gummed', overdue) }] : []),
    ...[...byFault].map(([fault, on]) => ({
      key: fault,
      fault,
      surfaces: [...new Set(on.map(({ surface }) => surface))],
      ways: next ? waysBackFor(fault, overdue, coated) : [],
    })),
  ];
}
