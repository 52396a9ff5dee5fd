import { FAULTS, faultsFor, type Progress, type Task, waysFor } from '@/core/regimen';
import { MS_PER_HOUR, MS_PER_MINUTE, groupBy } from '@/core/quantity';
import { FAULT_WORDS, SURFACE_WORDS } from '@/messages';
import { z } from 'zod';
import { SURFACES } from '@/core/piece';
import type { Batch } from '@/data/work/batch';
import type { Trouble } from './components/ways-back';

const Seen = z.array(z.object({ fault: z.enum(FAULTS), surface: z.enum(SURFACES) }));
/** A fault that was seen this long ago is no longer offered a way back. */
const OFFERED_MS = 72 * MS_PER_HOUR;

/** What an entry of the book saw amiss. */
export const faultsOf = (entry: { readonly faults: unknown }): z.infer<typeof Seen> => Seen.safeParse(entry.faults).data ?? [];

/** Faults that were seen lately and not mended since, and the wipe that is overdue; each with the ways back. */
export function troublesOf(batch: Batch, progress: Progress, nowMs: number): Trouble[] {
  const mendedAt = Math.max(0, ...batch.recoveries.map((one) => one.at));
  const seen = batch.book.flatMap(({ stands }) =>
    stands && stands.at > nowMs - OFFERED_MS && stands.recordedAt > mendedAt ? faultsOf(stands) : [],
  );
  // What never dries never gums: no cure for it is offered, whatever was written down.
  const possible = faultsFor(batch.on.some((lot) => lot.nature?.drying !== 'never'));
  const byFault = groupBy(
    seen.filter(({ fault }) => possible.includes(fault)),
    ({ fault }) => fault,
  );
  const overdue = overdueMin(progress, nowMs);
  const next: Task | undefined = progress.next?.task;
  const missed =
    possible.includes('gummed') &&
    overdue > 0 &&
    (next?.step.kind === 'wipe' || next?.step.kind === 'buff') &&
    !byFault.has('gummed');
  return [
    ...(missed && !batch.recoveries.some((one) => one.beforeTask === next?.key)
      ? [
          {
            key: 'missed',
            what: 'The wipe is past its window',
            advice: FAULT_WORDS.gummed.advice,
            ways: waysFor('gummed', overdue),
          },
        ]
      : []),
    ...[...byFault].map(([fault, surfaces]) => ({
      key: fault,
      what: `${FAULT_WORDS[fault].name}, ${[...new Set(surfaces.map(({ surface }) => SURFACE_WORDS[surface]))].join(', ')}`,
      advice: FAULT_WORDS[fault].advice,
      ways: next ? waysFor(fault, overdue) : [],
    })),
  ];
}

/** By how many minutes the next step is past its window. */
const overdueMin = ({ next }: Progress, nowMs: number): number =>
  next?.window.latestMs == null ? 0 : Math.max(0, (nowMs - next.window.latestMs) / MS_PER_MINUTE);
