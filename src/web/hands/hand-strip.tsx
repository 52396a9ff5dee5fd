'use client';

import { Link } from '@/ui/link';
import { useRef } from 'react';
import { useKeys } from '../keys';
import { useRefresh } from '../use-refresh';
import { RecordButtons } from './record-buttons';
import { Button } from '@/ui/button';
import { useNow } from '@/ui/now';
import { Ring } from '@/ui/ring';
import { RagAnswer, type RagView } from './rag-answer';
import { useRecord } from './use-record';
import type { HandAction } from '@/core/hands';
import { type PotClock, PotClocks } from './pot-clocks';
import { WaitingRecords } from './waiting-records';
import { useAlarms } from './use-alarms';
import { Timing } from './timing';

type Props = {
  readonly actions: readonly HandAction[];
  readonly rags: readonly RagView[];
  readonly pots: readonly PotClock[];
  /** What is wrong in the shop and burns. */
  readonly troubles: readonly { readonly key: string; readonly text: string }[];
  readonly nowMs: number;
  readonly zone: string;
  readonly ready: boolean;
};

/** Across the top of every screen: the next three things hands must do, each with its window and one button; the open rag line at its end. */
export function HandStrip({ actions, rags, pots, troubles, nowMs: serverNowMs, zone, ready }: Props) {
  const nowMs = useNow(serverNowMs);
  const { busy, told, record, takeBack } = useRecord(serverNowMs);
  const first = actions[0];
  const call = useAlarms(actions, nowMs, troubles);
  const pressing = useRef(false);

  useRefresh();
  useKeys({
    takeBack: () => void takeBack(),
    record: () => {
      if (!first || first.outcome || pressing.current) return false;
      pressing.current = true;
      void record(first).finally(() => {
        pressing.current = false;
      });
    },
  });

  return (
    <section aria-label="Next for hands" className="no-print border-b-2 border-ink bg-paper">
      {troubles.map(({ key, text }) => (
        <p key={key} role="alert" className="bg-late px-4 py-2 font-semibold text-bench">
          ▲ {text}
        </p>
      ))}
      <div className="flex flex-col wide:flex-row">
        <ol className="grid grow grid-cols-1 divide-y divide-rule bench:grid-cols-3 bench:divide-x bench:divide-y-0">
          {actions.slice(0, 3).map((action, index) => (
            <li key={`${action.batchId}-${action.task}`} className={index > 0 ? 'hidden bench:block' : ''}>
              <Hand
                action={action}
                nowMs={nowMs}
                zone={zone}
                busy={busy || !ready}
                onRecord={(pass) => void record(action, pass === undefined ? {} : { pass })}
              />
            </li>
          ))}
          {actions.length === 0 ? (
            <li className="p-4 text-soft bench:col-span-3">
              Nothing waits for hands. Start a batch under Work, and its steps stand here in their time.
            </li>
          ) : null}
        </ol>
        <div className="flex flex-col bench:flex-row wide:contents">
          {rags.map((line) => (
            <RagAnswer key={line.id} line={line} nowMs={nowMs} zone={zone} />
          ))}
        </div>
      </div>
      <WaitingRecords />
      {call ? (
        <p role="log" className="border-rule border-t px-4 py-2 font-semibold">
          {call}
        </p>
      ) : null}
      {pots.length > 0 ? <PotClocks pots={pots} nowMs={nowMs} zone={zone} /> : null}
      {ready ? null : (
        <p className="border-rule border-t bg-glow px-4 py-2 font-semibold">
          Who is at this device? Touch your initials, then these buttons record for you.
        </p>
      )}
      <p
        role="status"
        aria-live="polite"
        className={
          told
            ? `flex min-h-11 items-center justify-between border-t border-rule px-4 font-semibold ${told.tone === 'fault' ? 'text-late' : told.tone === 'waiting' ? 'text-cure' : 'text-fit'}`
            : 'sr-only'
        }
      >
        <span>
          {told?.tone === 'fault' ? '▲ ' : ''}
          {told?.text}
        </span>
        {told?.tone === 'done' && !told.text.startsWith('Taken back') ? (
          <Button look="quiet" onClick={() => void takeBack()} disabled={busy}>
            Take back
          </Button>
        ) : null}
      </p>
    </section>
  );
}

type HandProps = {
  readonly action: HandAction;
  readonly nowMs: number;
  readonly zone: string;
  readonly busy: boolean;
  readonly onRecord: (pass?: boolean) => void;
};

function Hand({ action, nowMs, zone, busy, onRecord }: HandProps) {
  return (
    <div className="flex h-full flex-col gap-2 px-3 py-3">
      <Link href={`/work/${action.number}`} className="flex items-center gap-3 no-underline hover:underline">
        <Ring facts={action.ring} seed={action.batchId} size={46} title={action.number} />
        <span className="min-w-0">
          <span className="block truncate font-semibold leading-5">
            {action.action}
            {action.round ? ` (${action.round})` : ''}
          </span>
          <span className="block truncate text-sm text-soft">
            <span className="reading font-semibold">{action.number}</span> {action.title}, {action.place.toLowerCase()}
          </span>
        </span>
      </Link>
      <Timing action={action} nowMs={nowMs} zone={zone} />
      <div className="mt-auto flex gap-2">
        <RecordButtons action={action} nowMs={nowMs} busy={busy} className="grow" onRecord={onRecord} />
      </div>
    </div>
  );
}
