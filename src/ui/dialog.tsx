'use client';

import { Dialog as Radix } from 'radix-ui';
import type { ReactNode } from 'react';
import { dialog as wording } from '@/messages/screens/ui';
import { useBackCloses } from './back-closes';

type Props = {
  readonly title: string;
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly children: ReactNode;
  readonly say?: string;
};

/** What floats above the bench: a sheet from the right edge, closed with Escape or the way back. */
export function Sheet({ title, open, onOpenChange, children, say }: Props) {
  useBackCloses(open, () => onOpenChange(false));
  return (
    <Radix.Root open={open} onOpenChange={onOpenChange}>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-40 bg-ink/40" />
        <Radix.Content
          aria-describedby={undefined}
          className="fixed inset-y-0 right-0 z-50 flex w-[min(30rem,100vw)] flex-col gap-4 overflow-y-auto border-l-4 border-ink bg-bench p-6 shadow-2xl"
        >
          <div className="flex items-start justify-between gap-4">
            <Radix.Title className="text-xl">{title}</Radix.Title>
            <Radix.Close className="min-h-11 min-w-11 font-semibold underline underline-offset-4">{wording.close}</Radix.Close>
          </div>
          {say ? <p className="text-soft">{say}</p> : null}
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
