'use client';

import { useCallback, useEffect, useRef, useState } from 'react';

/** What a draft becomes: said outright, or from what it is by then, so that two changes in one breath both stand. */
export type Next<T> = T | ((now: T) => T);

/** Keeps a draft under another key, for the page that opens next. */
export const handOn = <T>(key: string, value: T): void => localStorage.setItem(key, JSON.stringify(value));

/** State that survives a closed tab: kept on this device under a key until it is let go. */
export function useDraft<T>(key: string, initial: T): readonly [T, (next: Next<T>) => void, () => void] {
  const [value, setValue] = useState(initial);
  const latest = useRef(initial);
  useEffect(() => {
    const kept = localStorage.getItem(key);
    if (!kept) return;
    latest.current = JSON.parse(kept) as T;
    setValue(latest.current);
  }, [key]);
  const set = useCallback(
    (next: Next<T>) => {
      latest.current = typeof next === 'function' ? (next as (now: T) => T)(latest.current) : next;
      setValue(latest.current);
      localStorage.setItem(key, JSON.stringify(latest.current));
    },
    [key],
  );
  const letGo = useCallback(() => localStorage.removeItem(key), [key]);
  return [value, set, letGo];
}
