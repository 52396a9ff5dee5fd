import 'server-only';
import { desc, gt } from 'drizzle-orm';
import { fail, MS_PER_DAY, MS_PER_MINUTE, ok, type Result } from '@/core/quantity';
import { type By, command } from '../command';
import type { Db } from '../db';
import { clockWord, logEntry } from '../schema';
import { findShop } from './queries';

/** A clock may be set back by so much, or go on by so much without a record, before it is asked about. */
export const BACK_MS = 10 * MS_PER_MINUTE;
export const AHEAD_MS = 200 * MS_PER_DAY;

export type ClockDoubt = { readonly way: 'back' | 'ahead'; readonly newestMs: number };

const lastEntry = (db: Db) => db.select({ id: logEntry.id }).from(logEntry).orderBy(desc(logEntry.id)).limit(1).get();

/** What the clock is held against: the newest record, or someone's word that the clock is right, whichever was written last. */
function newestOf(db: Db): number | null {
  const shop = findShop(db);
  if (!shop) return null;
  const word = db.select().from(clockWord).orderBy(desc(clockWord.id)).limit(1).get();
  const since = db
    .select({ at: logEntry.recordedAt })
    .from(logEntry)
    .where(gt(logEntry.id, word?.lastEntryId ?? 0))
    .orderBy(desc(logEntry.recordedAt))
    .limit(1)
    .get();
  const first = word?.at ?? shop.createdAt;
  return Math.max(first, since?.at ?? first);
}

/** Whether the machine's clock leapt against the newest record; null where it did not, or where nothing is recorded yet. */
export function clockDoubt(db: Db, nowMs: number): ClockDoubt | null {
  const newestMs = newestOf(db);
  if (newestMs === null) return null;
  if (nowMs < newestMs - BACK_MS) return { way: 'back', newestMs };
  return nowMs > newestMs + AHEAD_MS ? { way: 'ahead', newestMs } : null;
}

/** Someone says that the clock is right as it is: from then on it is held against that. */
export function trustClock(db: Db, by: By): Result<void> {
  return command(db, (tx) => {
    const doubt = clockDoubt(tx, by.nowMs);
    if (!doubt) return fail('already-decided', '');
    tx.insert(clockWord)
      .values({ at: by.nowMs, newestAt: doubt.newestMs, lastEntryId: lastEntry(tx)?.id ?? 0, personId: by.personId })
      .run();
    return ok(undefined);
  });
}
