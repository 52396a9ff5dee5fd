'use client';

import { freshId } from '@/ui/id';

/** A record on its way to the shop’s file. It stays on this device until the server has answered for it. */
export type Waiting = { readonly clientId: string; readonly [field: string]: unknown };
export type Sent =
  | { readonly ok: true }
  | { readonly ok: false; readonly faults: Readonly<Record<string, string>> }
  | { readonly ok: 'waiting' };

const KEY = 'rendle-outbox';
const DEVICE = 'rendle-device';
const SEQUENCE = 'rendle-sequence';
const REFUSED = 'rendle-refused';
/** A change of what waits or was refused is told to the page under this name. */
export const OUTBOX_CHANGED = 'rendle-outbox-changed';

/** This device's name for itself and its next sequence number. */
export function stamp(): { readonly device: string; readonly deviceSequence: number } {
  const device = localStorage.getItem(DEVICE) ?? freshId();
  const deviceSequence = Number(localStorage.getItem(SEQUENCE) ?? '0') + 1;
  localStorage.setItem(DEVICE, device);
  localStorage.setItem(SEQUENCE, String(deviceSequence));
  return { device, deviceSequence };
}

export const waiting = (): Waiting[] => JSON.parse(localStorage.getItem(KEY) ?? '[]') as Waiting[];
const keep = (records: readonly Waiting[]): void => {
  localStorage.setItem(KEY, JSON.stringify(records));
  if (typeof window !== 'undefined') window.dispatchEvent(new Event(OUTBOX_CHANGED));
};

/** A record that came late and was not taken, with the reasons; it stays until someone has read it. */
export type Refused = { readonly record: Waiting; readonly why: string };
export const refused = (): Refused[] => JSON.parse(localStorage.getItem(REFUSED) ?? '[]') as Refused[];
const keepRefused = (list: readonly Refused[]): void => {
  localStorage.setItem(REFUSED, JSON.stringify(list));
  if (typeof window !== 'undefined') window.dispatchEvent(new Event(OUTBOX_CHANGED));
};
export const letRefusedGo = (clientId: string): void => keepRefused(refused().filter((one) => one.record.clientId !== clientId));
const drop = (clientId: string): void => keep(waiting().filter((record) => record.clientId !== clientId));

async function post(record: Waiting): Promise<Sent> {
  try {
    const response = await fetch('/api/log', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(record),
    });
    if (response.status >= 500) return { ok: 'waiting' };
    return (await response.json()) as Sent;
  } catch {
    return { ok: 'waiting' };
  }
}

/** Keeps a record on the device, sends it, and lets go of it once the server has answered, either way. */
export async function send(record: Waiting): Promise<Sent> {
  keep([...waiting(), record]);
  const sent = await post(record);
  if (sent.ok === 'waiting') keep(waiting().map((one) => (one.clientId === record.clientId ? { ...one, queued: true } : one)));
  else drop(record.clientId);
  return sent;
}

/** Sends what waits, in order. What the server refuses is kept aside with its reasons until it has been read. */
export async function flush(): Promise<{ readonly sent: number; readonly faults: readonly string[] }> {
  const faults: string[] = [];
  let count = 0;
  for (const record of waiting()) {
    const sent = await post({ ...record, queued: true });
    if (sent.ok === 'waiting') break;
    drop(record.clientId);
    count++;
    if (sent.ok) continue;
    const why = Object.values(sent.faults).join(' ');
    faults.push(why);
    const { photoData: _, ...rest } = record;
    keepRefused([...refused(), { record: rest, why }]);
  }
  return { sent: count, faults };
}
