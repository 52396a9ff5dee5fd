'use client';

import { useEffect } from 'react';

/** Lets this device keep the pages it has seen; only where the address is secure enough for the browser to allow it. */
export function KeepOffline() {
  useEffect(() => {
    if (process.env.NODE_ENV === 'production' && 'serviceWorker' in navigator)
      void navigator.serviceWorker.register('/sw.js').catch(() => undefined);
  }, []);
  return null;
}
