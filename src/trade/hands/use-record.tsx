'use client';

import { useRouter } from 'next/navigation';
import { type ReactNode, useEffect, useState } from 'react';
import { type HandAction, pressOf } from '@/core/hands';
import { useRecord as wording } from '@/messages/screens/trade';
import { AskSheet } from '@/ui/ask';
import { freshId } from '@/ui/id';
import { clockOffset, shopClock } from '@/ui/now';
import { flush, send } from '@/web/outbox';
import { stamp } from '@/web/outbox-store';
import { undo } from './actions';
import { type LastRecord, setLastRecord, useLastRecord } from './last-record';
import { riskWords } from './risk-words';
import type { SeenFault } from './seen';

/** What a device records besides the task itself. */
export type Details = {
  readonly grams?: number | null;
  readonly tempC?: number | null;
  readonly rh?: number | null;
  readonly pass?: boolean | null;
  readonly seen?: string;
  readonly kind?: 'done' | 'left-out';
  readonly at?: number;
  readonly faults?: readonly SeenFault[];
  /** A photo, already made small. */
  readonly photo?: Blob | null;
  /** Its lot ran out within the coat: the rest came from this one. */
  readonly nextLot?: { readonly lotId: number; readonly grams: number | null } | null;
  /** A time that was asked about is right. */
  readonly sure?: boolean;
  /** It was asked whether it is done so early. */
  readonly early?: boolean;
};
export type Told = {
  readonly text: string;
  readonly tone: 'done' | 'fault' | 'waiting';
  /** It was not refused but asked about: it may be said that it was so. */
  readonly asks?: boolean;
};

const FLUSH_EVERY_MS = 5000;
/** After an act the next one's button rests: a second tap in the same breath is no second act. */
const REST_MS = 1000;
const LET_IN = wording.thisDeviceMustGive;

type Asked = { readonly action: HandAction; readonly nowMs: number; readonly answer: (goOn: boolean) => void };

/** Sends what waits on this device, again and again, and says what became of it. */
function useFlush(tell: (change: (now: Told | null) => Told | null) => void): void {
  const router = useRouter();
  useEffect(() => {
    const tryAgain = async (): Promise<void> => {
      const { sent, faults, door, left } = await flush();
      if (door) tell(() => ({ tone: 'fault', text: LET_IN }));
      else if (faults.length > 0) tell(() => ({ tone: 'fault', text: faults.join(' ') }));
      else if (sent > 0) tell(() => ({ tone: 'done', text: wording.sentNowKeptOn(sent) }));
      else if (left === 0)
        // Another part of this page, or another tab, sent it.
        tell((now) => (now?.tone === 'waiting' ? { tone: 'done', text: wording.sentNowWhatWas } : now));
      if (sent > 0) router.refresh();
    };
    const timer = setInterval(tryAgain, FLUSH_EVERY_MS);
    window.addEventListener('online', tryAgain);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', tryAgain);
    };
  }, [router, tell]);
}

/** Whether an act is done so early: asked away from the finger, answered by one touch. */
function useEarly(): { readonly ask: (action: HandAction, nowMs: number) => Promise<boolean>; readonly question: ReactNode } {
  const [asked, setAsked] = useState<Asked | null>(null);
  return {
    ask: async (action, nowMs) => {
      const goOn = await new Promise<boolean>((answer) => setAsked({ action, nowMs, answer }));
      setAsked(null);
      return goOn;
    },
    question: asked ? (
      <AskSheet
        title={wording.soEarly(asked.action.done)}
        say={`${asked.action.number} ${asked.action.title}. ${riskWords(asked.action, asked.nowMs) ?? ''}`}
        does={wording.early(asked.action.done)}
        onDo={() => asked.answer(true)}
        onLeave={() => asked.answer(false)}
      />
    ) : null,
  };
}

const NOTHING_TO_TAKE_BACK: Told = {
  tone: 'fault',
  text: wording.nothingWasRecordedHere,
};

/** Takes back what this tab recorded last, and nothing before it; by the key it is named and asked about first. */
function useTakeBack(tell: (told: Told) => void, setBusy: (busy: boolean) => void) {
  const router = useRouter();
  const last = useLastRecord();
  const [asks, setAsks] = useState(false);
  const takeBack = async (): Promise<void> => {
    setAsks(false);
    if (!last) return tell(NOTHING_TO_TAKE_BACK);
    setBusy(true);
    try {
      const answer = await undo({ clientId: freshId(), batchId: last.batchId, entry: last.entry, ...(await stamp()) });
      setLastRecord(null);
      tell(
        answer.ok
          ? { tone: 'done', text: wording.takenBack(answer.value.undone, last.number) }
          : { tone: 'fault', text: Object.values(answer.faults).join(' ') },
      );
      router.refresh();
    } catch {
      tell({ tone: 'fault', text: wording.theShopDidNot(last.says, last.number) });
    }
    setBusy(false);
  };
  const question =
    asks && last ? (
      <AskSheet
        title={wording.takeBackOf(last.says, last.number)}
        say={wording.itStaysInThe}
        does={wording.takeItBack}
        onDo={() => void takeBack()}
        onLeave={() => setAsks(false)}
      />
    ) : null;
  return { last, takeBack, askTakeBack: (): void => (last ? setAsks(true) : void takeBack()), question };
}

/** Recording from this device: one touch, kept here until the server has it, and the last one taken back by name. */
export function useRecord(serverNowMs: number): {
  readonly busy: boolean;
  readonly told: Told | null;
  /** Whether it is recorded, or kept on this device until the shop answers. What is early is asked about first. */
  readonly record: (action: HandAction, details?: Details) => Promise<boolean>;
  /** What was recorded last in this tab, and may be taken back. */
  readonly last: LastRecord | null;
  readonly takeBack: () => Promise<void>;
  /** Names what would be taken back, and asks. */
  readonly askTakeBack: () => void;
  /** The question that stands open. */
  readonly ask: ReactNode;
} {
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const [told, setTold] = useState<Told | null>(null);
  const early = useEarly();
  const back = useTakeBack(setTold, setBusy);
  useFlush(setTold);

  const record = async (action: HandAction, { early: isSure = false, ...details }: Details = {}): Promise<boolean> => {
    const at = details.at ?? shopClock(serverNowMs);
    const asks = !isSure && details.kind !== 'left-out' && pressOf(action, at) === 'too-early';
    if (asks && !(await early.ask(action, at))) return false;
    setBusy(true);
    const entry = freshId();
    const { batchId, number, done, task } = action;
    const said = { clientId: entry, batchId, number, says: done, task };
    const sent = await send({ ...said, ...(await stamp()), clockOffsetMs: clockOffset(), ...details, at: Math.round(at) });
    if (sent.ok === false) {
      setBusy(false);
      setTold({ tone: 'fault', text: Object.values(sent.faults).join(' '), asks: sent.faults.sure !== undefined });
      // Another tab or device may have been quicker: what stands now is shown. A shop that is not there is not asked: the page would go.
      if (!sent.unanswered) router.refresh();
      return false;
    }
    setTimeout(() => setBusy(false), REST_MS);
    if (sent.ok === 'waiting') {
      const then = sent.door ? `. ${LET_IN}` : wording.andGoesToThe;
      setTold({ tone: 'waiting', text: wording.isWrittenDownOn(done, then) });
      return true;
    }
    setLastRecord({ entry, batchId, number, says: done });
    setTold({ tone: 'done', text: `${done} · ${number}` });
    router.refresh();
    return true;
  };
  const { last, takeBack, askTakeBack } = back;
  return { busy, told, record, last, takeBack, askTakeBack, ask: early.question ?? back.question };
}
