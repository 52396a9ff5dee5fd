'use client';

import { useEffect, useState } from 'react';
import { Button } from '@/ui/button';
import { letRefusedGo, OUTBOX_CHANGED, type Refused, refused, type Waiting, waiting } from './outbox';

/** What this device has written down and not yet sent, and what came too late to be taken; told as it changes. */
export function useOutbox(): { readonly kept: readonly Waiting[]; readonly notTaken: readonly Refused[] } {
  const [state, setState] = useState<{ readonly kept: readonly Waiting[]; readonly notTaken: readonly Refused[] }>({
    kept: [],
    notTaken: [],
  });
  useEffect(() => {
    const read = (): void => setState({ kept: waiting(), notTaken: refused() });
    read();
    window.addEventListener(OUTBOX_CHANGED, read);
    window.addEventListener('storage', read);
    return () => {
      window.removeEventListener(OUTBOX_CHANGED, read);
      window.removeEventListener('storage', read);
    };
  }, []);
  return state;
}

/** Says what waits on this device, and shows every record that was not taken until someone has read why. */
export function WaitingRecords() {
  const { kept, notTaken } = useOutbox();
  if (kept.length + notTaken.length === 0) return null;
  return (
    <div className="no-print border-rule border-t bg-glow px-4 py-2">
      {kept.length > 0 ? (
        <p className="font-semibold">
          {kept.length === 1 ? 'One record waits' : `${kept.length} records wait`} on this device for the shop to answer; each
          keeps its own time.
        </p>
      ) : null}
      {notTaken.map(({ record, why }) => (
        <p key={record.clientId} role="alert" className="flex flex-wrap items-center gap-3">
          <span>
            ▲ “{String(record.says ?? record.task)}” {String(record.number ?? '')} from this device was not taken: {why}
          </span>
          <Button look="quiet" onClick={() => letRefusedGo(record.clientId)}>
            Read
          </Button>
        </p>
      ))}
    </div>
  );
}
