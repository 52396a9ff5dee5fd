import 'server-only';
import { eq, sql } from 'drizzle-orm';
import { settingFrom } from '@/core/batch';
import { ageClock, estimate, type Learning, learnA0, type PastBatch, saidBy } from '@/core/cure';
import type { Db } from '../db';
import { airOf } from '../rooms/air';
import { checkEntry, lot, lotEdge, readyMade, release, roomReading } from '../schema';
import { theShop } from '../shop/queries';
import { loadBatch } from '../work/batch';
import { progressOfBatch, setBy } from '../work/standing';

type Learned = { readonly key: string; readonly readId: number; readonly learning: Learning };
const kept = new WeakMap<Db, Learned>();

/** What the shop's decided batches said of their need, each from its own readings and checks and the shipped A0. */
function pastOf(db: Db): PastBatch[] {
  const decided = db.select({ id: release.batchId, at: release.at }).from(release).where(eq(release.outcome, 'released')).all();
  return decided.flatMap(({ id, at }): PastBatch[] => {
    const batch = loadBatch(db, id, at);
    const a0 = batch && setBy(batch);
    if (!batch || !a0 || a0.settles) return [];
    const startMs = settingFrom(progressOfBatch(batch).progress);
    const air = startMs !== null && batch.place ? airOf(db, id, batch.place, startMs, at) : null;
    const last = air?.readings.length ? air.reckoned.at(-1) : undefined;
    if (startMs === null || !air || !last) return [];
    const clock = ageClock(startMs, air.reckoned, last, a0.mode, theShop(db).zone);
    const said = saidBy(
      estimate(
        a0.hours,
        clock,
        batch.checks.filter((check) => check.at >= startMs),
        a0.mode,
      ),
      a0.hours,
    );
    return said ? [{ formula: a0.of, wood: batch.species.id, ...said }] : [];
  });
}

/** What was learned from: releases, checks, what lots hold and labels say; how far readings were read, and when the last batch was released. */
const learnedFrom = (db: Db) =>
  db.get<{ key: string; readId: number; releasedAt: number }>(sql`
    select (select count(*) from ${release}) || '.' || (select count(*) from ${checkEntry}) || '.' || (select sum(version) from ${lot})
        || '.' || (select count(*) from ${lotEdge}) || '.' || (select coalesce(sum(version), 0) from ${readyMade}) as key,
      coalesce((select max(id) from ${roomReading}), 0) as readId,
      coalesce((select max(at) from ${release}), 0) as releasedAt`);

/** Whether readings that came in since belong to a time that was learned from: a logger's file read late. */
const cameLate = (db: Db, readId: number, releasedAt: number): boolean =>
  db.get(sql`select 1 from ${roomReading} where id > ${readId} and at <= ${releasedAt} limit 1`) !== undefined;

/** The shop's own A0, reckoned anew when a batch was released or checked, a lot or a label put right, or readings of a past time came in. */
export function learnedA0(db: Db): Learning {
  const { key, readId, releasedAt } = learnedFrom(db);
  const known = kept.get(db);
  if (known?.key === key && (readId === known.readId || !cameLate(db, known.readId, releasedAt))) {
    if (readId !== known.readId) kept.set(db, { ...known, readId });
    return known.learning;
  }
  const learning = learnA0(pastOf(db));
  kept.set(db, { key, readId, learning });
  return learning;
}
