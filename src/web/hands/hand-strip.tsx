'use client';

import type { PieceLook } from '../drawing/look';
import { PieceSign } from '../drawing/piece-sign';
import { usePathname } from 'next/navigation';
import type { HandAction } from '@/core/hands';
import { Button } from '@/ui/button';
import { Link } from '@/ui/link';
import { useNow } from '@/ui/now';
import { Ring } from '@/ui/ring';
import { useKeys } from '../keys';
import { useRefresh } from '../use-refresh';
import { useHere } from './acts-here';
import { type ClothLine, clothNotices, LyingCloths } from './cloths';
import { type Notice, NoticeRow, Notices, type Trouble, troubleNotice } from './notice';
import { type PotClock, potNotices } from './pot-clocks';
import { RecordButtons } from './record-buttons';
import { Timing, TimingWords } from './timing';
import { useAlarms } from './use-alarms';
import { type Told, useRecord } from './use-record';
import { outboxNotices, useOutbox } from './waiting-records';

type Props = {
  readonly actions: readonly HandAction[];
  /** How the pieces of the first ones look, by their batch. */
  readonly looks: Readonly<Record<number, PieceLook>>;
  readonly cloths: readonly ClothLine[];
  readonly pots: readonly PotClock[];
  /** What is wrong in the shop and burns. */
  readonly troubles: readonly Trouble[];
  readonly nowMs: number;
  readonly zone: string;
  readonly ready: boolean;
};

/**
 * Across the top of every screen: what hands must do next. On Today the next three, each with its window and its button; elsewhere one
 * line. Below it, in one line, what else wants a person.
 */
export function HandStrip({ actions, looks, cloths, pots, troubles, nowMs: serverNowMs, zone, ready }: Props) {
  const nowMs = useNow(serverNowMs);
  const isFull = usePathname() === '/';
  const here = useHere();
  const { busy, told, record, last, takeBack, askTakeBack, ask } = useRecord(serverNowMs);
  const call = useAlarms(actions, nowMs, troubles);
  const outbox = useOutbox();
  const first = here ? actions.find((one) => here.batchIds.includes(one.batchId)) : actions[0];

  useRefresh();
  useKeys({
    takeBack: askTakeBack,
    record: () => {
      if (!ready) return false;
      if (here) return here.record ? here.record() : false;
      if (!first || first.outcome || busy) return false;
      void record(first);
    },
  });

  const hands = {
    nowMs,
    zone,
    busy: busy || !ready,
    onRecord: (action: HandAction) => (pass?: boolean) => void record(action, pass === undefined ? {} : { pass }),
  };
  const notices: Notice[] = [
    ...troubles.map(troubleNotice),
    ...clothNotices({ lines: cloths, nowMs, zone }),
    ...outboxNotices(outbox),
    ...potNotices({ pots, nowMs, zone }),
    ...(call ? [callNotice(call)] : []),
  ];
  return (
    <section aria-label="Next for hands" className="no-print border-ink border-b-2 bg-paper">
      {isFull ? (
        <Three actions={actions} looks={looks} {...hands} />
      ) : (
        <OneLine first={first} count={actions.length} isHere={here !== null} {...hands} />
      )}
      {ready ? null : (
        <NoticeRow tone="ask" says="Who is at this device? Touch your initials, then these buttons record for you." />
      )}
      <Notices of={notices} />
      {isFull ? <LyingCloths lines={cloths} nowMs={nowMs} zone={zone} /> : null}
      <Status told={told} busy={busy} canTakeBack={last !== null} onTakeBack={() => void takeBack()} />
      {ask}
    </section>
  );
}

const callNotice = (call: string): Notice => ({
  key: 'call',
  tone: 'told',
  row: (
    <div role="log">
      <NoticeRow tone="told" says={call} />
    </div>
  ),
});

type Hands = {
  readonly nowMs: number;
  readonly zone: string;
  readonly busy: boolean;
  readonly onRecord: (action: HandAction) => (pass?: boolean) => void;
};

/** The next three, the first alone on a phone. */
function Three({ actions, looks, ...hands }: Hands & Pick<Props, 'actions' | 'looks'>) {
  if (actions.length === 0)
    return (
      <p className="p-4 text-soft">Nothing waits for hands. Start a batch under Work, and its steps stand here in their time.</p>
    );
  return (
    <ol className="grid grid-cols-1 divide-y divide-rule bench:grid-cols-3 bench:divide-x bench:divide-y-0">
      {actions.slice(0, 3).map((action, index) => (
        <li key={`${action.batchId}-${action.task}`} className={index > 0 ? 'hidden bench:block' : ''}>
          <Hand action={action} look={looks[action.batchId]} {...hands} />
        </li>
      ))}
    </ol>
  );
}

type HandProps = Hands & { readonly action: HandAction; readonly look: PieceLook | undefined };

function Hand({ action, look, nowMs, zone, busy, onRecord }: HandProps) {
  return (
    <div className="flex h-full flex-col gap-2 px-3 py-3">
      <Link href={`/work/${action.number}`} className="flex items-center gap-3 no-underline hover:underline">
        {look ? <PieceSign look={look} facts={action.ring} seed={action.batchId} size={46} title={action.number} /> : null}
        <span className="min-w-0">
          <span className="block font-semibold leading-5">{nameOf(action)}</span>
          <span className="block truncate text-sm text-soft">
            <span className="reading font-semibold">{action.number}</span> {action.title}, {action.place.toLowerCase()}
          </span>
        </span>
      </Link>
      <Timing action={action} nowMs={nowMs} zone={zone} />
      <div className="mt-auto flex gap-2">
        <RecordButtons action={action} nowMs={nowMs} busy={busy} className="grow" onRecord={onRecord(action)} />
      </div>
    </div>
  );
}

const nameOf = ({ action, round }: HandAction): string => `${action}${round ? ` (${round})` : ''}`;

type OneProps = Hands & {
  readonly first: HandAction | undefined;
  readonly count: number;
  /** The page records it itself: its button is the one, and this one gives way. */
  readonly isHere: boolean;
};

/** The most pressing act, or the one this page is about, in one line; its name is never cut. */
function OneLine({ first, count, isHere, nowMs, zone, busy, onRecord }: OneProps) {
  const more = count - (first ? 1 : 0);
  return (
    <div className="flex min-h-13 items-center gap-x-3 px-3 py-1 bench:gap-x-4 bench:py-0">
      {first ? (
        <>
          <Link
            href={`/work/${first.number}`}
            className="flex min-w-0 grow items-center gap-3 no-underline hover:underline bench:grow-0"
          >
            <Ring facts={first.ring} seed={first.batchId} size={34} title={first.number} />
            <span className="min-w-0 leading-5">
              <span className="block font-semibold">{nameOf(first)}</span>
              <span className="hidden truncate text-sm text-soft bench:block">
                <span className="reading font-semibold">{first.number}</span> {first.title}
              </span>
              <span className="block text-sm bench:hidden">
                <TimingWords action={first} nowMs={nowMs} zone={zone} />
              </span>
            </span>
          </Link>
          <span className="hidden grow text-sm bench:block">
            <TimingWords action={first} nowMs={nowMs} zone={zone} />
          </span>
          {isHere ? null : (
            <span className="flex shrink-0 gap-2">
              <RecordButtons action={first} nowMs={nowMs} busy={busy} small onRecord={onRecord(first)} />
            </span>
          )}
        </>
      ) : (
        <p className="grow text-soft">{isHere ? 'Nothing to record here now.' : 'Nothing waits for hands.'}</p>
      )}
      {more > 0 ? (
        <Link href="/" className="inline-flex min-h-11 shrink-0 items-center">
          <span aria-hidden="true" className="bench:hidden">
            +
          </span>
          {more}
          <span className="max-bench:sr-only">&nbsp;more</span>
        </Link>
      ) : null}
    </div>
  );
}

type StatusProps = {
  readonly told: Told | null;
  readonly busy: boolean;
  readonly canTakeBack: boolean;
  readonly onTakeBack: () => void;
};

/** What became of the last touch, and the way back from it. */
function Status({ told, busy, canTakeBack, onTakeBack }: StatusProps) {
  return (
    <p
      role="status"
      aria-live="polite"
      className={
        told
          ? `flex min-h-11 items-center justify-between border-t border-rule px-3 font-semibold ${told.tone === 'fault' ? 'text-late' : told.tone === 'waiting' ? 'text-cure' : 'text-fit'}`
          : 'sr-only'
      }
    >
      <span>
        {told?.tone === 'fault' ? '▲ ' : ''}
        {told?.text}
      </span>
      {told?.tone === 'done' && canTakeBack ? (
        <Button look="quiet" onClick={onTakeBack} disabled={busy}>
          Take back
        </Button>
      ) : null}
    </p>
  );
}
