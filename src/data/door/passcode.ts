import 'server-only';
import { randomBytes, scrypt, timingSafeEqual } from 'node:crypto';
import { isNull } from 'drizzle-orm';
import { fail, ok, type Result } from '@/core/quantity';
import { command } from '../command';
import type { Db } from '../db';
import { device, door } from '../schema';
import { endDevice } from './devices';

export const LEAST_LETTERS = 6;
const MOST_LETTERS = 200;
const HASH_BYTES = 32;
/** About a tenth of a second and 32 MB for each guess. */
const COST = { N: 2 ** 15, r: 8, p: 1, maxmem: 64 * 2 ** 20 } as const;

const hashed = (code: string, salt: string): Promise<Buffer> =>
  new Promise((done, failed) =>
    scrypt(code.normalize('NFKC'), Buffer.from(salt, 'hex'), HASH_BYTES, COST, (fault, key) =>
      fault ? failed(fault) : done(key),
    ),
  );

const kept = (db: Db) => db.select().from(door).get();

/** Whether the shop has a passcode at all. */
export const hasPasscode = (db: Db): boolean => kept(db) !== undefined;

/** What devices that are in close their unsent records with when they are sent away; empty where there is no door. */
export const sealOf = (db: Db): string => kept(db)?.seal ?? '';

/** Whether what was typed is the passcode; it takes as long for a wrong one. */
export async function isPasscode(db: Db, typed: string): Promise<boolean> {
  const known = kept(db);
  if (!known || typed.length > MOST_LETTERS) return false;
  return timingSafeEqual(await hashed(typed, known.salt), Buffer.from(known.hash, 'hex'));
}

/** Sets the shop's passcode; every device but the one that set it must give the new one. */
export async function setPasscode(db: Db, code: string, nowMs: number, but: number | null = null): Promise<Result<void>> {
  if (code.length < LEAST_LETTERS || code.length > MOST_LETTERS)
    return fail('passcode-length', 'passcode', { least: LEAST_LETTERS, most: MOST_LETTERS });
  const salt = randomBytes(16).toString('hex');
  const hash = (await hashed(code, salt)).toString('hex');
  return command(db, (tx) => {
    tx.insert(door)
      .values({ id: 1, salt, hash, seal: randomBytes(32).toString('hex'), setAt: nowMs })
      .onConflictDoUpdate({ target: door.id, set: { salt, hash, setAt: nowMs } })
      .run();
    for (const { id } of tx.select({ id: device.id }).from(device).where(isNull(device.endedAt)).all())
      if (id !== but) endDevice(tx, id, 'new passcode', nowMs);
    return ok(undefined);
  });
}
