'use client';

import { useRouter } from 'next/navigation';
import { useEffect } from 'react';

/** How often a page that stands open asks whether anything changed, ms: what other devices record shows by then. */
const ASKS_EVERY_MS = 20_000;
/** How long a page stands though nothing changed: what is due moves on by itself. */
const STANDS_MS = 120_000;
/** How soon a page is read anew that shows an old plan, ms: the new one is mostly there by then. */
const PLAN_AFTER_MS = 1500;

/** Whether anything was recorded since a version; no where the shop does not answer. One that is let in no more shows nothing from then on. */
async function hasChanged(version: string): Promise<boolean> {
  try {
    const answer = await fetch('/api/version', { cache: 'no-store', headers: { 'if-none-match': `"${version}"` } });
    if (answer.status === 401) await (await import('./away')).sentAway();
    return answer.ok;
  } catch {
    return false;
  }
}

type Props = {
  /** What the page was drawn from. */
  readonly version: string;
  /** Whether its plan is the one before, and the next is being made. */
  readonly soon: boolean;
};

/** Reads the page anew when something was recorded, now and then, and when it is looked at again. */
export function Refresh({ version, soon }: Props): null {
  const router = useRouter();
  useEffect(() => {
    let drawnMs = Date.now();
    const ask = async (): Promise<void> => {
      const changed = soon || (await hasChanged(version));
      if (!changed && Date.now() - drawnMs < STANDS_MS) return;
      drawnMs = Date.now();
      router.refresh();
    };
    const timer = setInterval(() => void ask(), soon ? PLAN_AFTER_MS : ASKS_EVERY_MS);
    const seen = (): void => {
      if (document.visibilityState === 'visible') router.refresh();
    };
    document.addEventListener('visibilitychange', seen);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', seen);
    };
  }, [router, version, soon]);
  return null;
}
