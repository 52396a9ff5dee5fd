'use client';

import { useRouter } from 'next/navigation';
import { useEffect } from 'react';

/** How often a page that stands open asks whether anything changed, ms: what other devices record shows by then. */
const ASKS_EVERY_MS = 20_000;
/** How long a page stands though nothing changed: what is due moves on by itself. */
const STANDS_MS = 120_000;
/** How soon a page is read anew that shows an old plan, ms: the new one is mostly there by then. */
const PLAN_AFTER_MS = 1500;

/**
 * Whether anything was recorded since a version; null where the shop does not answer: a page that is read anew then would be loaded whole
 * from what is kept, and lose what was typed. A device that is let in no more shows nothing from then on.
 */
async function hasChanged(version: string): Promise<boolean | null> {
  try {
    const answer = await fetch('/api/version', { cache: 'no-store', headers: { 'if-none-match': `"${version}"` } });
    if (answer.status === 401) await (await import('./away')).sentAway();
    return answer.ok ? true : answer.status === 304 ? false : null;
  } catch {
    return null;
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
    let isDrawing = false;
    const ask = async (least: number): Promise<void> => {
      // If the page is read anew, this effect ends with its version; if not, it asks again.
      if (isDrawing && Date.now() - drawnMs < ASKS_EVERY_MS) return;
      const changed = await hasChanged(version);
      if (changed === null || (!changed && Date.now() - drawnMs < least)) return;
      drawnMs = Date.now();
      isDrawing = true;
      router.refresh();
    };
    // A plan that is made is another version.
    const timer = setInterval(() => void ask(STANDS_MS), soon ? PLAN_AFTER_MS : ASKS_EVERY_MS);
    const seen = (): void => {
      if (document.visibilityState === 'visible') void ask(0);
    };
    document.addEventListener('visibilitychange', seen);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', seen);
    };
  }, [router, version, soon]);
  return null;
}
