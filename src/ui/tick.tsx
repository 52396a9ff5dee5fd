'use client';

import { Checkbox } from 'radix-ui';
import { type ReactNode, useId } from 'react';

type Props = {
  readonly checked: boolean;
  readonly onChange: () => void;
  readonly children: ReactNode;
};

/** A box to tick, with its words; the whole line takes the touch. A form that is sent without a script has native boxes instead. */
export function Tick({ checked, onChange, children }: Props) {
  const id = useId();
  return (
    <label htmlFor={id} className="flex min-h-11 items-center gap-3">
      <Checkbox.Root
        id={id}
        checked={checked}
        onCheckedChange={onChange}
        className="flex h-6 w-6 shrink-0 items-center justify-center border-2 border-ink bg-paper"
      >
        <Checkbox.Indicator>
          {/* A stroke as of a pencil, not a kit's mark. */}
          <svg viewBox="0 0 16 16" className="h-4 w-4" aria-hidden="true">
            <path d="M2.5 8.5 L6 12.5 L13.5 2.5" fill="none" stroke="var(--ink)" strokeWidth="3" />
          </svg>
        </Checkbox.Indicator>
      </Checkbox.Root>
      {children}
    </label>
  );
}
