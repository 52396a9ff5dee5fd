'use client';

import { Link } from '@/ui/link';
import { useRouter } from 'next/navigation';
import { useEffect } from 'react';
import { say, MS_PER_DAY, MS_PER_MINUTE } from '@/core/quantity';
import { AlarmSwitch } from '@/web/hands/alarm-switch';
import { Timing } from '@/web/hands/timing';
import { useAlarms } from '@/web/hands/use-alarms';
import { type Ahead, type Countdown, countdownOf, type HandAction, pressOf, projected } from '@/core/hands';
import { Button } from '@/ui/button';
import { clockOffset, useNow } from '@/ui/now';
import { Ring } from '@/ui/ring';
import { clockTime } from '@/ui/when';
import { useOutbox, WaitingRecords } from '@/web/hands/waiting-records';
import type { Alarm } from '@/web/hands/moment';
import { CoatChanges, type CoatSlot } from '@/web/hands/coat-changes';
import { RagAnswer, type RagView } from '@/web/hands/rag-answer';
import { RecordButtons } from '@/web/hands/record-buttons';
import { useRecord } from '@/web/hands/use-record';
import { useKeys } from '@/web/keys';
import { useRefresh } from '@/web/use-refresh';
import { Fold } from '@/ui/fold';

const COUNTDOWN_WORDS: Readonly<Record<Countdown['to'], string>> = {
  'may-be-done': 'until it may be done',
  past: 'past its window',
  best: 'until the best moment',
  left: 'left',
  open: 'nothing spoils',
};

/** The count-down that can be read from three metres. */
function countdown(action: HandAction, nowMs: number): { readonly big: string; readonly small: string } {
  const { to, minutes } = countdownOf(action, nowMs);
  return { big: to === 'open' ? 'now' : say(minutes, 'min'), small: COUNTDOWN_WORDS[to] };
}

/** The three moments of a window, to be read across the shop. */
function Moments({ action, zone, nowMs }: { readonly action: HandAction; readonly zone: string; readonly nowMs: number }) {
  const { earliestMs, idealMs, latestMs } = action;
  if (earliestMs === null) return null;
  const at = (ms: number | null): string => (ms === null ? 'never' : clockTime(ms, zone, nowMs));
  return (
    <dl className="grid grid-cols-[auto_auto] items-baseline gap-x-5 text-[clamp(1.8rem,4.4vw,3.4rem)] leading-tight">
      {(
        [
          ['from', earliestMs],
          ['best', idealMs],
          ['harm after', latestMs],
        ] as const
      ).map(([name, ms]) => (
        <div key={name} className="contents">
          <dt className="text-[0.5em] text-soft">{name}</dt>
          <dd className="reading font-semibold">{at(ms)}</dd>
        </div>
      ))}
    </dl>
  );
}

/** Past this a device's clock is worth a word; past a day it is a test's. */
const CLOCK_OFF_MS = [MS_PER_MINUTE, MS_PER_DAY] as const;

/** Says that this device's own clock is off; what is recorded is right all the same. */
function ClockNote() {
  const off = Math.abs(clockOffset());
  return off > CLOCK_OFF_MS[0] && off < CLOCK_OFF_MS[1] ? (
    <p className="text-soft">
      This device’s clock is {say(off / MS_PER_MINUTE, 'min')} off the shop’s; times are recorded by the shop’s.
    </p>
  ) : null;
}

/** Keeps the screen awake, and asks again when the tablet comes back; only a secure address may, elsewhere its own setting holds. */
function useWakeLock(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | null = null;
    const ask = (): void => {
      if (document.visibilityState !== 'visible') return;
      void navigator.wakeLock?.request('screen').then(
        (held) => {
          lock = held;
        },
        () => undefined,
      );
    };
    ask();
    document.addEventListener('visibilitychange', ask);
    return () => {
      document.removeEventListener('visibilitychange', ask);
      void lock?.release();
    };
  }, []);
}

type Props = {
  readonly action: HandAction | null;
  readonly ahead: readonly Ahead[];
  readonly number: string;
  readonly nowMs: number;
  readonly zone: string;
  readonly lastDone: string | null;
  readonly ready: boolean;
  readonly rags: readonly RagView[];
  readonly batchId: number;
  /** Its materials with their coats, and what was decided of them. */
  readonly coats: readonly CoatSlot[];
  readonly changes: readonly { readonly id: number; readonly says: string }[];
  /** The gravest caution of what is next. */
  readonly caution: { readonly head: string; readonly text: string } | null;
  /** What is wrong in the shop and burns. */
  readonly troubles: readonly Alarm[];
};

/** One batch, full screen, three buttons: done, take back, and out. */
export function BenchView({
  action: shopsAction,
  ahead,
  number,
  nowMs: serverNowMs,
  zone,
  lastDone,
  ready,
  rags,
  batchId,
  coats,
  changes,
  caution,
  troubles,
}: Props) {
  const nowMs = useNow(serverNowMs);
  const { waiting } = useOutbox();
  const action = shopsAction && projected(shopsAction, ahead, waiting as unknown as Parameters<typeof projected>[2]);
  const call = useAlarms(action ? [action] : [], nowMs, troubles);
  const router = useRouter();
  const { busy, told, record, takeBack } = useRecord(serverNowMs);

  useKeys({
    out: () => router.push(`/work/${number}`),
    record: () => {
      if (!action || action.outcome || busy || !ready) return false;
      void record(action);
    },
  });
  useRefresh();
  useWakeLock();

  const standing = action ? pressOf(action, nowMs) : 'ready';
  return (
    <main className={`flex min-h-screen flex-col gap-3 p-5 ${standing === 'at-risk' ? 'border-[14px] border-late' : ''}`}>
      <BenchHead action={action} number={number} rags={rags} nowMs={nowMs} zone={zone} />
      {troubles.map(({ key, text }) => (
        <p key={key} role="alert" className="bg-late px-4 py-2 text-xl font-semibold text-bench">
          ▲ {text}
        </p>
      ))}
      {caution ? (
        <Fold className="border-late border-l-8 bg-paper px-4 text-xl" line="strong" says={<>▲ {caution.head}</>}>
          <p className="pb-2">{caution.text}</p>
        </Fold>
      ) : null}
      <CountDown action={action} nowMs={nowMs} zone={zone} />
      {action ? <Timing action={action} nowMs={nowMs} zone={zone} /> : null}
      <div className="flex min-h-11 flex-wrap items-center justify-between gap-4">
        <p
          role="status"
          className={`text-xl font-semibold ${told?.tone === 'fault' ? 'text-late' : told?.tone === 'waiting' ? 'text-cure' : 'text-fit'}`}
        >
          {told?.text ?? call}
        </p>
        <AlarmSwitch />
      </div>
      <WaitingRecords />
      <ClockNote />
      <BenchButtons
        action={action}
        number={number}
        lastDone={lastDone}
        nowMs={nowMs}
        busy={busy}
        ready={ready}
        onRecord={(pass) => action && void record(action, pass === undefined ? {} : { pass })}
        onTakeBack={() => action && void takeBack(action.batchId, number)}
      />
      {coats.length > 0 ? (
        <Fold line="strong" lineClass="text-xl" says="More coats, or fewer">
          <CoatChanges batchId={batchId} slots={coats} changes={changes} />
        </Fold>
      ) : null}
      {ready ? null : <p className="text-xl font-semibold text-late">▲ Say first who is at this device, on any other screen.</p>}
    </main>
  );
}

type HeadProps = Pick<Props, 'action' | 'number' | 'rags' | 'nowMs' | 'zone'>;

/** Its ring and what is next, and the cloths that wait for an answer. */
function BenchHead({ action, number, rags, nowMs, zone }: HeadProps) {
  return (
    <div className="flex items-start gap-5">
      {action ? <Ring facts={action.ring} seed={action.batchId} size={110} title={number} /> : null}
      <div className="min-w-0 grow">
        <p className="reading text-xl font-semibold">
          {number} {action?.title}
        </p>
        <h1 className="text-[clamp(1.6rem,3.6vw,2.7rem)]">{action ? action.action : 'All steps done'}</h1>
        {action?.round ? <p className="text-xl">{`${action.round}, ${action.pieces} pieces`}</p> : null}
      </div>
      <div className="ml-auto flex flex-col wide:flex-row">
        {rags.map((line) => (
          <RagAnswer key={line.id} line={line} nowMs={nowMs} zone={zone} />
        ))}
      </div>
    </div>
  );
}

/** The count-down that is read across the shop, with its three moments. */
function CountDown({ action, nowMs, zone }: Pick<Props, 'action' | 'nowMs' | 'zone'>) {
  const count = action ? countdown(action, nowMs) : { big: 'done', small: 'every step' };
  const late = action !== null && pressOf(action, nowMs) === 'at-risk';
  return (
    <div className="flex grow flex-wrap items-center justify-between gap-x-10">
      <p className={`reading text-[clamp(5rem,min(17vw,24vh),15rem)] font-semibold leading-none ${late ? 'text-late' : ''}`}>
        {count.big}
        <span className="block text-[0.18em] font-normal text-soft">{count.small}</span>
      </p>
      {action ? <Moments action={action} zone={zone} nowMs={nowMs} /> : null}
    </div>
  );
}

type ButtonProps = Pick<Props, 'action' | 'number' | 'lastDone' | 'nowMs' | 'ready'> & {
  readonly busy: boolean;
  readonly onRecord: (pass?: boolean) => void;
  readonly onTakeBack: () => void;
};

/** Done, take back, and out. */
function BenchButtons({ action, number, lastDone, nowMs, ready, busy, onRecord, onTakeBack }: ButtonProps) {
  return (
    <div className="grid gap-4 bench:grid-cols-[2fr_1fr_1fr]">
      <div className="grid auto-cols-fr grid-flow-col gap-4">
        {action ? (
          <RecordButtons action={action} nowMs={nowMs} busy={busy || !ready} huge onRecord={onRecord} />
        ) : (
          <Button look="hand" className="min-h-28 text-3xl" disabled>
            Done
          </Button>
        )}
      </div>
      <Button className="min-h-28 text-xl" disabled={busy || !lastDone} onClick={onTakeBack}>
        Take back{lastDone ? ` “${lastDone}”` : ''}
      </Button>
      <Link
        href={`/work/${number}`}
        className="flex min-h-28 items-center justify-center border-2 border-ink text-xl font-semibold no-underline"
      >
        Coat book
      </Link>
    </div>
  );
}
