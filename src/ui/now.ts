'use client';

import { useEffect, useState } from 'react';

const KEPT = 'rendle-clock-offset';
const WAIT_MS = 4000;

/** How far the shop's clock is ahead of this device's, ms; measured once a page, kept for when the shop does not answer. */
let offset: number | null = null;
let measured: Promise<void> | null = null;

const keep = (value: number): void => {
  offset = value;
  localStorage.setItem(KEPT, String(Math.round(value)));
};

/** Asks the shop what time it is: half the way there and back is taken off. A page from this device's own store is told by that. */
async function measure(): Promise<void> {
  const kept = localStorage.getItem(KEPT);
  try {
    const asked = Date.now();
    const answer = await fetch('/api/clock', { cache: 'no-store', signal: AbortSignal.timeout(WAIT_MS) });
    const { now } = (await answer.json()) as { readonly now: number };
    keep(now - (asked + Date.now()) / 2);
  } catch {
    if (kept !== null) offset = Number(kept);
  }
}

/** The shop's moment on this device: now, by the difference that was measured. */
export const shopClock = (serverNowMs: number): number => Date.now() + (offset ?? serverNowMs - Date.now());
/** The difference itself, ms. */
export const clockOffset = (): number => Math.round(offset ?? 0);

/**
 * The moment it is, ticking; reckoned from the server's clock, so that every device shows the same.
 * The first render shows the server's own moment.
 */
export function useNow(serverNowMs: number, everyMs = 1000): number {
  const [nowMs, setNowMs] = useState(serverNowMs);
  const [first] = useState(serverNowMs);
  useEffect(() => {
    // A moment that came after the page was opened is fresh; the first may be as old as a page kept on this device.
    if (serverNowMs !== first || offset === null) offset = serverNowMs - Date.now();
    if (serverNowMs !== first) keep(serverNowMs - Date.now());
    measured ??= measure();
    const tick = (): void => setNowMs(shopClock(serverNowMs));
    void measured.then(tick);
    tick();
    const timer = setInterval(tick, everyMs);
    return () => clearInterval(timer);
  }, [serverNowMs, first, everyMs]);
  return nowMs;
}
