import type { ReactNode } from 'react';

/** A box to tick, with its words; the whole line takes the touch. */
export function Tick({
  checked,
  onChange,
  children,
}: {
  readonly checked: boolean;
  readonly onChange: () => void;
  readonly children: ReactNode;
}) {
  return (
    <label className="flex min-h-11 items-center gap-3">
      <input type="checkbox" className="h-5 w-5 shrink-0 accent-ink" checked={checked} onChange={onChange} />
      {children}
    </label>
  );
}
