'use client';

import { useRouter } from 'next/navigation';
import { useEffect } from 'react';

/** How often a page that stands open is read anew, ms: what other devices record shows by then. */
const EVERY_MS = 20_000;

/** Reads the page anew now and then, and when it is looked at again. */
export function useRefresh(): void {
  const router = useRouter();
  useEffect(() => {
    const timer = setInterval(() => router.refresh(), EVERY_MS);
    const seen = (): void => {
      if (document.visibilityState === 'visible') router.refresh();
    };
    document.addEventListener('visibilitychange', seen);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', seen);
    };
  }, [router]);
}
