'use client';

import { useRouter } from 'next/navigation';
import { useEffect } from 'react';

/** How often a page that stands open asks whether anything changed, ms: what other devices record shows by then. */
const ASKS_EVERY_MS = 20_000;
/** How long a page stands though nothing changed: what is due moves on by itself. */
const STANDS_MS = 120_000;
/** How soon a page is read anew that shows an old plan, ms: the new one is mostly there by then. */
const PLAN_AFTER_MS = 1500;

/** The version of all that is recorded; null where the shop did not answer, empty where it lets this device in no more. */
async function versionNow(): Promise<string | null> {
  try {
    const answer = await fetch('/api/version', { headers: { accept: 'application/json' } });
    return answer.ok ? ((await answer.json()) as { readonly version: string }).version : '';
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
    const ask = async (): Promise<void> => {
      const now = soon ? null : await versionNow();
      const changed = soon || (now !== null && now !== version);
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
