'use client';

import { useEffect, useRef } from 'react';

/** Where a key belongs to what is beneath it: to a text that is written, to any field or sheet, or to a control as well. */
const YIELDS = {
  text: 'input, textarea',
  field: 'input, textarea, select, [role="dialog"], [role="alertdialog"]',
  control: 'input, textarea, select, [role="dialog"], [role="alertdialog"], button, a, summary',
  nothing: null,
} as const;

type Key = {
  /** As the list of keys shows it. */
  readonly shown: string;
  readonly does: string;
  readonly is: (event: KeyboardEvent) => boolean;
  readonly yieldsTo: keyof typeof YIELDS;
};

const plain = (event: KeyboardEvent): boolean => !event.ctrlKey && !event.metaKey && !event.altKey;

/** Every key of the house; the list behind F1 is drawn from this table. */
export const KEYS = {
  station: { shown: '1 – 8', does: 'go to a station', is: (e) => plain(e) && /^[1-9]$/.test(e.key), yieldsTo: 'field' },
  record: { shown: 'Space', does: 'record the next action', is: (e) => e.key === ' ' && !e.repeat, yieldsTo: 'control' },
  takeBack: {
    shown: 'Ctrl Z',
    does: 'take back the last record',
    is: (e) => (e.ctrlKey || e.metaKey) && e.key.toLowerCase() === 'z',
    yieldsTo: 'text',
  },
  bench: { shown: 'b', does: 'bench view of the next batch', is: (e) => plain(e) && e.key === 'b', yieldsTo: 'field' },
  out: { shown: 'Esc', does: 'out of the bench view, or close a sheet', is: (e) => e.key === 'Escape', yieldsTo: 'nothing' },
  list: { shown: 'F1', does: 'this list', is: (e) => e.key === 'F1', yieldsTo: 'nothing' },
} as const satisfies Readonly<Record<string, Key>>;

export type KeyId = keyof typeof KEYS;
/** Runs a key here; false where it did nothing and the browser may handle it. */
type Does = (event: KeyboardEvent) => unknown;

/** Whether a key press belongs to what is beneath it rather than to the house. */
const isTheirs = (event: KeyboardEvent, yieldsTo: keyof typeof YIELDS): boolean => {
  const beneath = YIELDS[yieldsTo];
  return beneath !== null && event.target instanceof HTMLElement && event.target.closest(beneath) !== null;
};

/** Listens for some of the keys while a screen is there. */
export function useKeys(does: Readonly<Partial<Record<KeyId, Does>>>): void {
  const now = useRef(does);
  now.current = does;
  useEffect(() => {
    const press = (event: KeyboardEvent): void => {
      // A sheet that closes on this key has it to itself.
      if (event.defaultPrevented) return;
      for (const [id, run] of Object.entries(now.current) as [KeyId, Does][]) {
        const key: Key = KEYS[id];
        if (!key.is(event) || isTheirs(event, key.yieldsTo)) continue;
        if (run(event) !== false) event.preventDefault();
      }
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, []);
}
