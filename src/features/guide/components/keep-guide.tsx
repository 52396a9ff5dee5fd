'use client';

import { useEffect } from 'react';

/** Has this device keep every page of the guide, for when the network is away; where the browser allows it. */
export function KeepGuide({ pages }: { readonly pages: readonly string[] }) {
  useEffect(() => {
    if (!('serviceWorker' in navigator)) return;
    void navigator.serviceWorker.ready.then((one) => one.active?.postMessage({ keepAhead: pages })).catch(() => undefined);
  }, [pages]);
  return null;
}
