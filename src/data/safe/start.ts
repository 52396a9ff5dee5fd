import 'server-only';
import { accessSync, constants, existsSync, statSync } from 'node:fs';
import path from 'node:path';
import Database from 'better-sqlite3';
import { knownMigrations, migrationsOf } from '../db';
import { isSqlite } from './backup';
import { damageOf } from './checked';

/** Up to this many bytes a file is looked over before the first page when it was not closed in order. */
const LOOKED_AT_START = 200_000_000;

const RESTORE = 'Put the newest good copy back: bin/rendle restore FILE (bin/rendle verify FILE says whether it is good).';

/**
 * Why a shop's file cannot be opened, in words with what to do; null where it can, or is not there yet.
 * @param file the shop's file
 */
export function faultAtStart(file: string): string | null {
  const folder = path.dirname(file);
  if (!existsSync(file))
    return mayWrite(folder) ? null : `${folder} cannot be written to. Make it writable, or name another folder in RENDLE_DATA.`;
  if (statSync(file).size === 0) return `${file} is empty: something cut it off. It was not touched. ${RESTORE}`;
  if (!isSqlite(file)) return `${file} is no shop’s file: it does not begin as one. It was not touched. ${RESTORE}`;
  if (!mayWrite(file) || !mayWrite(folder))
    return `${file} can be read but not written to. Make the file and its folder writable for the one who starts the shop.`;
  const isUnclean = existsSync(`${file}-wal`) && statSync(`${file}-wal`).size > 0;
  try {
    // Read-only, so that looking at it changes nothing, not even its log.
    const raw = new Database(file, { fileMustExist: true, readonly: true });
    try {
      const tables = raw.prepare("select count(*) as n from sqlite_master where type = 'table'").get() as { readonly n: number };
      if (migrationsOf(raw) === 0 && tables.n > 0)
        return `${file} belongs to something else: it is a database, but no shop. Name another folder in RENDLE_DATA.`;
      if (migrationsOf(raw) > knownMigrations())
        return `${file} was written by a newer version than this one. Bring this one up to date, or restore a copy from before.`;
      const damage = isUnclean && statSync(file).size <= LOOKED_AT_START ? damageOf(raw, true) : [];
      return damage.length > 0 ? `${file} is damaged: ${damage[0]}. It was not touched. ${RESTORE}` : null;
    } finally {
      raw.close();
    }
  } catch (fault) {
    return `${file} cannot be opened: ${fault instanceof Error ? fault.message : String(fault)}. ${RESTORE}`;
  }
}

function mayWrite(what: string): boolean {
  // A folder that is not there yet is made: what counts is the nearest one that is.
  for (let at = what; ; at = path.dirname(at)) {
    if (existsSync(at)) {
      try {
        accessSync(at, constants.W_OK);
        return true;
      } catch {
        return false;
      }
    }
    if (path.dirname(at) === at) return false;
  }
}
