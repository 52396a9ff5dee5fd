import type Database from 'better-sqlite3';
import { migrateOpen, openFile } from '../src/data/db';
import { loadDemo } from '../src/data/demo/load';
import { AT } from './shed';

/** What a busy shop comes to in a year: in a hundred, 20,000 lots that were bought, 80,000 pots, 400,000 pieces. */
const A_YEAR = { lots: 200, pots: 800, pieces: 4000 } as const;
/** Readings of a hundred years: of the place that a logger reads, and of each other place. */
const READINGS = { logged: 5_000_000, other: 100_000, years: 100 } as const;
const DAY = 86_400_000;

/** Rows that are told again: of which tables, which rows of them, and how each column becomes another's. */
type Told = { readonly table: string; readonly where: string; readonly also?: Readonly<Record<string, string>> };

/** Columns that hold a moment; a copy's lies as many days earlier as all its times. */
const MOMENT = /(^|_)at$/;
const DATE = /(_on|_before)$/;
/** Columns no two rows may share. */
const ONE_OF_A_KIND = new Set(['client_id', 'number', 'code']);

/**
 * Tells some rows again, so many times, each copy as many days earlier: ids and references are shifted by the copy, for all rows of the
 * tables in `shift`. One statement a table.
 */
function tell(
  raw: Database.Database,
  copies: number,
  days: number,
  shift: ReadonlyMap<string, number>,
  told: readonly Told[],
): void {
  const earlier = `(cast((n.n * ${days * DAY}.0) / ${copies} as integer))`;
  for (const { table, where, also = {} } of told) {
    const columns = raw.pragma(`table_info("${table}")`) as { name: string; pk: number }[];
    const refers = new Map(
      (raw.pragma(`foreign_key_list("${table}")`) as { from: string; table: string }[]).map(({ from, table: to }) => [from, to]),
    );
    const values = columns.map(({ name, pk }) => {
      if (also[name] !== undefined) return also[name];
      const to = pk > 0 && name === 'id' ? table : refers.get(name);
      const by = to === undefined ? undefined : shift.get(to);
      if (by !== undefined) return `t."${name}" + ${by} * n.n`;
      if (ONE_OF_A_KIND.has(name)) return `t."${name}" || '-' || n.n`;
      if (MOMENT.test(name)) return `t."${name}" - ${earlier}`;
      if (DATE.test(name)) return `date(t."${name}", '-' || (${earlier} / ${DAY}) || ' days')`;
      return `t."${name}"`;
    });
    raw.exec(`with recursive n(n) as (select 1 union all select n + 1 from n where n < ${copies})
      insert into "${table}" (${columns.map(({ name }) => `"${name}"`).join(', ')})
      select ${values.join(', ')} from n cross join "${table}" t where ${where}`);
  }
}

const spanOf = (raw: Database.Database, tables: readonly string[]): Map<string, number> =>
  new Map(
    tables.map((table) => [
      table,
      (raw.prepare(`select coalesce(max(id), 0) + 1 from "${table}"`).pluck().get() as number) + 1000,
    ]),
  );

/** Readings of one place, evenly over the years before, with what is added up of them by the hour and by the season. */
function read(raw: Database.Database, place: number, count: number, years: number): void {
  const step = Math.floor((years * 365 * DAY) / count);
  raw
    .prepare(
      `with recursive n(n) as (select 1 union all select n + 1 from n where n < :count)
       insert into room_reading (client_id, place_id, at, temp_c, rh_fraction, person_id)
       select 'year-' || :place || '-' || n.n, :place, :until - n.n * :step,
         18 + 4 * sin(n.n * :step / 1.0e9), 0.5 + 0.1 * sin(n.n * :step / 7.0e8), null from n`,
    )
    .run({ count, place, step, until: AT - 400 * DAY });
}

/** A shop that has worked so many years before the demo shed's day: what was made, sold and read, by bulk statements. */
export function fillYears(file: string, years: number): void {
  const { db, raw } = openFile(file);
  migrateOpen(raw);
  loadDemo(db, AT);
  raw.pragma('foreign_keys = off');
  raw.pragma('synchronous = off');
  const days = years * 365;
  const one = (sql: string): number => raw.prepare(sql).pluck().get() as number;
  // Lots that were bought and used up.
  const lots = spanOf(raw, ['lot', 'movement']);
  raw.exec("create temp table bought as select id from lot where kind not in ('tin', 'bath') and formula_revision_id is null");
  const bought = one('select count(*) from temp.bought');
  const boughtTimes = Math.round((A_YEAR.lots * years) / bought);
  /** A copy draws from a copy of what was bought: no tin lasts for years. */
  const drawn = (column: string, copies: number): string =>
    `case when t."${column}" in (select id from temp.bought)
      then t."${column}" + ${lots.get('lot')} * (1 + (n.n - 1) * ${boughtTimes} / ${copies}) else t."${column}" end`;
  const usedUp = (from: number): void =>
    void raw.exec(`insert into movement (lot_id, grams, why, entry, person_id, at)
      select l.id, -sum(m.grams), 'coat', null, l.person_id, l.at + ${30 * DAY} from lot l join movement m on m.lot_id = l.id
      where l.id >= ${from} group by l.id having abs(sum(m.grams)) > 0`);
  raw.transaction(() => {
    const from = one('select max(id) + 1 from lot');
    tell(raw, boughtTimes, days, lots, [
      { table: 'lot', where: 't.id in (select id from temp.bought)' },
      { table: 'movement', where: 't.lot_id in (select id from temp.bought)', also: { entry: 'null' } },
    ]);
    usedUp(from);
  })();
  // Batches whose pieces are all sold: they and all that was written of them.
  const done = `(select b.id from batch b where exists (select 1 from release r where r.batch_id = b.id) and not exists
    (select 1 from piece p where p.batch_id = b.id and p.left_at is null and not exists (select 1 from sale s where s.piece_id = p.id))
    and not exists (select 1 from restoration r where r.batch_id = b.id)
    and not exists (select 1 from piece_move m where m.from_batch = b.id or m.to_batch = b.id))`;
  raw.exec(`create temp table done as select id from batch where id in ${done}; create temp table sold as select s.id as id from sale s join piece p on p.id = s.piece_id where p.batch_id in (select id from done);
    create temp table plans as select id from care_plan where sale_id in (select id from sold);`);
  const pieces = one('select count(*) from piece where batch_id in (select id from done)');
  const shift = spanOf(raw, [
    'batch',
    'piece',
    'log_entry',
    'check_entry',
    'release',
    'sale',
    'care_plan',
    'care_event',
    'placement',
    'care_report',
    'outbox',
    'weigh_in',
  ]);
  const ofBatch = 't.batch_id in (select id from temp.done)';
  const batchTimes = Math.round((A_YEAR.pieces * years) / pieces);
  const fromLot = { lot_id: drawn('lot_id', batchTimes) };
  raw.transaction(() => {
    tell(raw, batchTimes, days, shift, [
      { table: 'batch', where: 't.id in (select id from temp.done)' },
      { table: 'piece', where: ofBatch },
      {
        table: 'log_entry',
        where: ofBatch,
        also: { ...fromLot, corrects: "case when t.corrects is null then null else t.corrects || '-' || n.n end" },
      },
      { table: 'check_entry', where: ofBatch },
      { table: 'placement', where: ofBatch },
      { table: 'batch_material', where: ofBatch, also: fromLot },
      { table: 'batch_price', where: ofBatch },
      { table: 'weigh_in', where: ofBatch },
      { table: 'release', where: ofBatch },
      { table: 'sale', where: 't.id in (select id from temp.sold)' },
      { table: 'care_plan', where: 't.id in (select id from temp.plans)' },
      { table: 'care_event', where: 't.care_plan_id in (select id from temp.plans)' },
      { table: 'care_report', where: 't.care_plan_id in (select id from temp.plans)' },
    ]);
  })();
  // Pots with what they were weighed from and filled into.
  raw.exec(`create temp table poured as select id, lot_id from pour where lot_id is not null and state = 'done';
    create temp table potted as select lot_id as id from temp.poured union select lot_id from fill where pour_id in (select id from temp.poured)`);
  const pots = one('select count(*) from temp.poured');
  const potTimes = Math.round((A_YEAR.pots * years) / pots);
  const potShift = spanOf(raw, ['lot', 'movement', 'pour', 'pour_entry', 'pot_reading', 'fill']);
  raw.transaction(() => {
    const from = one('select max(id) + 1 from lot');
    const ofPot = 't.pour_id in (select id from temp.poured)';
    tell(raw, potTimes, days, potShift, [
      { table: 'lot', where: 't.id in (select id from temp.potted)' },
      { table: 'movement', where: 't.lot_id in (select id from temp.potted)', also: { entry: 'null' } },
      { table: 'pour', where: 't.id in (select id from temp.poured)' },
      { table: 'pour_entry', where: ofPot, also: { lot_id: drawn('lot_id', potTimes) } },
      { table: 'pot_reading', where: ofPot },
      { table: 'fill', where: ofPot },
      {
        table: 'lot_edge',
        where: 't.into_lot in (select id from temp.potted)',
        also: {
          from_lot: `case when t."from_lot" in (select id from temp.potted) then t."from_lot" + ${potShift.get('lot')} * n.n
            else ${drawn('from_lot', potTimes)} end`,
        },
      },
    ]);
    usedUp(from);
  })();
  const places = raw
    .prepare('select id, (select count(*) from room_reading r where r.place_id = place.id) as n from place')
    .all() as {
    id: number;
    n: number;
  }[];
  const logged = places.reduce((best, place) => (place.n > best.n ? place : best));
  raw.transaction(() => {
    for (const { id } of places)
      read(raw, id, Math.round(((id === logged.id ? READINGS.logged : READINGS.other) * years) / READINGS.years), years);
  })();
  const broken = raw.pragma('foreign_key_check') as unknown[];
  if (broken.length > 0) throw new Error(`${broken.length} rows name what is not there: ${JSON.stringify(broken[0])}`);
  raw.close();
}
