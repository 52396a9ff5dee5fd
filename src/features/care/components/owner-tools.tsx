'use client';

import { useState } from 'react';
import { Button } from '@/ui/button';
import { Sheet } from '@/ui/dialog';
import { Faults } from '@/ui/field';
import { useSave } from '../../shop/use-save';
import { erase, markSeen, sendNow } from '../actions';

/** Has been read. */
export function SeenButton({ id }: { readonly id: number }) {
  const { busy, run } = useSave();
  return (
    <Button look="quiet" disabled={busy} onClick={() => void run(() => markSeen({ id }))}>
      Read
    </Button>
  );
}

/** The post's round, now. */
export function SendNow() {
  const { busy, run } = useSave<{ readonly sent: number; readonly failed: number }>();
  const [said, setSaid] = useState('');
  return (
    <p className="flex items-center gap-4">
      <span role="status">{said}</span>
      <Button
        disabled={busy}
        onClick={() =>
          void run(
            () => sendNow(),
            ({ sent, failed }) => setSaid(`${sent} sent${failed > 0 ? `, ${failed} did not go` : ''}.`),
          )
        }
      >
        Send what is due
      </Button>
    </p>
  );
}

/** One person's data: as a file for them, or forgotten. */
export function OwnerTools({ ownerId }: { readonly ownerId: number }) {
  const [open, setOpen] = useState(false);
  const { busy, rest, run } = useSave();
  return (
    <div className="mt-4 flex flex-wrap items-center gap-3">
      <a href={`/api/owner?id=${ownerId}`}>What is kept of this person</a>
      <Button look="quiet" onClick={() => setOpen(true)}>
        Forget this person
      </Button>
      <Sheet
        title="Forget this person"
        open={open}
        onOpenChange={setOpen}
        say="Name, address, letters and what they wrote go for good. The piece, its sale and the trace stay, without a name. Older backups still hold them: delete those you no longer need."
      >
        <Faults of={rest([])} />
        <Button
          look="late"
          big
          disabled={busy}
          onClick={() =>
            void run(
              () => erase({ ownerId }),
              () => setOpen(false),
            )
          }
        >
          Forget for good
        </Button>
      </Sheet>
    </div>
  );
}
