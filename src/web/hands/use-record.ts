'use client';

import { useRouter } from 'next/navigation';
import { useCallback, useEffect, useState } from 'react';
import type { Surface } from '@/core/piece';
import type { Fault } from '@/core/regimen';
import { freshId } from '@/ui/id';
import { clockOffset, shopClock } from '@/ui/now';
import { undo } from './actions';
import { flush, send } from '@/web/outbox';
import { stamp } from '@/web/outbox-store';

/** What a device records besides the task itself. */
export type Details = {
  readonly grams?: number | null;
  readonly tempC?: number | null;
  readonly rh?: number | null;
  readonly pass?: boolean | null;
  readonly seen?: string;
  readonly kind?: 'done' | 'left-out';
  readonly at?: number;
  readonly faults?: readonly { readonly fault: Fault; readonly surface: Surface }[];
  /** A photo, already made small. */
  readonly photo?: Blob | null;
  /** Its lot ran out within the coat: the rest came from this one. */
  readonly nextLot?: { readonly lotId: number; readonly grams: number | null } | null;
  /** A time that was asked about is right. */
  readonly sure?: boolean;
};
type Target = { readonly batchId: number; readonly number: string; readonly task: string; readonly done: string };
export type Told = {
  readonly text: string;
  readonly tone: 'done' | 'fault' | 'waiting';
  /** It was not refused but asked about: it may be said that it was so. */
  readonly asks?: boolean;
};

const LAST = 'rendle-last';
const FLUSH_EVERY_MS = 5000;
const LET_IN = 'This device must give the shop’s passcode again: reload the page. Nothing is lost.';

type Last = { readonly batchId: number; readonly number: string };

/** Recording from this device: one touch, kept here until the server has it, and taken back by name. */
export function useRecord(serverNowMs: number): {
  readonly busy: boolean;
  readonly told: Told | null;
  /** Whether it is recorded, or kept on this device until the shop answers. */
  readonly record: (target: Target, details?: Details) => Promise<boolean>;
  readonly takeBack: (batchId?: number, number?: string) => Promise<void>;
} {
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const [told, setTold] = useState<Told | null>(null);

  const record = useCallback(
    async (target: Target, details: Details = {}) => {
      setBusy(true);
      const at = details.at ?? shopClock(serverNowMs);
      const sent = await send({
        clientId: freshId(),
        batchId: target.batchId,
        number: target.number,
        says: target.done,
        task: target.task,
        ...(await stamp()),
        clockOffsetMs: clockOffset(),
        ...details,
        at: Math.round(at),
      });
      setBusy(false);
      if (sent.ok === 'waiting')
        setTold({
          tone: 'waiting',
          text: sent.door
            ? `${target.done} is written down on this device. ${LET_IN}`
            : `${target.done} is written down on this device and goes to the shop’s file as soon as it answers.`,
        });
      else if (sent.ok) {
        sessionStorage.setItem(LAST, JSON.stringify({ batchId: target.batchId, number: target.number } satisfies Last));
        setTold({ tone: 'done', text: `${target.done} · ${target.number}` });
        router.refresh();
      } else setTold({ tone: 'fault', text: Object.values(sent.faults).join(' '), asks: sent.faults.sure !== undefined });
      return sent.ok !== false;
    },
    [router, serverNowMs],
  );

  const takeBack = useCallback(
    async (batchId?: number, number?: string) => {
      const last = batchId && number ? { batchId, number } : (JSON.parse(sessionStorage.getItem(LAST) ?? 'null') as Last | null);
      if (!last) return setTold({ tone: 'fault', text: 'Nothing was recorded from this device yet.' });
      setBusy(true);
      const answer = await undo({ clientId: freshId(), batchId: last.batchId, ...(await stamp()) });
      setBusy(false);
      setTold(
        answer.ok
          ? { tone: 'done', text: `Taken back: ${answer.value.undone} · ${last.number}` }
          : { tone: 'fault', text: Object.values(answer.faults).join(' ') },
      );
      router.refresh();
    },
    [router],
  );

  useEffect(() => {
    const tryAgain = async (): Promise<void> => {
      const { sent, faults, door, left } = await flush();
      if (door) setTold({ tone: 'fault', text: LET_IN });
      else if (faults.length > 0) setTold({ tone: 'fault', text: faults.join(' ') });
      else if (sent > 0) setTold({ tone: 'done', text: `Sent now: ${sent} kept on this device.` });
      else if (left === 0)
        // Another part of this page, or another tab, sent it.
        setTold((now) => (now?.tone === 'waiting' ? { tone: 'done', text: 'Sent now: what was kept on this device.' } : now));
      if (sent > 0) router.refresh();
    };
    const timer = setInterval(tryAgain, FLUSH_EVERY_MS);
    window.addEventListener('online', tryAgain);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', tryAgain);
    };
  }, [router]);

  return { busy, told, record, takeBack };
}
