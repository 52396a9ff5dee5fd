'use client';

import { useRouter } from 'next/navigation';
import { useEffect } from 'react';
import { type Ahead, type Countdown, countdownOf, type HandAction, pressOf, projected } from '@/core/hands';
import { MS_PER_DAY, MS_PER_MINUTE, sayMinutes } from '@/core/quantity';
import { benchView as wording } from '@/messages/screens/bench';
import { shared } from '@/messages/screens/shared';
import type { PieceLook } from '@/trade/drawing/look';
import { PieceSign } from '@/trade/drawing/piece-sign';
import { AlarmSwitch } from '@/trade/hands/alarm-switch';
import { type ClothLine, clothNotices } from '@/trade/hands/cloths';
import { CoatChanges, type CoatSlot } from '@/trade/hands/coat-changes';
import type { Alarm } from '@/trade/hands/moment';
import { Notices, troubleNotice } from '@/trade/hands/notice';
import { RecordButtons } from '@/trade/hands/record-buttons';
import { Timing } from '@/trade/hands/timing';
import { useAlarms } from '@/trade/hands/use-alarms';
import { useRecord } from '@/trade/hands/use-record';
import { outboxNotices, useOutbox } from '@/trade/hands/waiting-records';
import { Button } from '@/ui/button';
import { Fold } from '@/ui/fold';
import { Link } from '@/ui/link';
import { clockOffset, useNow } from '@/ui/now';
import { clockTime } from '@/ui/when';
import { useKeys } from '@/web/keys';
import { HandsFree } from './hands-free';

const COUNTDOWN_WORDS: Readonly<Record<Countdown['to'], string>> = {
  'may-be-done': wording.untilItMayBe,
  past: wording.pastItsWindow,
  best: wording.untilTheBestMoment,
  left: 'left',
  open: wording.nothingSpoils,
};

/** The count-down that can be read from three metres. */
function countdown(action: HandAction, nowMs: number): { readonly big: string; readonly small: string } {
  const { to, minutes } = countdownOf(action, nowMs);
  return { big: to === 'open' ? 'now' : sayMinutes(minutes), small: COUNTDOWN_WORDS[to] };
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
    <p className="text-soft">{wording.thisDevicesClockIs(sayMinutes(off / MS_PER_MINUTE))}</p>
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
  /** What is said where there is no action: all is done, it is cancelled, it has no pieces. */
  readonly over: string;
  readonly look: PieceLook | null;
  readonly ahead: readonly Ahead[];
  readonly number: string;
  readonly nowMs: number;
  readonly zone: string;
  readonly ready: boolean;
  readonly cloths: readonly ClothLine[];
  readonly batchId: number;
  /** Its materials with their coats, and what was decided of them. */
  readonly coats: readonly CoatSlot[];
  readonly changes: readonly { readonly id: number; readonly says: string }[];
  /** What may warm the piece that is next. */
  readonly warming: string | null;
  /** The gravest caution of what is next. */
  readonly caution: { readonly head: string; readonly text: string } | null;
  /** What is wrong in the shop and burns. */
  readonly troubles: readonly Alarm[];
};

/** One batch, full screen, three buttons: done, take back, and out. */
export function BenchView({
  action: shopsAction,
  over,
  look,
  ahead,
  number,
  nowMs: serverNowMs,
  zone,
  ready,
  cloths,
  batchId,
  coats,
  changes,
  warming,
  caution,
  troubles,
}: Props) {
  const nowMs = useNow(serverNowMs);
  const outbox = useOutbox();
  const action = shopsAction && projected(shopsAction, ahead, outbox.waiting as unknown as Parameters<typeof projected>[2]);
  const call = useAlarms(action ? [action] : [], nowMs, troubles);
  const router = useRouter();
  const { busy, told, record, last, takeBack, askTakeBack, ask } = useRecord(serverNowMs);
  const mayTakeBack = last?.batchId === batchId;

  useKeys({
    out: () => (ask ? false : router.push(`/work/${number}`)),
    takeBack: askTakeBack,
    record: () => {
      if (!action || action.outcome || busy || !ready) return false;
      void record(action);
    },
  });
  useWakeLock();

  const standing = action ? pressOf(action, nowMs) : 'ready';
  return (
    <main
      className={`flex min-h-screen flex-col gap-2 p-3 bench:gap-3 bench:p-5 ${standing === 'at-risk' ? 'border-8 border-late bench:border-[14px]' : ''}`}
    >
      {/* What is read and touched fills the screen, its buttons always in the same place; the rest comes beneath. */}
      <div className="flex min-h-[calc(100dvh-3rem)] flex-col gap-2 bench:gap-3">
        <BenchHead action={action} over={over} look={look} number={number} />
        <Notices of={[...troubles.map(troubleNotice), ...clothNotices({ lines: cloths, nowMs, zone })]} />
        <Notices of={outboxNotices(outbox)} />
        {caution ? (
          <Fold className="border-late border-l-8 bg-paper px-4 bench:text-xl" line="strong" says={<>▲ {caution.head}</>}>
            <p className="pb-2">{caution.text}</p>
          </Fold>
        ) : null}
        {warming ? (
          <Fold className="bg-paper px-4 bench:text-xl" says={wording.warmingIt}>
            <p className="pb-2">{warming}</p>
          </Fold>
        ) : null}
        {action?.room ? <p className="border-cure border-l-8 bg-paper px-4 py-1 bench:text-xl">{action.room}</p> : null}
        {action?.note ? <p className="bench:text-xl">{action.note}</p> : null}
        {action?.house ? (
          <p className="bench:text-xl">
            <strong>{wording.houseRule}</strong> {action.house}
          </p>
        ) : null}
        {action ? <CountDown action={action} nowMs={nowMs} zone={zone} /> : null}
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
        <ClockNote />
        <BenchButtons
          action={action}
          number={number}
          lastDone={mayTakeBack ? last.says : null}
          nowMs={nowMs}
          busy={busy}
          ready={ready}
          onRecord={(pass) => action && void record(action, pass === undefined ? {} : { pass })}
          onTakeBack={() => void takeBack()}
        />
      </div>
      {ask}
      <HandsFree
        action={action}
        over={over}
        nowMs={nowMs}
        free={ready && !busy}
        lastDone={mayTakeBack ? last.says : null}
        onRecord={(of) => record(of)}
        onTakeBack={takeBack}
      />
      {coats.length > 0 ? (
        <Fold line="strong" lineClass="text-xl" says={wording.moreCoatsOrFewer}>
          <CoatChanges batchId={batchId} slots={coats} changes={changes} />
        </Fold>
      ) : null}
      {ready ? null : <p className="text-xl font-semibold text-late">{wording.sayFirstWhoIs}</p>}
    </main>
  );
}

/** Its ring and what is next. */
function BenchHead({ action, over, number, look }: Pick<Props, 'action' | 'over' | 'number' | 'look'>) {
  return (
    <div className="flex items-start gap-3 bench:gap-5">
      {action && look ? (
        <>
          <span className="max-bench:hidden">
            <PieceSign look={look} facts={action.ring} seed={action.batchId} size={100} title={number} />
          </span>
          <span className="bench:hidden">
            <PieceSign look={look} facts={action.ring} seed={action.batchId} size={44} title={number} />
          </span>
        </>
      ) : null}
      <div className="min-w-0 grow">
        <p className="reading font-semibold bench:text-xl">
          {number} {action?.title}
        </p>
        <h1 className="text-[clamp(1.35rem,3.6vw,2.7rem)]">{action ? action.action : over}</h1>
        {action?.round ? <p className="text-xl">{wording.pieces(action.round, action.pieces)}</p> : null}
      </div>
    </div>
  );
}

/** The count-down that is read across the shop, with its three moments. */
function CountDown({ action, nowMs, zone }: Pick<Props, 'nowMs' | 'zone'> & { readonly action: HandAction }) {
  const count = countdown(action, nowMs);
  const late = pressOf(action, nowMs) === 'at-risk';
  return (
    <div className="flex grow flex-wrap items-center justify-between gap-x-10">
      <p className={`reading text-[clamp(4rem,min(17vw,24vh),15rem)] font-semibold leading-none ${late ? 'text-late' : ''}`}>
        {count.big}
        <span className="block text-[0.18em] font-normal text-soft">{count.small}</span>
      </p>
      <Moments action={action} zone={zone} nowMs={nowMs} />
    </div>
  );
}

type ButtonProps = Pick<Props, 'action' | 'number' | 'nowMs' | 'ready'> & {
  /** What was recorded here last, and may be taken back. */
  readonly lastDone: string | null;
  readonly busy: boolean;
  readonly onRecord: (pass?: boolean) => void;
  readonly onTakeBack: () => void;
};

/** Done, take back, and out. */
function BenchButtons({ action, number, lastDone, nowMs, ready, busy, onRecord, onTakeBack }: ButtonProps) {
  return (
    <div className="grid grid-cols-2 gap-3 bench:grid-cols-[2fr_1fr_1fr] bench:gap-4">
      <div className="col-span-2 grid auto-cols-fr grid-flow-col gap-3 bench:col-span-1 bench:gap-4">
        {action ? (
          <RecordButtons action={action} nowMs={nowMs} busy={busy || !ready} huge onRecord={onRecord} />
        ) : (
          <Button look="hand" className="min-h-28 text-3xl" disabled>
            {wording.done}
          </Button>
        )}
      </div>
      <Button className="min-h-16 bench:min-h-28 bench:text-xl" disabled={busy || !lastDone} onClick={onTakeBack}>
        {wording.takeBack(lastDone ? ` “${lastDone}”` : '')}
      </Button>
      <Link
        href={`/work/${number}`}
        className="flex min-h-16 items-center justify-center border-2 border-ink font-semibold no-underline bench:min-h-28 bench:text-xl"
      >
        {shared.coatBook}
      </Link>
    </div>
  );
}
