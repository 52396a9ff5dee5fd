'use client';

import { useEffect } from 'react';

/** On a device of the network: what it needs to close its records is fetched once, and a tab that hears that it was sent away goes to the entrance. */
export function SettleIn() {
  useEffect(() => {
    void import('../away').then(({ settleIn }) => settleIn()).catch(() => undefined);
    const others = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('rendle-sent-away');
    others?.addEventListener('message', () => location.assign('/enter'));
    return () => others?.close();
  }, []);
  return null;
}
