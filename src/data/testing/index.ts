import { cpSync, existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import Database from 'better-sqlite3';
import { drizzle } from 'drizzle-orm/better-sqlite3';
import { type Db, migrateOpen, openFile } from '../db';
import { loadDemo } from '../demo/load';
import { lettersToRead } from '../mail/letters';
import type { LetterRow } from '../mail/write';
import * as schema from '../schema';
import { watched } from '../watched';
import { loadBatch } from '../work/batch';
import type { Report } from '../work/record';
import { progressOfBatch } from '../work/standing';

/** An empty, migrated shop's file in memory, for tests. */
export function emptyDb(): Db {
  const { db, raw } = openFile(':memory:');
  migrateOpen(raw);
  return db;
}

/** A shop's file in a folder as it was after so many migrations, empty. */
export function fileOfShape(folder: string, migrations: number): string {
  const until = path.join(folder, 'until');
  mkdirSync(folder, { recursive: true });
  cpSync('drizzle', until, { recursive: true });
  const journal = JSON.parse(readFileSync(path.join(until, 'meta/_journal.json'), 'utf8'));
  writeFileSync(
    path.join(until, 'meta/_journal.json'),
    JSON.stringify({ ...journal, entries: journal.entries.slice(0, migrations) }),
  );
  const file = path.join(folder, 'shop.sqlite');
  const { raw } = openFile(file);
  migrateOpen(raw, until);
  raw.close();
  return file;
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

/** The last thing that counts as done to a batch; what a hand takes back. */
export function lastEntryOf(db: Db, batchId: number, nowMs: number): string {
  const batch = loadBatch(db, batchId, nowMs);
  return (batch && progressOfBatch(batch).progress.done.at(-1)?.fact.id) ?? '';
}

/** Where the files of one run of the tests keep their sheds for each other; a run by itself has none. */
const shedFile = (nowMs: number): string | null =>
  process.env.RENDLE_TEST_SHEDS ? path.join(process.env.RENDLE_TEST_SHEDS, `${nowMs}.sqlite`) : null;

const sheds = new Map<number, Buffer>();

function shedOf(nowMs: number): Buffer {
  const file = shedFile(nowMs);
  // The run tells it by itself already; nothing else can be done in this thread before it is there.
  while (file && existsSync(`${file}.telling`) && !existsSync(file))
    Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, 100);
  if (file && existsSync(file)) return readFileSync(file);
  const { db, raw } = openFile(':memory:');
  migrateOpen(raw);
  loadDemo(db, nowMs);
  const shed = raw.serialize();
  if (file) {
    writeFileSync(`${file}.${process.pid}`, shed);
    renameSync(`${file}.${process.pid}`, file);
  }
  return shed;
}

/** The demo shed of a moment in memory, for tests: told once in a run, then copied. */
export function demoDb(nowMs: number): Db {
  const shed = sheds.get(nowMs) ?? shedOf(nowMs);
  sheds.set(nowMs, shed);
  return drizzle(watched(new Database(shed)), { schema }) as Db;
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

/** Every letter of a shop, those that want a person first. */
export function lettersIn(db: Db): LetterRow[] {
  const toRead = lettersToRead(db);
  const read = new Set(toRead.map((row) => row.id));
  return [
    ...toRead,
    ...db
      .select()
      .from(schema.outbox)
      .all()
      .filter((row) => !read.has(row.id))
      .reverse(),
  ];
}
