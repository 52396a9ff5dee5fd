import { z } from 'zod';
import type { Progress } from '@/core/batch';
import { amissNow } from '@/core/hands';
import type { Batch } from '@/data/work/batch';
import { FAULT_WORDS, SURFACE_WORDS } from '@/messages';
import { troubles as wording } from '@/messages/screens/work';
import { SeenFault } from '@/trade/hands/seen';
import type { OfferedWays } from './components/ways-back';

const Seen = z.array(SeenFault);

/** What an entry of the book saw amiss. */
export const faultsOf = (entry: { readonly faults: unknown }): z.infer<typeof Seen> => Seen.safeParse(entry.faults).data ?? [];

/** What is amiss with a batch, in words, each with its ways back. */
export function troublesOf(batch: Batch, progress: Progress, nowMs: number): OfferedWays[] {
  const entries = batch.book.flatMap(({ stands }) => (stands ? [{ ...stands, faults: faultsOf(stands) }] : []));
  const dries = batch.on.some((lot) => lot.nature?.drying !== 'never');
  return amissNow(entries, batch.recoveries, progress, dries, nowMs).map((one) => ({
    key: one.key,
    what:
      one.key === 'missed'
        ? wording.theWipeIsPast
        : `${FAULT_WORDS[one.fault].name}, ${one.surfaces.map((surface) => SURFACE_WORDS[surface]).join(', ')}`,
    advice: FAULT_WORDS[one.fault].advice,
    ways: one.ways,
  }));
}
