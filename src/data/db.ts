import 'server-only';
import { existsSync, mkdirSync, renameSync, rmSync } from 'node:fs';
import path from 'node:path';
import Database from 'better-sqlite3';
import { type BetterSQLite3Database, drizzle } from 'drizzle-orm/better-sqlite3';
import { readMigrationFiles } from 'drizzle-orm/migrator';
import { filesBeside, flushFile, flushFolder, keepFile, partOf, shopFile } from './files';
import { hasTable } from './has';
import * as schema from './schema';
import { watched } from './watched';

export type Db = BetterSQLite3Database<typeof schema>;

const MIGRATIONS = path.join(process.cwd(), 'drizzle');

/** How long one attempt waits for another program's lock, ms. */
const BUSY_MS = 60;

/** Opens a shop's file with the pragmas the house relies on. */
export function openFile(file: string): { readonly db: Db; readonly raw: Database.Database } {
  if (file !== ':memory:') mkdirSync(path.dirname(file), { recursive: true });
  const raw = new Database(file);
  raw.pragma('journal_mode = WAL');
  raw.pragma('foreign_keys = ON');
  // Short: a server waits for a lock without holding up its other clients (`patiently`).
  raw.pragma(`busy_timeout = ${BUSY_MS}`);
  raw.pragma('synchronous = FULL');
  return { db: drizzle(watched(raw), { schema }), raw };
}

/** How many migrations a file has been through; 0 for one that has been through none. */
export const migrationsOf = (raw: Database.Database): number =>
  hasTable(raw, '__drizzle_migrations')
    ? (raw.prepare('select count(*) as n from __drizzle_migrations').get() as { n: number }).n
    : 0;

/** How many migrations this version knows. */
export const knownMigrations = (): number => readMigrationFiles({ migrationsFolder: MIGRATIONS }).length;

/**
 * Brings an open file up to date, all of it or nothing: references are not followed while tables are rebuilt, and all are checked before it
 * is kept. The table of what was run is the one the migrations' own tool reads and writes.
 */
export function migrateOpen(raw: Database.Database, folder = MIGRATIONS): void {
  raw.pragma('foreign_keys = OFF');
  raw
    .transaction(() => {
      raw.exec(
        'create table if not exists __drizzle_migrations (id integer primary key, hash text not null, created_at numeric)',
      );
      const last = raw.prepare('select max(created_at) as at from __drizzle_migrations').get() as { readonly at: number | null };
      const note = raw.prepare('insert into __drizzle_migrations (hash, created_at) values (?, ?)');
      for (const { sql, hash, folderMillis } of readMigrationFiles({ migrationsFolder: folder })) {
        if (last.at !== null && folderMillis <= Number(last.at)) continue;
        for (const statement of sql) raw.exec(statement);
        note.run(hash, folderMillis);
      }
      const [broken] = raw.pragma('foreign_key_check') as readonly { readonly table: string }[];
      if (broken) throw new Error(`rows of ${broken.table} would lose what they refer to: the file stays as it was`);
    })
    .immediate();
  raw.pragma('foreign_keys = ON');
}

/** A copy of an open file under its own name only once it is whole: it is written under another, looked through, flushed, then named. */
function copyBefore(raw: Database.Database, copy: string): void {
  const part = partOf(copy);
  try {
    raw.prepare('vacuum into ?').run(part);
    const made = new Database(part, { fileMustExist: true, readonly: true });
    try {
      const found = made.pragma('integrity_check(1)', { simple: true });
      if (found !== 'ok') throw new Error(`the copy before the change of shape came out damaged: ${found}`);
    } finally {
      made.close();
    }
    flushFile(part);
    renameSync(part, copy);
    flushFolder(path.dirname(copy));
  } catch (fault) {
    rmSync(part, { force: true });
    throw fault;
  }
}

/** Brings a copy that stands by itself up to date, and takes out what only a copy holds. It is closed, one file, when this returns. */
export function bringUpToDate(file: string): void {
  const { raw } = openFile(file);
  try {
    if (migrationsOf(raw) < knownMigrations()) migrateOpen(raw);
    raw.exec('drop table if exists kept_file; drop table if exists backup_note');
    raw.pragma('journal_mode = DELETE');
  } finally {
    raw.close();
  }
}

/** Brings a file up to date; an existing one is copied beside itself first. Returns the copy's path, if one was made. */
export function migrateFile(file: string, stamp: string): string | null {
  const isNew = file === ':memory:' || !existsSync(file);
  const { raw } = openFile(file);
  try {
    const pending = knownMigrations() - migrationsOf(raw);
    const copy = !isNew && pending > 0 ? `${file}.before-migration-${stamp}` : null;
    if (copy) copyBefore(raw, copy);
    if (pending > 0) migrateOpen(raw);
    if (file !== ':memory:') unpackFiles(raw, file);
    return copy;
  } finally {
    raw.close();
  }
}

const held = globalThis as { rendleDb?: Db };

/** The shop's database, opened once per process when it is first asked for. */
export function database(): Db {
  held.rendleDb ??= openFile(shopFile()).db;
  return held.rendleDb;
}

/** Unpacks the files a backup holds beside it, when one was put in place of a shop's file. */
function unpackFiles(raw: Database.Database, file: string): void {
  if (!hasTable(raw, 'kept_file')) return;
  const rows = raw.prepare('select name, bytes from kept_file').all() as { readonly name: string; readonly bytes: Buffer }[];
  for (const { name, bytes } of rows) {
    if (keepFile(bytes, filesBeside(file)) !== name) throw new Error(`the file ${name} in this backup is not what it was`);
  }
  raw.exec('drop table kept_file; drop table if exists backup_note');
}
