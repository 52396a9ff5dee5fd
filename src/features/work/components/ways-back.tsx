'use client';

import type { Way } from '@/core/batch';
import { WAY_WORDS } from '@/messages';
import { waysBack as wording } from '@/messages/screens/work';
import { strike } from '@/trade/hands/actions';
import { Button } from '@/ui/button';
import { Faults } from '@/ui/field';
import { freshId } from '@/ui/id';
import { stamp } from '@/web/outbox-store';
import { useSave } from '@/web/use-save';
import { dropWay, goBack } from '../actions';

export type OfferedWays = { readonly key: string; readonly what: string; readonly advice: string; readonly ways: readonly Way[] };
type Props = {
  readonly batchId: number;
  readonly troubles: readonly OfferedWays[];
  readonly taken: readonly { readonly id: number; readonly way: Way; readonly begun: boolean }[];
  readonly doubles: readonly { readonly id: string; readonly says: string }[];
};

/** What was seen amiss with the ways back it offers, what was taken up, and records that two devices made of one thing. */
export function WaysBack({ batchId, troubles, taken, doubles }: Props) {
  const { busy, rest, run } = useSave();
  if (troubles.length + taken.length + doubles.length === 0) return null;
  return (
    <section aria-label={wording.waysBack} className="my-4 border-late border-l-4 pl-4">
      {troubles.map((trouble) => (
        <div key={trouble.key} className="mb-3">
          <p>
            <strong className="first-letter:uppercase">{trouble.what}.</strong> {trouble.advice}
          </p>
          <div className="mt-1 flex flex-wrap gap-3">
            {trouble.ways.map((way, i) => (
              <Button
                key={way}
                look={i === 0 ? 'hand' : 'plain'}
                disabled={busy}
                onClick={() => void run(() => goBack({ clientId: freshId(), batchId, way }))}
              >
                {WAY_WORDS[way]}
              </Button>
            ))}
          </div>
        </div>
      ))}
      {taken.map((one) => (
        <p key={one.id} className="flex flex-wrap items-center gap-3">
          <span>
            {wording.takenUp}
            <strong>{WAY_WORDS[one.way]}</strong>
            {wording.itsStepsStandIn}
          </span>
          {one.begun ? null : (
            <Button look="quiet" disabled={busy} onClick={() => void run(() => dropWay({ batchId, id: one.id }))}>
              {wording.takeTheWayOff}
            </Button>
          )}
        </p>
      ))}
      {doubles.map((one) => (
        <p key={one.id} className="flex flex-wrap items-center gap-3">
          <span>▲ {one.says}</span>
          <Button
            look="quiet"
            disabled={busy}
            onClick={() => void run(async () => strike({ clientId: freshId(), batchId, ...(await stamp()), entry: one.id }))}
          >
            {wording.strikeThisOne}
          </Button>
        </p>
      ))}
      <Faults of={rest([])} />
    </section>
  );
}
