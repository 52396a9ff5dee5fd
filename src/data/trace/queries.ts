import 'server-only';
import { sql } from 'drizzle-orm';
import { findIngredient } from '@/core/material';
import type { Db } from '../db';
import { catalogueOf } from '../stores/catalogue';

export type TraceLot = {
  readonly id: number;
  readonly number: string;
  readonly kind: string;
  readonly what: string;
  readonly way: 'self' | 'back' | 'on';
  readonly held: boolean;
  /** Steps away from the lot that is traced. */
  readonly depth: number;
};
export type TraceEdge = { readonly from: number; readonly into: number; readonly grams: number };
export type TraceBatch = {
  readonly id: number;
  readonly number: string;
  readonly design: string;
  readonly lotId: number;
  readonly pieces: number;
  /** Nothing was drawn for it yet: it is only to be coated from it. */
  readonly planned: boolean;
};
export type TracePiece = {
  readonly batchId: number;
  readonly number: string;
  readonly code: string;
  readonly soldOn: string | null;
  readonly buyer: string | null;
  readonly outcome: string | null;
};
export type TraceTins = {
  readonly lotId: number;
  readonly count: number;
  readonly soldOn: string;
  readonly buyer: string | null;
};
/** All that went into a lot and all it went into, down to pieces and buyers. */
export type Trace = {
  readonly lots: readonly TraceLot[];
  readonly edges: readonly TraceEdge[];
  readonly batches: readonly TraceBatch[];
  readonly pieces: readonly TracePiece[];
  readonly tins: readonly TraceTins[];
};

/** One lot's trace both ways, by recursive look-up on the indexed edges; null for a lot that is not there. */
export function traceOf(db: Db, lotId: number): Trace | null {
  const walk = (way: 'back' | 'on') => {
    const [near, far] = way === 'back' ? [sql`into_lot`, sql`from_lot`] : [sql`from_lot`, sql`into_lot`];
    return db.all<{ id: number; depth: number }>(sql`
      with recursive walk(id, depth) as (
        select ${lotId}, 0
        union select e.${far}, walk.depth + 1 from lot_edge e join walk on e.${near} = walk.id where walk.depth < 40
      )
      select id, min(depth) as depth from walk group by id`);
  };
  const ways = new Map<number, { way: TraceLot['way']; depth: number }>();
  for (const way of ['back', 'on'] as const)
    for (const { id, depth } of walk(way)) if (id !== lotId) ways.set(id, { way, depth });
  ways.set(lotId, { way: 'self', depth: 0 });
  const ids = JSON.stringify([...ways.keys()]);
  const forward = JSON.stringify([...ways].filter(([, { way }]) => way !== 'back').map(([id]) => id));
  const rows = db.all<Omit<TraceLot, 'way' | 'depth' | 'held'> & { held: number }>(sql`
    select l.id, l.number, l.kind, coalesce(l.name, f.name, r.name, l.ingredient_id) as what,
      exists (select 1 from hold h where h.lot_id = l.id and h.lifted_at is null) as held
    from json_each(${ids}) j join lot l on l.id = j.value
    left join formula_revision fr on fr.id = l.formula_revision_id left join formula f on f.id = fr.formula_id
    left join ready_made r on r.id = l.ready_made_id order by l.id`);
  if (!rows.some((row) => row.id === lotId)) return null;
  const catalogue = catalogueOf(db);
  const lots = rows.map((row) => ({
    ...row,
    what: findIngredient(row.what, catalogue)?.name ?? row.what,
    held: row.held === 1,
    way: ways.get(row.id)?.way ?? 'self',
    depth: ways.get(row.id)?.depth ?? 0,
  }));
  const edges = db.all<TraceEdge>(sql`
    select e.from_lot as "from", e.into_lot as "into", e.grams from json_each(${ids}) j join lot_edge e on e.into_lot = j.value
    where e.from_lot in (select value from json_each(${ids}))`);
  // A batch is reached by a lot that was drawn for a coat of it and not given back, before it was split off or in what was joined to it;
  // one that is only to be coated from it is planned.
  const batches = db
    .all<Omit<TraceBatch, 'planned'> & { planned: number }>(sql`
    with recursive drawn(batch_id, lot_id, at) as (
      select g.batch_id, m.lot_id, min(g.at) from json_each(${forward}) j join movement m on m.lot_id = j.value
      join log_entry g on g.client_id = m.entry where m.why in ('coat', 'correction') group by g.batch_id, m.lot_id having sum(m.grams) < -1e-9
      union select b.id, t.lot_id, t.at from drawn t join batch b on b.split_from = t.batch_id and t.at <= b.split_at
      union select b.joined_to, t.lot_id, t.at from drawn t join batch b on b.id = t.batch_id where b.joined_to is not null
    ),
    reached(batch_id, lot_id, planned) as (
      select batch_id, lot_id, 0 from drawn
      union select m.batch_id, m.lot_id, 1 from json_each(${forward}) j join batch_material m on m.lot_id = j.value
      where not exists (select 1 from drawn t where t.batch_id = m.batch_id)
        and not exists (select 1 from batch_material n where n.batch_id = m.batch_id and n.slot = m.slot and n.from_at > m.from_at)
        and not exists (select 1 from release r where r.batch_id = m.batch_id and coalesce(r.next, '') <> 'mend')
        and not exists (select 1 from batch b where b.id = m.batch_id and (b.joined_to is not null or b.cancelled_at is not null))
    )
    select b.id, b.number, d.name as design, min(t.lot_id) as lotId, t.planned,
      (select count(*) from piece p where p.batch_id = b.id) as pieces
    from reached t join batch b on b.id = t.batch_id
    join design_revision dr on dr.id = b.design_revision_id join design d on d.id = dr.design_id
    group by b.id order by b.id`)
    .map((row) => ({ ...row, planned: row.planned === 1 }));
  const batchIds = JSON.stringify(batches.filter((one) => !one.planned).map((one) => one.id));
  const pieces = db.all<TracePiece>(sql`
    select p.batch_id as batchId, coalesce(p.tag, b.number || '/' || p.ordinal) as number, p.code, s.sold_on as soldOn, o.name as buyer,
      (select r.outcome from release r where r.batch_id = b.id order by r.id desc limit 1) as outcome
    from json_each(${batchIds}) j join piece p on p.batch_id = j.value join batch b on b.id = p.batch_id
    left join sale s on s.piece_id = p.id left join owner o on o.id = s.owner_id order by p.batch_id, p.ordinal`);
  const tins = db.all<TraceTins>(sql`
    select t.lot_id as lotId, t.count, t.sold_on as soldOn, o.name as buyer from json_each(${forward}) j
    join tin_sale t on t.lot_id = j.value left join owner o on o.id = t.owner_id
    where not exists (select 1 from tin_sale_struck s where s.tin_sale_id = t.id) order by t.id`);
  return { lots, edges, batches, pieces, tins };
}
