'use client';

import { useEffect, useState } from 'react';
import { shared } from '@/messages/screens/shared';
import { waitingRecords as wording } from '@/messages/screens/trade';
import { Button } from '@/ui/button';
import { keptRecords, letRefusedGo, stillFits } from '@/web/outbox';
import { OUTBOX_CHANGED, type Refused, type WaitingRecord } from '@/web/outbox-store';
import { NoticeRow, type StripNotice } from './notice';

const MB = 1_000_000;
/** With less than this many photos' room left the device is called nearly full. */
const NEARLY_FULL_MB = 5;

type State = { readonly waiting: readonly WaitingRecord[]; readonly refused: readonly Refused[]; readonly fits: number | null };

/** What this device has written down and not yet sent, and what came too late to be taken; told as it changes, in any tab. */
export function useOutbox(): State {
  const [state, setState] = useState<State>({ waiting: [], refused: [], fits: null });
  useEffect(() => {
    const read = async (): Promise<void> => {
      const { waiting, refused } = await keptRecords();
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
  megabytes < NEARLY_FULL_MB ? wording.thisDeviceIsNearly : wording.mbStillFit(Math.floor(megabytes));

/** What waits on this device, and every record that was not taken until someone has read why. */
export function outboxNotices({ waiting, refused, fits }: State): StripNotice[] {
  const megabytes = waiting.reduce((sum, one) => sum + (one.photo?.size ?? 0), 0) / MB;
  const notices: StripNotice[] = refused.map(({ record, why }) => ({
    key: record.clientId,
    tone: 'ask',
    row: (
      <NoticeRow
        tone="ask"
        loud
        says={wording.fromThisDeviceWas(String(record.says ?? record.task), String(record.number ?? ''), why)}
      >
        <Button look="quiet" className="shrink-0" onClick={() => void letRefusedGo(record.clientId)}>
          {shared.read}
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
          says={wording.onThisDeviceFor(
            waiting.length === 1 ? wording.oneRecordWaits : wording.recordsWait(waiting.length),
            megabytes >= 0.1 ? wording.photosMb(megabytes.toFixed(1)) : '',
            fits === null ? '' : roomLeft(fits / MB),
          )}
        />
      ),
    });
  return notices;
}
