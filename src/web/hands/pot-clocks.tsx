'use client';

import { Button } from '@/ui/button';
import { Link } from '@/ui/link';
import { clockTime, longDate } from '@/ui/when';
import { useSave } from '../use-save';
import { lidded } from './actions';

export type PotClock =
  | { readonly kind: 'jars'; readonly pourId: number; readonly number: string; readonly opaqueAt: number; readonly lidAt: number }
  | { readonly kind: 'paint'; readonly lotId: number; readonly number: string; readonly until: string };

type Props = {
  readonly pots: readonly PotClock[];
  readonly nowMs: number;
  readonly zone: string;
};

/** Clocks of what was filled: opaque, then cold enough for lids; and paint that must be thrown away. */
export function PotClocks({ pots, nowMs, zone }: Props) {
  const { busy, run } = useSave();
  return (
    <ul className="flex flex-wrap gap-x-8 border-rule border-t px-4 py-1" aria-label="What stands and cools">
      {pots.map((pot) =>
        pot.kind === 'paint' ? (
          <li key={pot.number} className="flex min-h-11 items-center gap-2">
            <Link href={`/stores/lots/${pot.lotId}`} className="reading font-semibold">
              {pot.number}
            </Link>{' '}
            mixed paint: throw away after {longDate(pot.until)}
          </li>
        ) : (
          <li key={pot.number} className="flex min-h-11 items-center gap-3">
            <span>
              <strong className="reading">{pot.number}</strong>{' '}
              {nowMs < pot.opaqueAt
                ? `turns opaque about ${clockTime(pot.opaqueAt, zone, nowMs)}, lids from ${clockTime(pot.lidAt, zone, nowMs)}`
                : nowMs < pot.lidAt
                  ? `cooling; lids from ${clockTime(pot.lidAt, zone, nowMs)}`
                  : 'cold: lids on'}
            </span>
            <Button
              look={nowMs < pot.lidAt ? 'plain' : 'hand'}
              disabled={busy}
              onClick={() => void run(() => lidded({ pourId: pot.pourId }))}
            >
              {nowMs < pot.lidAt ? 'Lidded early' : 'Lidded'}
            </Button>
          </li>
        ),
      )}
    </ul>
  );
}
