'use client';

import { usePathname } from 'next/navigation';
import type { ReactNode } from 'react';
import type { HandAction } from '@/core/hands';
import type { HeatedPot } from '@/data/pour/heat';
import { handStrip as wording } from '@/messages/screens/trade';
import { Button } from '@/ui/button';
import { Link } from '@/ui/link';
import { useNow } from '@/ui/now';
import { Ring } from '@/ui/ring';
import { useKeys } from '@/web/keys';
import type { PieceLook } from '../drawing/look';
import { PieceSign } from '../drawing/piece-sign';
import { useHere } from './acts-here';
import { type ClothLine, clothNotices, lyingNotices } from './cloths';
import { NoticeRow, Notices, type StripNotice, type Trouble, troubleNotice } from './notice';
import { heatTroubles, type PotClock, potNotices } from './pot-clocks';
import { RecordButtons } from './record-buttons';
import { Timing, TimingWords } from './timing';
import { useAlarms } from './use-alarms';
import { type Told, useRecord } from './use-record';
import { outboxNotices, useOutbox } from './waiting-records';

type Props = {
  /** The most pressing ones. */
  readonly actions: readonly HandAction[];
  /** How many there are of all. */
  readonly count: number;
  /** How the pieces of the first ones look, by their batch. */
  readonly looks: Readonly<Record<number, PieceLook>>;
  readonly cloths: readonly ClothLine[];
  readonly pots: readonly PotClock[];
  /** Pots on the heat. */
  readonly heated: readonly HeatedPot[];
  /** What is wrong in the shop and burns. */
  readonly troubles: readonly Trouble[];
  readonly nowMs: number;
  readonly zone: string;
  readonly ready: boolean;
};

/** The page of one batch, which records its act itself. */
const OWN_PAGE = /^\/work\/(\d{2}-\d+)$/;

/**
 * Across the top of every screen: what hands must do next. On Today the next three, each with its window and its button; elsewhere one
 * line. Below it, in one line, what else wants a person.
 */
export function HandStrip({
  actions,
  count,
  looks,
  cloths,
  pots,
  heated,
  troubles: stands,
  nowMs: serverNowMs,
  zone,
  ready,
}: Props) {
  const nowMs = useNow(serverNowMs);
  const path = usePathname();
  const isFull = path === '/';
  const here = useHere();
  const { busy, told, record, last, takeBack, askTakeBack, ask } = useRecord(serverNowMs);
  const troubles = [...heatTroubles(heated, nowMs, path), ...stands];
  const call = useAlarms(actions, nowMs, troubles);
  const outbox = useOutbox();
  // The address says at once which batch a page is of; the page itself only once it has come to life.
  const number = OWN_PAGE.exec(path)?.[1];
  const own = here ? actions.find((one) => here.batchIds.includes(one.batchId)) : actions.find((one) => one.number === number);
  const first = here ? own : (own ?? actions[0]);

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
  const notices: StripNotice[] = [
    ...troubles.map(troubleNotice),
    ...clothNotices({ lines: cloths, nowMs, zone }),
    ...outboxNotices(outbox),
    ...potNotices({ pots, nowMs, zone }),
    ...(call ? [callNotice(call)] : []),
  ];
  return (
    <section aria-label={wording.nextForHands} className="no-print border-ink border-b-2 bg-paper">
      {isFull ? (
        <Three actions={actions} looks={looks} {...hands} />
      ) : (
        <OneLine first={first} count={count} here={here?.record ? 'acts' : here ? 'rests' : own ? 'acts' : null} {...hands} />
      )}
      {ready ? null : <NoticeRow tone="ask" says={wording.whoIsAtThis} />}
      <Notices of={isFull ? [...notices, ...lyingNotices({ lines: cloths, nowMs, zone })] : notices} />
      <Status told={told} busy={busy} canTakeBack={last !== null} onTakeBack={() => void takeBack()} />
      {ask}
    </section>
  );
}

const callNotice = (call: string): StripNotice => ({
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

/** The next three: the first large, the others as lines at its side; on a phone the first alone, on a tablet with one more. */
function Three({ actions, looks, ...hands }: Hands & Pick<Props, 'actions' | 'looks'>) {
  const [first, ...rest] = actions.slice(0, 3);
  if (!first) return <p className="p-4 text-soft">{wording.nothingWaitsForHands}</p>;
  return (
    <ol className="grid wide:grid-cols-2">
      <li className={rest.length > 0 ? 'border-rule wide:row-span-2 wide:border-r' : 'wide:col-span-2'}>
        <Hand action={first} look={looks[first.batchId]} {...hands} />
      </li>
      {rest.map((action, i) => (
        <li
          key={`${action.batchId}-${action.task}`}
          className={`flex flex-col justify-center border-rule border-t ${i === 0 ? 'hidden bench:flex wide:border-t-0' : 'hidden wide:flex'}`}
        >
          <Line action={action} {...hands} />
        </li>
      ))}
    </ol>
  );
}

type HandProps = Hands & { readonly action: HandAction; readonly look: PieceLook | undefined };

/** The most pressing act, large: its piece, its name, its window, and its button. */
function Hand({ action, look, nowMs, zone, busy, onRecord }: HandProps) {
  return (
    <div className="flex items-center gap-3 px-3 py-1 bench:gap-4">
      <Link href={`/work/${action.number}`} className="shrink-0 no-underline max-bench:hidden">
        {look ? <PieceSign look={look} facts={action.ring} seed={action.batchId} size={50} title={action.number} /> : null}
      </Link>
      <Link href={`/work/${action.number}`} className="min-w-0 grow no-underline hover:underline">
        <span className="block font-semibold leading-5 bench:text-lg">{nameOf(action)}</span>
        <span className="block truncate text-sm text-soft leading-5">
          <span className="reading font-semibold">{action.number}</span> {action.title}, {action.place.toLowerCase()}
        </span>
        <Timing action={action} nowMs={nowMs} zone={zone} />
      </Link>
      <span className="flex shrink-0 gap-2">
        <RecordButtons action={action} nowMs={nowMs} busy={busy} onRecord={onRecord(action)} />
      </span>
    </div>
  );
}

/** An act in one line, with its window and its button; its name is never cut. */
function Line({ action, nowMs, zone, busy, onRecord }: Hands & { readonly action: HandAction }) {
  return (
    <div className="flex min-h-12 items-center gap-x-4 px-3">
      <Named action={action} />
      <span className="hidden grow text-sm bench:block">
        <TimingWords action={action} nowMs={nowMs} zone={zone} />
      </span>
      <span className="flex shrink-0 gap-2">
        <RecordButtons action={action} nowMs={nowMs} busy={busy} small onRecord={onRecord(action)} />
      </span>
    </div>
  );
}

/** Its ring and its name, leading to its batch. */
function Named({ action, children }: { readonly action: HandAction; readonly children?: ReactNode }) {
  return (
    <Link
      href={`/work/${action.number}`}
      className="flex min-w-0 grow items-center gap-3 no-underline hover:underline bench:grow-0"
    >
      <Ring facts={action.ring} seed={action.batchId} size={34} title={action.number} />
      <span className="min-w-0 leading-5">
        <span className="block font-semibold">{nameOf(action)}</span>
        <span className="hidden truncate text-sm text-soft bench:block">
          <span className="reading font-semibold">{action.number}</span> {action.title}
        </span>
        {children}
      </span>
    </Link>
  );
}

const nameOf = ({ action, round }: HandAction): string => `${action}${round ? ` (${round})` : ''}`;

type OneProps = Hands & {
  readonly first: HandAction | undefined;
  readonly count: number;
  /** The page records its own batch itself: its button is the one, and this one gives way. Or it is of a batch that waits for nothing. */
  readonly here: 'acts' | 'rests' | null;
};

/** The most pressing act, or the one this page is about, in one line; its name is never cut. */
function OneLine({ first, count, here, nowMs, zone, busy, onRecord }: OneProps) {
  const more = count - (first ? 1 : 0);
  return (
    <div className="flex min-h-13 items-center gap-x-3 px-3 py-1 bench:gap-x-4 bench:py-0">
      {first ? (
        <>
          <Named action={first}>
            <span className="block text-sm bench:hidden">
              <TimingWords action={first} nowMs={nowMs} zone={zone} />
            </span>
          </Named>
          <span className="hidden grow text-sm bench:block">
            <TimingWords action={first} nowMs={nowMs} zone={zone} />
          </span>
          {here ? null : (
            <span className="flex shrink-0 gap-2">
              <RecordButtons action={first} nowMs={nowMs} busy={busy} small onRecord={onRecord(first)} />
            </span>
          )}
        </>
      ) : (
        <p className="grow text-soft">
          {here === 'acts' ? wording.thisPageRecordsIts : here ? wording.nothingToRecordHere : wording.nothingWaitsForHands2}
        </p>
      )}
      {more > 0 ? (
        <Link href="/" className="inline-flex min-h-11 shrink-0 items-center">
          <span aria-hidden="true" className="bench:hidden">
            +
          </span>
          {more}
          <span className="max-bench:sr-only">{wording.more}</span>
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
          {wording.takeBack}
        </Button>
      ) : null}
    </p>
  );
}
