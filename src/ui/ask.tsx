'use client';

import { AlertDialog } from 'radix-ui';
import { type ReactNode, useState } from 'react';
import { ask as wording } from '@/messages/screens/ui';
import { useBackCloses } from './back-closes';
import { Button } from './button';

type QuestionProps = {
  readonly title: string;
  readonly say: string;
  /** What the button says that goes on. */
  readonly does: string;
  /** It is done for good. */
  readonly grave?: boolean;
  readonly busy?: boolean;
  readonly onDo: () => void;
  readonly onLeave: () => void;
  readonly children?: ReactNode;
};

/**
 * A question before something is done, away from the button that led to it. The keyboard lands on the way out and a touch beside it does
 * nothing: a second tap in the same breath, or a second press of the same key, does no harm.
 */
export function AskSheet({ title, say, does, grave = false, busy = false, onDo, onLeave, children }: QuestionProps) {
  useBackCloses(true, onLeave);
  return (
    <AlertDialog.Root open onOpenChange={(open) => (open ? undefined : onLeave())}>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="fixed inset-0 z-40 bg-ink/40" />
        <AlertDialog.Content
          className={`fixed inset-y-0 right-0 z-50 flex w-[min(30rem,100vw)] flex-col gap-4 overflow-y-auto border-l-8 bg-bench p-6 shadow-2xl ${grave ? 'border-late' : 'border-cure'}`}
        >
          <AlertDialog.Title className="text-xl">{title}</AlertDialog.Title>
          <AlertDialog.Description className="text-soft">{say}</AlertDialog.Description>
          {children}
          <div className="flex flex-wrap gap-3">
            <AlertDialog.Cancel asChild>
              <Button big>{wording.leaveIt}</Button>
            </AlertDialog.Cancel>
            <Button look={grave ? 'late' : 'main'} big disabled={busy} onClick={onDo}>
              {does}
            </Button>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  );
}

type Props = Omit<QuestionProps, 'onDo' | 'onLeave' | 'grave'> & {
  /** The button that leads here. */
  readonly opens: string;
  /** Gives whether it was done; then it closes. */
  readonly onDo: (close: () => void) => void;
};

/** A button to what cannot be taken back, which asks first. */
export function AskButton({ opens, onDo, ...rest }: Props) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button look="quiet" onClick={() => setOpen(true)}>
        {opens}
      </Button>
      {open ? <AskSheet grave {...rest} onDo={() => onDo(() => setOpen(false))} onLeave={() => setOpen(false)} /> : null}
    </>
  );
}
