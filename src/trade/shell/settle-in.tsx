'use client';

import { useEffect } from 'react';
import { ENTRANCE, SENT_AWAY } from '@/web/door-names';

/** On a device of the network: what it needs to close its records is fetched once, and a tab that hears that it was sent away goes to the entrance. */
export function SettleIn() {
  useEffect(() => {
    void import('@/web/away').then(({ settleIn }) => settleIn()).catch(() => undefined);
    const others = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(SENT_AWAY);
    others?.addEventListener('message', () => location.assign(ENTRANCE));
    return () => others?.close();
  }, []);
  return null;
}
