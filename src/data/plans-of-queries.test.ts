import Database from 'better-sqlite3';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { demoDb } from '@/data/testing';
import { batchesToSell, looksDue } from './care/queries';
import { learnedA0 } from './cure/learned';
import { lotOf, lotsNow } from './stores/queries';
import { traceOf } from './trace/queries';
import { clientOf } from './watched';
import { decidedBatchIds, loadBatch, openBatchIds } from './work/batch';
import { standingOfBatch } from './work/standing';
import { shopUptake } from './work/uptake';

const NOW = Date.parse('2031-03-05T14:20:00Z');
/** Tables that grow with every day of work; what reads one of them whole grows with it. */
const GROWING = [
  'lot',
  'lot_left',
  'movement',
  'lot_edge',
  'batch',
  'piece',
  'log_entry',
  'sale',
  'care_event',
  'care_plan',
  'room_reading',
  'pour',
  'pour_entry',
];
const SCANS = new RegExp(`^SCAN (?:${GROWING.join('|')})\\b(?! USING)`);

/** Every statement that is run while it runs. */
function statementsOf(run: () => unknown): string[] {
  const statement = Object.getPrototypeOf(new Database(':memory:').prepare('select 1')) as Record<
    string,
    (...args: unknown[]) => unknown
  >;
  const real = { all: statement.all, get: statement.get };
  const seen = new Set<string>();
  for (const name of ['all', 'get'] as const)
    statement[name] = function (this: { readonly source: string }, ...args) {
      seen.add(this.source);
      return real[name]?.apply(this, args);
    };
  try {
    run();
  } finally {
    Object.assign(statement, real);
  }
  return [...seen];
}

describe('what every page asks', () => {
  const db = demoDb(NOW);
  const file = clientOf(db) ?? expect.fail();
  beforeAll(() => void openBatchIds(db));
  afterAll(() => file.close());

  it.each<[string, () => unknown]>([
    ['lots at hand', () => lotsNow(db)],
    ['one lot', () => lotOf(db, 3)],
    ['open batches', () => openBatchIds(db)],
    ['decided batches', () => decidedBatchIds(db)],
    ['what is to sell', () => batchesToSell(db)],
    ['looks that are due', () => looksDue(db, '2031-03-05', '2031-03-12')],
    ['how the wood drinks', () => shopUptake(db)],
    ['a batch and how it stands', () => standingOfBatch(db, loadBatch(db, 1, NOW) ?? expect.fail(), NOW, learnedA0(db))],
    ['the trace of a lot', () => traceOf(db, 2)],
  ])('%s reads no growing table whole', async (_, run) => {
    file.exec('update place set version = version + 1; update shop set version = version + 1');
    await new Promise((turn) => setImmediate(turn));
    const statements = statementsOf(run).filter((one) => /^\s*(select|with)/i.test(one));
    expect(statements.length).toBeGreaterThan(0);
    const whole = statements.flatMap((one) => {
      const plan = file.prepare(`explain query plan ${one}`);
      const rows = plan.all(...Array.from({ length: (one.match(/\?/g) ?? []).length }, () => 1)) as { readonly detail: string }[];
      const scans = rows.filter(({ detail }) => SCANS.test(detail)).map(({ detail }) => detail);
      return scans.length > 0 ? [`${scans.join('; ')}: ${one.slice(0, 160)}`] : [];
    });
    expect(whole).toEqual([]);
  });
});
