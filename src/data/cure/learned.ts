import 'server-only';
import { eq, sql } from 'drizzle-orm';
import { ageClock, estimate, type Learning, learnA0, type PastBatch, saidBy } from '@/core/cure';
import type { Db } from '../db';
import { checkEntry, release } from '../schema';

import { airOf } from './air';
import { loadBatch } from '../work/batch';
import { settingFrom } from '@/core/regimen';
import { progressOfBatch, setBy } from '../work/standing';

const kept = new WeakMap<Db, { readonly key: string; readonly learning: Learning }>();

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
    const clock = ageClock(startMs, air.reckoned, last, a0.mode);
    const said = saidBy(
      estimate(
        a0.hours,
        clock,
        batch.checks.filter((check) => check.at >= startMs),
      ),
      a0.hours,
    );
    return said ? [{ formula: a0.of, wood: batch.species.id, ...said }] : [];
  });
}

/** The shop's own A0, reckoned anew when a batch was released or checked. */
export function learnedA0(db: Db): Learning {
  const { a, b } = db.get<{ a: number; b: number }>(
    sql`select (select count(*) from ${release}) as a, (select count(*) from ${checkEntry}) as b`,
  );
  const key = `${a}.${b}`;
  const known = kept.get(db);
  if (known?.key === key) return known.learning;
  const learning = learnA0(pastOf(db));
  kept.set(db, { key, learning });
  return learning;
}
