'use client';

import { useEffect, useState } from 'react';

/**
 * The moment it is, ticking; reckoned from the server's clock, so that every device shows the same.
 * The first render shows the server's own moment.
 */
export function useNow(serverNowMs: number, everyMs = 1000): number {
  const [nowMs, setNowMs] = useState(serverNowMs);
  useEffect(() => {
    const offset = serverNowMs - Date.now();
    setNowMs(serverNowMs);
    const timer = setInterval(() => setNowMs(Date.now() + offset), everyMs);
    return () => clearInterval(timer);
  }, [serverNowMs, everyMs]);
  return nowMs;
}
