'use client';

import { useEffect, useState } from 'react';
import { Button } from '@/ui/button';
import { kept, letRefusedGo, stillFits } from '@/web/outbox';
import { OUTBOX_CHANGED, type Refused, type WaitingRecord } from '@/web/outbox-store';
import { type Notice, NoticeRow } from './notice';

const MB = 1_000_000;
/** With less than this many photos' room left the device is called nearly full. */
const NEARLY_FULL_MB = 5;

type State = { readonly waiting: readonly WaitingRecord[]; readonly refused: readonly Refused[]; readonly fits: number | null };

/** What this device has written down and not yet sent, and what came too late to be taken; told as it changes, in any tab. */
export function useOutbox(): State {
  const [state, setState] = useState<State>({ waiting: [], refused: [], fits: null });
  useEffect(() => {
    const read = async (): Promise<void> => {
      const { waiting, refused } = await kept();
      setState({ waiting, refused, fits: waiting.length > 0 ? await stillFits() : null });
    };
    void read();
    const again = (): void => void read();
    const others = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(OUTBOX_CHANGED);
    others?.addEventListener('message', again);
    window.addEventListener(OUTBOX_CHANGED, again);
    return () => {
      others?.close();
      window.removeEventListener(OUTBOX_CHANGED, again);
    };
  }, []);
  return state;
}

const roomLeft = (megabytes: number): string =>
  megabytes < NEARLY_FULL_MB ? ' ▲ This device is nearly full.' : ` ${Math.floor(megabytes)} MB still fit.`;

/** What waits on this device, and every record that was not taken until someone has read why. */
export function outboxNotices({ waiting, refused, fits }: State): Notice[] {
  const megabytes = waiting.reduce((sum, one) => sum + (one.photo?.size ?? 0), 0) / MB;
  const notices: Notice[] = refused.map(({ record, why }) => ({
    key: record.clientId,
    tone: 'ask',
    row: (
      <NoticeRow
        tone="ask"
        loud
        says={`▲ “${String(record.says ?? record.task)}” ${String(record.number ?? '')} from this device was not taken: ${why}`}
      >
        <Button look="quiet" className="shrink-0" onClick={() => void letRefusedGo(record.clientId)}>
          Read
        </Button>
      </NoticeRow>
    ),
  }));
  if (waiting.length > 0)
    notices.push({
      key: 'waiting',
      tone: 'ask',
      row: (
        <NoticeRow
          tone="ask"
          says={`${waiting.length === 1 ? 'One record waits' : `${waiting.length} records wait`} on this device for the shop to answer; each keeps its own time.${megabytes >= 0.1 ? ` Photos: ${megabytes.toFixed(1)} MB.` : ''}${fits === null ? '' : roomLeft(fits / MB)}`}
        />
      ),
    });
  return notices;
}
