'use client';

import { useSyncExternalStore } from 'react';

/** What this tab recorded last, and may take back: that one thing, and nothing before it. */
export type LastRecord = { readonly entry: string; readonly batchId: number; readonly number: string; readonly says: string };

const KEY = 'rendle-last-record';
const told = new Set<() => void>();

export function setLastRecord(last: LastRecord | null): void {
  if (last) sessionStorage.setItem(KEY, JSON.stringify(last));
  else sessionStorage.removeItem(KEY);
  for (const tell of told) tell();
}

let read: { readonly text: string | null; readonly last: LastRecord | null } = { text: null, last: null };

function lastRecord(): LastRecord | null {
  const text = sessionStorage.getItem(KEY);
  // The same answer as long as nothing changed.
  if (text !== read.text) read = { text, last: text === null ? null : (JSON.parse(text) as LastRecord) };
  return read.last;
}

export const useLastRecord = (): LastRecord | null =>
  useSyncExternalStore(
    (tell) => {
      told.add(tell);
      return () => told.delete(tell);
    },
    lastRecord,
    () => null,
  );
