import 'server-only';
import type Database from 'better-sqlite3';
import { eq, lt } from 'drizzle-orm';
import { fail, MS_PER_DAY, type Result } from '@/core/quantity';
import type { Db } from './db';
import { hashOf } from './files';
import { actDone } from './schema';

/** A resend comes within days: a draft that waited on a device over a holiday still counts. */
const REMEMBERED_MS = 60 * MS_PER_DAY;

/** What a device makes anew for each sending, and what is no part of what was said. */
const PER_SENDING: ReadonlySet<string> = new Set(['clientId', 'deviceSequence', 'clockOffsetMs']);

/** An act by its id on the device that made it, with all it says. */
export type ActSent = { readonly id: string; readonly said: unknown };

/**
 * Does an act once: its writes and the note that it was done are kept together or not at all. Sent again with the same words it is answered as
 * the first time; with others it is refused, for the first stands.
 * @param run writes at once; what it refuses leaves no note, and may be sent again
 */
export function once<T>(db: Db, { id, said }: ActSent, nowMs: number, run: () => Result<T>): Result<T> {
  const { $client: client } = db as unknown as { readonly $client: Database.Database };
  return client
    .transaction((): Result<T> => {
      const hash = hashOf(Buffer.from(JSON.stringify(said, (key, value: unknown) => (PER_SENDING.has(key) ? undefined : value))));
      const before = db.select().from(actDone).where(eq(actDone.id, id)).get();
      if (before) return before.said === hash ? { ok: true, value: JSON.parse(before.answer) as T } : fail('already-saved', '');
      const result = run();
      if (!result.ok) return result;
      db.delete(actDone)
        .where(lt(actDone.at, nowMs - REMEMBERED_MS))
        .run();
      db.insert(actDone)
        .values({ id, said: hash, answer: JSON.stringify(result.value ?? null), at: nowMs })
        .run();
      return result;
    })
    .immediate();
}
