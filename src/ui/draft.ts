'use client';

import { useCallback, useEffect, useState } from 'react';

/** State that survives a closed tab: kept on this device under a key until it is let go. */
export function useDraft<T>(key: string, initial: T): readonly [T, (next: T) => void, () => void] {
  const [value, setValue] = useState(initial);
  useEffect(() => {
    const kept = localStorage.getItem(key);
    if (kept) setValue(JSON.parse(kept) as T);
  }, [key]);
  const set = useCallback(
    (next: T) => {
      setValue(next);
      localStorage.setItem(key, JSON.stringify(next));
    },
    [key],
  );
  const letGo = useCallback(() => localStorage.removeItem(key), [key]);
  return [value, set, letGo];
}
