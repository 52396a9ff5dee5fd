'use client';

import { useEffect, useRef, useSyncExternalStore } from 'react';

/** The batches a page is about, and how its own form records what is next on them, with all that was typed; null where nothing is next. */
export type ActsHere = { readonly batchIds: readonly number[]; readonly record: (() => void) | null };

let here: ActsHere | null = null;
const told = new Set<() => void>();

function set(next: ActsHere | null): void {
  here = next;
  for (const tell of told) tell();
}

/** While this page is there, the strip and the key record through its form; nothing is recorded of another batch. */
export function useActsHere(batchIds: readonly number[], record: (() => void) | null): void {
  const now = useRef(record);
  now.current = record;
  const [ids, can] = [batchIds.join(' '), record !== null];
  useEffect(() => {
    set({ batchIds: ids === '' ? [] : ids.split(' ').map(Number), record: can ? () => now.current?.() : null });
    return () => set(null);
  }, [ids, can]);
}

/** What the page that stands open acts on; null where it is about no batch. */
export const useHere = (): ActsHere | null =>
  useSyncExternalStore(
    (tell) => {
      told.add(tell);
      return () => told.delete(tell);
    },
    () => here,
    () => null,
  );
