'use client';

import { AlertDialog } from 'radix-ui';
import { type ReactNode, useState } from 'react';
import { Button } from './button';

type Props = {
  /** The button that leads here. */
  readonly opens: string;
  readonly title: string;
  readonly say: string;
  /** What is done for good. */
  readonly does: string;
  readonly busy: boolean;
  /** Gives whether it was done; then it closes. */
  readonly onDo: (close: () => void) => void;
  readonly children?: ReactNode;
};

/** Asks before what cannot be taken back: the keyboard lands on the way out, and a touch beside it does nothing. */
export function Ask({ opens, title, say, does, busy, onDo, children }: Props) {
  const [open, setOpen] = useState(false);
  return (
    <AlertDialog.Root open={open} onOpenChange={setOpen}>
      <AlertDialog.Trigger asChild>
        <Button look="quiet">{opens}</Button>
      </AlertDialog.Trigger>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="fixed inset-0 z-40 bg-ink/40" />
        <AlertDialog.Content className="fixed inset-y-0 right-0 z-50 flex w-[min(30rem,100vw)] flex-col gap-4 overflow-y-auto border-late border-l-8 bg-bench p-6 shadow-2xl">
          <AlertDialog.Title className="text-xl">{title}</AlertDialog.Title>
          <AlertDialog.Description className="text-soft">{say}</AlertDialog.Description>
          {children}
          <div className="flex flex-wrap gap-3">
            <AlertDialog.Cancel asChild>
              <Button big>Leave it</Button>
            </AlertDialog.Cancel>
            <Button look="late" big disabled={busy} onClick={() => onDo(() => setOpen(false))}>
              {does}
            </Button>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  );
}
