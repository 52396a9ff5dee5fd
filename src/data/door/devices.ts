import 'server-only';
import { randomBytes } from 'node:crypto';
import { and, desc, eq, gt, isNull } from 'drizzle-orm';
import { fail, MS_PER_DAY, MS_PER_MINUTE, ok, type Result } from '@/core/quantity';
import { command } from '../command';
import type { Db } from '../db';
import { hashOf } from '../files';
import { type DEVICE_ENDS, device } from '../schema';

/** A device that was not used for so many days must give the passcode again. */
export const KNOWN_DAYS = 90;
/** Its last use is written down at most this often. */
const NOTED_EVERY_MS = 10 * MS_PER_MINUTE;
const TOKEN_BYTES = 32;

export type Device = typeof device.$inferSelect;

/** Lets a device in: gives the token it keeps, of which the file holds only the hash. */
export function letIn(db: Db, { name, address }: Pick<Device, 'name' | 'address'>, nowMs: number): string {
  const token = randomBytes(TOKEN_BYTES).toString('base64url');
  db.insert(device)
    .values({ name, address, tokenHash: hashOf(Buffer.from(token)), cameAt: nowMs, usedAt: nowMs })
    .run();
  return token;
}

/** Lets a device in that may have been in before: what it held until now opens nothing any more. */
export function comeAgain(db: Db, old: string | undefined, who: Pick<Device, 'name' | 'address'>, nowMs: number): string {
  return db.transaction(
    (tx) => {
      const before = deviceOf(tx as unknown as Db, old, null);
      if (before) endDevice(tx as unknown as Db, before.id, 'came again', nowMs);
      return letIn(tx as unknown as Db, who, nowMs);
    },
    { behavior: 'immediate' },
  );
}

/** The device that holds a token, while it may come in; null else. Without a moment its age does not count. */
export function deviceOf(db: Db, token: string | undefined, nowMs: number | null): Device | null {
  if (!token || token.length > 100) return null;
  const found = db
    .select()
    .from(device)
    .where(
      and(
        eq(device.tokenHash, hashOf(Buffer.from(token))),
        isNull(device.endedAt),
        gt(device.usedAt, nowMs === null ? 0 : nowMs - KNOWN_DAYS * MS_PER_DAY),
      ),
    )
    .get();
  return found ?? null;
}

/** Notes that a device was used, now and then. What cannot be written is left: a full disk must not shut the door. */
export function noteUse(db: Db, { id, usedAt }: Device, nowMs: number): void {
  if (nowMs - usedAt < NOTED_EVERY_MS) return;
  try {
    db.update(device).set({ usedAt: nowMs }).where(eq(device.id, id)).run();
  } catch {
    // It is noted with a later use.
  }
}

/** Devices that may come in, the last used first. */
export const devices = (db: Db, nowMs: number): Device[] =>
  db
    .select()
    .from(device)
    .where(and(isNull(device.endedAt), gt(device.usedAt, nowMs - KNOWN_DAYS * MS_PER_DAY)))
    .orderBy(desc(device.usedAt))
    .all();

/** Puts a device out: its token opens nothing from now on. */
export function endDevice(db: Db, id: number, why: (typeof DEVICE_ENDS)[number], nowMs: number): Result<Device> {
  return command(db, (tx) => {
    const [row] = tx
      .update(device)
      .set({ endedAt: nowMs, ended: why })
      .where(and(eq(device.id, id), isNull(device.endedAt)))
      .returning()
      .all();
    return row ? ok(row) : fail('not-found', '');
  });
}
