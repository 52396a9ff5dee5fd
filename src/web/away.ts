'use client';

import { ENTRANCE, SENT_AWAY } from './door-names';
import { alone, maySeal, seal, unseal } from './outbox-store';

/** Encrypting records needs the browser's own ciphers, which it has only where the address is secure. */
const hasCiphers = (): boolean => typeof crypto !== 'undefined' && crypto.subtle !== undefined;

/** Deletes kept pages, scripts and drafts from this device; records not yet sent are encrypted and stay. Gives how many. */
export async function forgetShop(): Promise<number> {
  localStorage.clear();
  sessionStorage.clear();
  if (typeof caches !== 'undefined')
    for (const name of await caches.keys()) if (name.startsWith('rendle-') && name !== 'rendle-about') await caches.delete(name);
  return alone(seal).catch(() => 0);
}

/** Clears this device and every tab of it, when the shop answers that the passcode must be given. */
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

/** Asks, after an act got no answer, whether this device was sent away. */
export async function lookAtDoor(): Promise<void> {
  const answer = await fetch('/api/clock', { cache: 'no-store' });
  if (answer.status === 401) await sentAway();
}

/** Fetches the key for encrypting records, once a page, and decrypts those that are encrypted. */
export async function settleIn(): Promise<void> {
  if (!hasCiphers() || (await maySeal())) return;
  const answer = await fetch('/api/seal', { cache: 'no-store' });
  if (!answer.ok) return;
  const { seal: hex } = (await answer.json()) as { readonly seal: string };
  const bytes = Uint8Array.from(hex.match(/../g) ?? [], (pair) => Number.parseInt(pair, 16));
  if (bytes.length === 32) await alone(() => unseal(bytes));
}
