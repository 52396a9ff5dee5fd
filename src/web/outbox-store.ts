'use client';

import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import { freshId } from '@/ui/id';
import { photoBlob, photoData } from './photo-data';

/** A record waiting to be sent, with its photo as a Blob. It stays in this browser’s database until the server has accepted or refused it. */
export type WaitingRecord = { readonly clientId: string; readonly photo?: Blob | null; readonly [field: string]: unknown };
/** A record that the server refused after it had waited, with the reasons; it stays until someone has read them. */
export type Refused = { readonly record: WaitingRecord; readonly why: string };

interface Bench extends DBSchema {
  /** In the order they were written down. */
  waiting: { key: number; value: WaitingRecord; indexes: { client: string } };
  refused: { key: string; value: Refused };
  about: { key: string; value: string | number | CryptoKey };
}
type Store = IDBPDatabase<Bench>;
type Old = { readonly clientId?: unknown; readonly photoData?: unknown };

const NAME = 'rendle-bench';
/** The localStorage keys of an earlier version; moved into the database once, then deleted. */
const OLD = {
  waiting: 'rendle-outbox',
  refused: 'rendle-refused',
  device: 'rendle-device',
  sequence: 'rendle-sequence',
} as const;

const parsed = (text: string | null): unknown[] => {
  try {
    const list: unknown = JSON.parse(text ?? '[]');
    return Array.isArray(list) ? list : [];
  } catch {
    return [];
  }
};

/** Moves what an earlier version kept in localStorage into the database; localStorage is cleared only after all of it was written. */
async function moveOld(db: Store): Promise<void> {
  if (typeof localStorage === 'undefined') return;
  const old = (name: keyof typeof OLD): string | null => localStorage.getItem(OLD[name]);
  if (Object.values(OLD).every((key) => localStorage.getItem(key) === null)) return;
  const records = parsed(old('waiting')).flatMap((one): WaitingRecord[] => {
    const { photoData, ...rest } = one as Old;
    return typeof rest.clientId === 'string' ? [{ ...rest, clientId: rest.clientId, photo: photoBlob(photoData) }] : [];
  });
  const tx = db.transaction(['waiting', 'refused', 'about'], 'readwrite', { durability: 'strict' });
  for (const record of records)
    if ((await tx.objectStore('waiting').index('client').getKey(record.clientId)) === undefined)
      await tx.objectStore('waiting').add(record);
  for (const one of parsed(old('refused')) as Refused[])
    if (typeof one?.record?.clientId === 'string') await tx.objectStore('refused').put(one, one.record.clientId);
  const about = tx.objectStore('about');
  const device = old('device');
  if (device && (await about.get('device')) === undefined) await about.put(device, 'device');
  const counted = Number(old('sequence') ?? 0);
  await about.put(Math.max(counted || 0, Number((await about.get('sequence')) ?? 0)), 'sequence');
  await tx.done;
  for (const key of Object.values(OLD)) localStorage.removeItem(key);
}

/** The event, and the lock, by which all tabs of this browser hear that what waits or was refused changed. */
export const OUTBOX_CHANGED = 'rendle-outbox-changed';

/** Runs while no other tab sends or encrypts records, where the browser has locks; without them the server still stores a record only once. */
export function alone<T>(run: () => Promise<T>): Promise<T> {
  const locks = typeof navigator === 'undefined' ? undefined : navigator.locks;
  return locks ? locks.request(OUTBOX_CHANGED, run) : run();
}

let opened: Promise<Store> | null = null;

/** Opens this browser's database, once; rejects where the browser has none, and tries again at the next call. */
export function benchStore(): Promise<Store> {
  opened ??= (async () => {
    const db = await openDB<Bench>(NAME, 1, {
      upgrade(fresh) {
        fresh.createObjectStore('waiting', { autoIncrement: true }).createIndex('client', 'clientId', { unique: true });
        fresh.createObjectStore('refused');
        fresh.createObjectStore('about');
      },
      terminated() {
        opened = null;
      },
    });
    await moveOld(db);
    return db;
  })().catch((fault) => {
    opened = null;
    throw fault;
  });
  return opened;
}

/** Closes the database, as a reload does. @public */
export async function closeStore(): Promise<void> {
  const db = await opened?.catch(() => null);
  opened = null;
  db?.close();
}

const SEAL = 'seal';
type Sealed = { readonly iv: Uint8Array<ArrayBuffer>; readonly bytes: ArrayBuffer };
const sealedOf = (record: WaitingRecord): Sealed | null => (record.sealed as Sealed | undefined) ?? null;
/** Whether a record is encrypted: unreadable until the passcode was given on this device again. */
export const isSealed = (record: WaitingRecord): boolean => sealedOf(record) !== null;

async function encrypted(record: WaitingRecord, key: CryptoKey): Promise<WaitingRecord> {
  const iv = crypto.getRandomValues(new Uint8Array(12));
  const { photo, ...rest } = record;
  const text = JSON.stringify({ ...rest, photoText: photo ? await photoData(photo) : null });
  return {
    clientId: record.clientId,
    sealed: { iv, bytes: await crypto.subtle.encrypt({ name: 'AES-GCM', iv }, key, new TextEncoder().encode(text)) },
  };
}

async function decrypted(record: WaitingRecord, key: CryptoKey): Promise<WaitingRecord> {
  const sealed = sealedOf(record);
  if (!sealed) return record;
  const bytes = await crypto.subtle.decrypt({ name: 'AES-GCM', iv: sealed.iv }, key, sealed.bytes);
  const { photoText, ...rest } = JSON.parse(new TextDecoder().decode(bytes)) as WaitingRecord & {
    readonly photoText: string | null;
  };
  return { ...rest, clientId: record.clientId, photo: photoBlob(photoText) };
}

/** Rewrites every record on this device in its place. */
async function turnAll(db: Store, turn: (record: WaitingRecord) => Promise<WaitingRecord>): Promise<void> {
  const keys = await db.getAllKeys('waiting');
  const waiting = await Promise.all((await db.getAll('waiting')).map(turn));
  const refused = await Promise.all(
    (await db.getAll('refused')).map(async ({ record, why }) => ({ record: await turn({ ...record, why }), why: '' })),
  );
  const tx = db.transaction(['waiting', 'refused'], 'readwrite', { durability: 'strict' });
  // A record that was sent meanwhile is not written again.
  for (const [i, record] of waiting.entries()) {
    const key = keys[i];
    if (key !== undefined && (await tx.objectStore('waiting').getKey(key)) !== undefined)
      await tx.objectStore('waiting').put(record, key);
  }
  for (const one of refused) {
    const { why, ...record } = one.record;
    await tx
      .objectStore('refused')
      .put(
        { record: { ...record, clientId: one.record.clientId }, why: typeof why === 'string' ? why : '' },
        one.record.clientId,
      );
  }
  await tx.done;
}

/** Decrypts the records and stores the key, after the passcode was given; the key is the shop’s, and is wanted when the device is sent away. */
export async function unseal(bytes: Uint8Array<ArrayBuffer>): Promise<void> {
  const db = await benchStore();
  const key = await crypto.subtle.importKey('raw', bytes, 'AES-GCM', false, ['encrypt', 'decrypt']);
  await turnAll(db, (record) => decrypted(record, key));
  await db.put('about', key, SEAL);
}

/** Whether this device holds the key to encrypt its records with. */
export const maySeal = async (): Promise<boolean> => (await (await benchStore()).get('about', SEAL)) instanceof CryptoKey;

/** Encrypts the records and deletes the key, when the shop no longer lets this device in: without the shop nobody can read them. Gives how many wait. */
export async function seal(): Promise<number> {
  const db = await benchStore();
  const key = await db.get('about', SEAL);
  if (key instanceof CryptoKey) {
    await turnAll(db, async (record) => (isSealed(record) ? record : encrypted(record, key)));
    await db.delete('about', SEAL);
  }
  return db.count('waiting');
}

let loose: { device: string; sequence: number } | null = null;

/** This device's name for itself and its next sequence number, counted once over all its tabs. */
export async function stamp(): Promise<{ readonly device: string; readonly deviceSequence: number }> {
  try {
    const tx = (await benchStore()).transaction('about', 'readwrite');
    const device = String((await tx.store.get('device')) ?? freshId());
    const deviceSequence = Number((await tx.store.get('sequence')) ?? 0) + 1;
    await tx.store.put(device, 'device');
    await tx.store.put(deviceSequence, 'sequence');
    await tx.done;
    return { device, deviceSequence };
  } catch {
    // Nothing can be kept here: this page counts as a device of its own until it is closed.
    loose ??= { device: freshId(), sequence: 0 };
    loose.sequence++;
    return { device: loose.device, deviceSequence: loose.sequence };
  }
}
