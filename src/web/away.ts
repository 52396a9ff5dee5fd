'use client';

import { ENTRANCE, SENT_AWAY } from './door-names';
import { alone, maySeal, seal, unseal } from './outbox-store';

/** Closing records needs the browser's own ciphers, which it has only where the address is secure. */
const hasCiphers = (): boolean => typeof crypto !== 'undefined' && crypto.subtle !== undefined;

/** Deletes what this device holds of the shop that can be read: pages, parts, drafts. Records not yet sent stay, closed. Gives how many. */
export async function forgetShop(): Promise<number> {
  localStorage.clear();
  sessionStorage.clear();
  if (typeof caches !== 'undefined')
    for (const name of await caches.keys()) if (name.startsWith('rendle-') && name !== 'rendle-about') await caches.delete(name);
  return alone(seal).catch(() => 0);
}

/** The shop said that this device must give the passcode: nothing of it is shown any more, in any tab. */
export async function sentAway(): Promise<void> {
  if (typeof window === 'undefined') return;
  await forgetShop();
  if (typeof BroadcastChannel !== 'undefined') {
    const others = new BroadcastChannel(SENT_AWAY);
    others.postMessage(null);
    others.close();
  }
  if (location.pathname !== ENTRANCE) location.assign(ENTRANCE);
}

/** Where an act got no answer: whether that was because this device was sent away. */
export async function lookAtDoor(): Promise<void> {
  const answer = await fetch('/api/clock', { cache: 'no-store' });
  if (answer.status === 401) await sentAway();
}

/** What a device that is in does once a page: fetches what it would close its records with, and opens those that are closed. */
export async function settleIn(): Promise<void> {
  if (!hasCiphers() || (await maySeal())) return;
  const answer = await fetch('/api/seal', { cache: 'no-store' });
  if (!answer.ok) return;
  const { seal: hex } = (await answer.json()) as { readonly seal: string };
  const bytes = Uint8Array.from(hex.match(/../g) ?? [], (pair) => Number.parseInt(pair, 16));
  if (bytes.length === 32) await alone(() => unseal(bytes));
}
