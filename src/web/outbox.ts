'use client';

import { outbox as wording } from '@/messages/screens/web';
import { sentAway } from './away';
import { alone, benchStore, isSealed, OUTBOX_CHANGED, type Refused, type WaitingRecord } from './outbox-store';
import { photoData } from './photo-data';

export type RecordFaults = Readonly<Record<string, string>>;
export type Sent =
  | { readonly ok: true }
  /** `unanswered`: this device refuses it, and the shop did not say a word. */
  | { readonly ok: false; readonly faults: RecordFaults; readonly unanswered?: true }
  /** It is kept on this device; `door`: this device must give the passcode first. */
  | { readonly ok: 'waiting'; readonly door: boolean };

function tellPages(): void {
  if (typeof window !== 'undefined') window.dispatchEvent(new Event(OUTBOX_CHANGED));
  if (typeof BroadcastChannel === 'undefined') return;
  const others = new BroadcastChannel(OUTBOX_CHANGED);
  others.postMessage(null);
  others.close();
}

const NONE = { waiting: [], refused: [] } as const;
/** What waits on this device in its order, and what was not taken. A device that can keep nothing has nothing. */
export const keptRecords = async (): Promise<{
  readonly waiting: readonly WaitingRecord[];
  readonly refused: readonly Refused[];
}> => {
  try {
    const db = await benchStore();
    const [waiting, refused] = await Promise.all([db.getAll('waiting'), db.getAll('refused')]);
    return { waiting, refused: refused.filter(({ record }) => !isSealed(record)) };
  } catch {
    return NONE;
  }
};

export async function letRefusedGo(clientId: string): Promise<void> {
  await (await benchStore()).delete('refused', clientId);
  tellPages();
}

const ANSWER_MS = 20_000;

/** Answers that judge a record; whatever else comes (no network, a full disk, a shut door, another's page) leaves it waiting. */
const JUDGES = [400, 413, 415, 422];

async function post({ photo, ...record }: WaitingRecord, queued: boolean): Promise<Sent> {
  try {
    const response = await fetch('/api/log', {
      method: 'POST',
      headers: { 'content-type': 'application/json', accept: 'application/json' },
      // What was taken and not answered in time is sent again and stored once.
      signal: AbortSignal.timeout(ANSWER_MS),
      body: JSON.stringify({ ...record, ...(queued ? { queued } : {}), photoData: photo ? await photoData(photo) : null }),
    });
    if (response.status === 401) return { ok: 'waiting', door: true };
    if (!response.ok && !JUDGES.includes(response.status)) return { ok: 'waiting', door: false };
    const answer = (await response.json()) as { readonly ok?: unknown; readonly faults?: RecordFaults };
    if (answer.ok === true && response.ok) return { ok: true };
    return answer.ok === false && answer.faults ? { ok: false, faults: answer.faults } : { ok: 'waiting', door: false };
  } catch {
    return { ok: 'waiting', door: false };
  }
}

type Drained = { readonly sent: number; readonly faults: readonly string[]; readonly stopped: Sent | null };

/** Sends what waits, in its order, until one cannot be. `own` is answered to its form and not kept aside when it is refused. */
async function drain(own: string | null): Promise<Drained & { readonly own: Sent | null }> {
  const db = await benchStore();
  const faults: string[] = [];
  let [count, answer, stopped]: [number, Sent | null, Sent | null] = [0, null, null];
  for (const key of await db.getAllKeys('waiting')) {
    const record = await db.get('waiting', key);
    if (!record) continue;
    const isOwn = record.clientId === own;
    const sent: Sent = isSealed(record) ? { ok: 'waiting', door: false } : await post(record, !isOwn || record.queued === true);
    if (sent.ok === 'waiting') {
      if (isOwn) await db.put('waiting', { ...record, queued: true }, key);
      stopped = sent;
      break;
    }
    const tx = db.transaction(['waiting', 'refused'], 'readwrite', { durability: 'strict' });
    await tx.objectStore('waiting').delete(key);
    if (!sent.ok && !isOwn) {
      const why = Object.values(sent.faults).join(' ');
      faults.push(why);
      await tx.objectStore('refused').put({ record, why }, record.clientId);
    }
    await tx.done;
    count++;
    if (isOwn) answer = sent;
  }
  return { sent: count, faults, stopped, own: answer };
}

const FULL: RecordFaults = {
  '': wording.thisDeviceCanKeep,
};

/** How another tab's sending ended for a record: taken, or kept aside with its reasons; null while it still waits. */
async function settledElsewhere(clientId: string): Promise<Sent | null> {
  const db = await benchStore();
  if ((await db.getKeyFromIndex('waiting', 'client', clientId)) !== undefined) return null;
  const aside = await db.get('refused', clientId);
  if (!aside) return { ok: true };
  await db.delete('refused', clientId);
  return { ok: false, faults: { '': aside.why } };
}

/**
 * Writes a record down on this device, then sends it after all that waits before it. It counts as recorded once the device holds it or
 * the shop has taken it; where neither is so it is refused and stays on its page.
 */
export async function send(record: WaitingRecord): Promise<Sent> {
  try {
    const db = await benchStore();
    const tx = db.transaction('waiting', 'readwrite', { durability: 'strict' });
    await tx.store.add(record);
    await tx.done;
  } catch {
    // Full, or a browser that keeps nothing: only the shop's own answer counts then.
    const sent = await post(record, false);
    if (sent.ok === 'waiting' && sent.door) await sentAway();
    return sent.ok === 'waiting' ? { ok: false, faults: FULL, unanswered: true } : sent;
  }
  tellPages();
  const { own, stopped } = await alone(() => drain(record.clientId));
  if (stopped?.ok === 'waiting' && stopped.door) await sentAway();
  tellPages();
  return own ?? (await settledElsewhere(record.clientId)) ?? stopped ?? { ok: 'waiting', door: false };
}

/** Sends what waits, in order. What the server refuses is kept aside with its reasons until it has been read. */
export async function flush(): Promise<{
  readonly sent: number;
  readonly faults: readonly string[];
  readonly door: boolean;
  /** How many wait still. */
  readonly left: number;
}> {
  try {
    const db = await benchStore();
    if ((await db.count('waiting')) === 0) return { sent: 0, faults: [], door: false, left: 0 };
    const { sent, faults, stopped } = await alone(() => drain(null));
    if (sent > 0) tellPages();
    if (stopped?.ok === 'waiting' && stopped.door) await sentAway();
    return { sent, faults, door: stopped?.ok === 'waiting' && stopped.door, left: await db.count('waiting') };
  } catch {
    return { sent: 0, faults: [], door: false, left: 0 };
  }
}

/** Bytes that still fit on this device, where the browser tells; it is asked to keep them through a clean-up. */
export async function stillFits(): Promise<number | null> {
  if (typeof navigator === 'undefined' || !navigator.storage?.estimate) return null;
  void navigator.storage.persist?.().catch(() => false);
  const { quota, usage } = await navigator.storage.estimate();
  return quota === undefined ? null : Math.max(0, quota - (usage ?? 0));
}
