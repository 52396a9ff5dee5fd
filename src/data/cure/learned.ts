import 'server-only';
import { sql } from 'drizzle-orm';
import { settingFrom } from '@/core/batch';
import { ageClock, estimate, type Learning, learnA0, type PastBatch, saidBy } from '@/core/cure';
import type { Db } from '../db';
import { keep } from '../kept';
import { airOf } from '../rooms/air';
import { batch, bottle, checkEntry, lot, lotEdge, ownMaterial, ownWood, readyMade, release, roomReading } from '../schema';
import { theShop } from '../shop/queries';
import { loadBatch } from '../work/batch';
import { progressOfBatch, setBy } from '../work/standing';

/** Of a finish on a wood the latest so many decided batches are learned from. Source: working bound; with more its spread hardly narrows. */
const LATEST = 12;

/** What a decided batch said, and how many checks it had then. */
type Said = { readonly checks: number; readonly said: PastBatch | null };
/** What each decided batch said, until a lot, a label or a reading of the time before was put right. */
type Heard = {
  readonly key: string;
  readId: number;
  readonly said: Map<number, Said>;
  learned: { readonly from: readonly PastBatch[]; readonly learning: Learning } | null;
};
const heard = new WeakMap<Db, Heard>();

/** What one decided batch said of its need, from its own readings and checks and the shipped A0; null where it said nothing. */
function saidOf(db: Db, id: number, at: number): PastBatch | null {
  const of = loadBatch(db, id, at);
  const a0 = of && setBy(of);
  if (!of || !a0 || a0.settles) return null;
  const startMs = settingFrom(progressOfBatch(of).progress);
  const air = startMs !== null && of.place ? airOf(db, id, of.place, startMs, at) : null;
  const last = air?.readings.length ? air.reckoned.at(-1) : undefined;
  if (startMs === null || !air || !last) return null;
  const clock = ageClock(startMs, air.reckoned, last, a0.mode, theShop(db).zone);
  const said = saidBy(
    estimate(
      a0.hours,
      clock,
      of.checks.filter((check) => check.at >= startMs),
      a0.mode,
    ),
    a0.hours,
  );
  return said && { formula: a0.of, wood: of.species.id, ...said };
}

/** The decided batches that are learned from, with how many checks each had. */
const decided = (db: Db): readonly { readonly id: number; readonly at: number; readonly checks: number }[] =>
  db.all(sql`
    select "id", "at", (select count(*) from ${checkEntry} where ${checkEntry.batchId} = "id") as "checks" from (
      select ${batch.id} as "id", ${release.at} as "at",
        row_number() over (partition by ${batch.regimenRevisionId}, ${batch.speciesId} order by ${release.at} desc) as "nth"
      from ${release} join ${batch} on ${batch.id} = ${release.batchId} where ${release.outcome} = 'released'
    ) where "nth" <= ${LATEST} order by "at"`);

/**
 * What of the file changes what was heard before: a label or an ingredient of the shop's own put right, what was poured into a bath or a
 * bottle, the newest reading. A lot or a release more changes nothing of the batches before.
 */
const changedBy = (db: Db) =>
  db.get<{ key: string; readId: number; releasedAt: number }>(sql`
    select (select coalesce(sum(version), 0) from ${readyMade}) || '.' || (select count(*) from ${ownMaterial}) || '.' ||
        (select count(*) from ${ownWood}) || '.' || (select count(*) || '.' || coalesce(sum(${lotEdge.grams}), 0) from ${lotEdge}
          where ${lotEdge.intoLot} in (select ${lot.id} from ${lot} where "kind" = 'bath' union select ${bottle.lotId} from ${bottle})) as "key",
      coalesce((select max(${roomReading.id}) from ${roomReading}), 0) as "readId",
      coalesce((select max(${release.at}) from ${release}), 0) as "releasedAt"`);

/** Whether readings that came in since belong to a time that was learned from: a logger's file read late. */
const cameLate = (db: Db, readId: number, releasedAt: number): boolean =>
  db.get(sql`select 1 from ${roomReading} where id > ${readId} and at <= ${releasedAt} limit 1`) !== undefined;

/** What was heard so far of decided batches, as far as it still holds. */
function stillHeard(db: Db): Heard {
  const { key, readId, releasedAt } = changedBy(db);
  const known = heard.get(db);
  if (known?.key === key && (readId === known.readId || !cameLate(db, known.readId, releasedAt))) {
    known.readId = readId;
    return known;
  }
  const fresh: Heard = { key, readId, said: new Map(), learned: null };
  heard.set(db, fresh);
  return fresh;
}

/** The shop's own A0: what its decided batches said, each computed once and anew only when it was checked or what it rests on was put right. */
export const learnedA0 = (db: Db): Learning =>
  keep(db, 'learned A0', () => {
    const before = stillHeard(db);
    const from = decided(db).flatMap(({ id, at, checks }): PastBatch[] => {
      const known = before.said.get(id);
      const now = known?.checks === checks ? known : { checks, said: saidOf(db, id, at) };
      before.said.set(id, now);
      return now.said ? [now.said] : [];
    });
    const { learned } = before;
    if (learned?.from.length === from.length && from.every((one, i) => one === learned.from[i])) return learned.learning;
    const learning = learnA0(from);
    before.learned = { from, learning };
    return learning;
  });
