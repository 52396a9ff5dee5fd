import 'server-only';
import { createHash } from 'node:crypto';
import { copyFileSync, existsSync, mkdtempSync, readFileSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import Database from 'better-sqlite3';
import { idOfShop } from '../shop/identity';
import { APPENDED, countsOf, damageOf } from './checked';

/** What a stopped server may have left beside a file: records that are not in it yet. */
const LOG = '-wal';
/** All that SQLite lays beside a file while it is open. */
export const BESIDE = ['-wal', '-shm', '-journal'] as const;

/** Whether records lie beside a file that are not in it yet. */
const hasLog = (file: string): boolean => existsSync(`${file}${LOG}`) && statSync(`${file}${LOG}`).size > 0;

/** Takes a copy and what was laid beside it away. */
export function removeWhole(file: string): void {
  for (const ending of ['', ...BESIDE]) rmSync(`${file}${ending}`, { force: true });
}

const LOG_MAGIC = [0x377f0682, 0x377f0683];

/** Whether a log begins as one of this file's pages does; null where it does. Source: SQLite's published file format, write-ahead log. */
function headFault(file: string): string | null {
  const log = readFileSync(`${file}${LOG}`).subarray(0, 32);
  const head = readFileSync(file).subarray(0, 32);
  if (log.length < 32 || !LOG_MAGIC.includes(log.readUInt32BE(0))) return 'it does not begin as one';
  const pageOf = (bytes: number): number => (bytes === 1 ? 65_536 : bytes);
  return log.readUInt32BE(8) === pageOf(head.readUInt16BE(16)) ? null : 'its pages are of another size';
}

/** A name for the first rows of a table that is only ever added to: one file and a later one of the same shop give the same. */
function firstRows(raw: Database.Database, table: string, count: number): string {
  const name = createHash('sha256');
  for (const row of raw.prepare(`select * from "${table}" order by rowid limit ?`).raw().iterate(count))
    name.update(JSON.stringify(row));
  return name.digest('hex');
}

/** The first table of those only added to whose rows are not all in another file, as they were. */
function changedIn(file: string, other: string): string | undefined {
  const [one, two] = [file, other].map((which) => new Database(which, { fileMustExist: true, readonly: true })) as [
    Database.Database,
    Database.Database,
  ];
  try {
    const counts = countsOf(one);
    return APPENDED.filter((table) => counts[table] !== undefined).find(
      (table) => firstRows(one, table, counts[table] ?? 0) !== firstRows(two, table, counts[table] ?? 0),
    );
  } finally {
    one.close();
    two.close();
  }
}

type Standing = { readonly id: string; readonly damage: readonly string[] };

/** What stands in a file; null where it cannot be read, as one that was cut off while its records were folded in. */
function standingOf(file: string): Standing | null {
  try {
    const raw = new Database(file, { fileMustExist: true });
    try {
      return { id: idOfShop(raw), damage: damageOf(raw) };
    } finally {
      raw.close();
    }
  } catch {
    return null;
  }
}

/**
 * Copies a file to another name with the records that lie beside it folded in. The file itself and what lies beside it are not touched.
 * @returns why what lies beside it does not belong to it, in words; null where the copy is whole
 */
export function copyWhole(file: string, to: string): string | null {
  removeWhole(to);
  copyFileSync(file, to);
  if (existsSync(`${file}-journal`)) copyFileSync(`${file}-journal`, `${to}-journal`);
  if (!hasLog(file)) return null;
  const not = (why: string): string =>
    `${path.basename(file)}${LOG} beside it does not belong to it (${why}): bring the one that does, or move it away to go without it`;
  try {
    const fault = headFault(file);
    if (fault) return not(fault);
    const alone = standingOf(to);
    const aside = `${to}.alone`;
    copyFileSync(to, aside);
    copyFileSync(`${file}${LOG}`, `${to}${LOG}`);
    const both = standingOf(to);
    if (!both) return alone ? not('with it the file cannot be read') : null;
    if (!alone || alone.damage.length > 0) return null;
    if (both.damage.length > 0) return not(both.damage[0] ?? '');
    if (alone.id !== '' && both.id !== alone.id) return not('it is of another shop');
    const changed = changedIn(aside, to);
    return changed ? not(`with it rows of ${changed} are gone or others than without`) : null;
  } catch (fault) {
    return not(fault instanceof Error ? fault.message : String(fault));
  } finally {
    removeWhole(`${to}.alone`);
  }
}

/** Runs something on a file that nothing lies beside: the file itself, or a copy with the records beside it folded in. */
export function onWhole<T>(file: string, run: (whole: string) => T, refused: (why: string) => T): T {
  if (!hasLog(file)) return run(file);
  const folder = mkdtempSync(path.join(tmpdir(), 'rendle-look-'));
  try {
    const whole = path.join(folder, 'whole.sqlite');
    const fault = copyWhole(file, whole);
    return fault ? refused(fault) : run(whole);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}
