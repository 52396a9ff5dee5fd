import Database from 'better-sqlite3';
import { drizzle } from 'drizzle-orm/better-sqlite3';
import { migrate } from 'drizzle-orm/better-sqlite3/migrator';
import { type Db, openFile } from './db';
import { loadDemo } from './demo/load';
import * as schema from './schema';
import type { Report } from './work/record';

/** An empty, migrated shop's file in memory, for tests. */
export function emptyDb(): Db {
  const { db } = openFile(':memory:');
  migrate(db, { migrationsFolder: 'drizzle' });
  return db;
}

/** A record as a device sends it, done and with nothing seen, at a moment. */
export const reportOf = (batchId: number, task: string, at: number, more: Partial<Report> = {}): Report => ({
  clientId: `report-${batchId}-${task}-${at}`,
  batchId,
  kind: 'done',
  task,
  at,
  device: 'tablet-1',
  deviceSequence: 1,
  clockOffsetMs: 0,
  queued: false,
  grams: null,
  tempC: null,
  rh: null,
  pass: null,
  seen: '',
  ...more,
});

const sheds = new Map<number, Buffer>();

/** The demo shed of a moment in memory, for tests: made once, then copied. */
export function demoDb(nowMs: number): Db {
  const known = sheds.get(nowMs);
  if (known) return drizzle(new Database(known), { schema }) as Db;
  const { db, raw } = openFile(':memory:');
  migrate(db, { migrationsFolder: 'drizzle' });
  loadDemo(db, nowMs);
  sheds.set(nowMs, raw.serialize());
  return db;
}

/** What SQLite said when it refused; empty when it did not. */
export function refusal(run: () => unknown): string {
  try {
    run();
    return '';
  } catch (error) {
    return String((error as Error).cause ?? error);
  }
}
