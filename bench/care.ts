import path from 'node:path';
import { makeShop } from '../e2e/shop';
import { openFile } from '../src/data/db';
import { timeAddress } from './address';

/** Server time of the stations that look back, with years of sold pieces: 400 batches, 4,000 pieces, each with its dates and half with an owner. */
const AT = '2031-03-05T14:20:00Z';
const BATCHES = 400;
const PIECES = 10;
const [WARM_UPS, CALLS] = [5, 25] as const;

type Row = Readonly<Record<string, unknown>>;

/** Copies of what the demo shed has of one released and sold batch. */
function fill(file: string): void {
  const { raw } = openFile(file);
  const copy = (table: string, row: Row, change: Row): number => {
    const made: Record<string, unknown> = { ...row, ...change };
    delete made.id;
    const names = Object.keys(made);
    const add = raw.prepare(`insert into ${table} (${names.join(', ')}) values (${names.map(() => '?').join(', ')})`);
    return Number(add.run(...Object.values(made)).lastInsertRowid);
  };
  const first = (sql: string, ...with_: unknown[]): Row => raw.prepare(sql).get(...with_) as Row;
  const sale = first(
    'select s.* from sale s join piece p on p.id = s.piece_id join batch b on b.id = p.batch_id where b.number = ?',
    '31-001',
  );
  const piece = first('select * from piece where id = ?', sale.piece_id);
  const batch = first('select * from batch where id = ?', piece.batch_id);
  const released = first('select * from release where batch_id = ?', batch.id);
  const plan = first('select * from care_plan where sale_id = ?', sale.id);
  const owner = first('select * from owner limit 1');
  const materials = raw.prepare('select * from batch_material where batch_id = ?').all(batch.id) as Row[];
  const dates = raw.prepare('select * from care_event where care_plan_id = ?').all(plan.id) as Row[];
  raw.transaction(() => {
    for (let b = 0; b < BATCHES; b++) {
      const batch_id = copy('batch', batch, { number: `29-${String(b + 1).padStart(3, '0')}` });
      for (const one of materials) copy('batch_material', one, { batch_id });
      copy('release', released, { number: `R29-${b + 1}`, batch_id });
      for (let p = 0; p < PIECES; p++) {
        const owner_id = p % 2 === 0 ? copy('owner', owner, { name: `Owner ${b} ${p}`, email: null }) : null;
        const piece_id = copy('piece', piece, { batch_id, ordinal: p + 1, code: `BENCH${b}X${p}`, tag: null });
        const care_plan_id = copy('care_plan', plan, { sale_id: copy('sale', sale, { piece_id, owner_id }), holder_id: null });
        for (const date of dates) copy('care_event', date, { care_plan_id });
      }
    }
  })();
  const counted = raw.prepare('select (select count(*) from sale), (select count(*) from care_event)').raw().get() as number[];
  console.log(`care   ${counted[0]} sold pieces with ${counted[1]} dates`);
  raw.close();
}

const shop = makeShop({ demo: true, at: AT });

async function time(view: string): Promise<string> {
  const { says, page } = await timeAddress(shop.url + view, WARM_UPS, CALLS);
  return `${says}, ${(page.length / 1024).toFixed(0)} kB`;
}
const VIEWS = ['/care', '/care?page=9', '/care?find=29-200%2F4', '/work', '/returns', '/api/care-calendar', '/'] as const;
try {
  await shop.start();
  for (const view of VIEWS) console.log(`care   ${view} of the demo shed: ${await time(view)}`);
  await shop.kill();
  fill(path.join(shop.folder, 'shop.sqlite'));
  await shop.start();
  for (const view of VIEWS) console.log(`care   ${view} with years of sales: ${await time(view)}`);
} finally {
  await shop.remove();
}
