import 'server-only';
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import Database from 'better-sqlite3';
import { z } from 'zod';

/** Who has a shop's folder open. */
const Holder = z.object({ pid: z.number(), port: z.string(), what: z.enum(['shop', 'restore', 'demo']), since: z.string() });
export type Holder = z.output<typeof Holder>;

export type Lock = { readonly ok: true; readonly release: () => void } | { readonly ok: false; readonly by: Holder | null };

/** Locks this process holds: a handle that nobody keeps would be closed when memory is tidied up, and its lock gone with it. */
const holding = globalThis as { rendleLocks?: Set<Database.Database> };

const lockOf = (folder: string): string => path.join(folder, 'open.lock');

function holderOf(folder: string): Holder | null {
  try {
    return Holder.parse(JSON.parse(readFileSync(`${lockOf(folder)}.json`, 'utf8')));
  } catch {
    return null;
  }
}

/**
 * Takes a shop's folder for this process alone. The lock is the system's own on an open file: it is gone with the process that held it,
 * however that ended, so that one left by a killed server is simply taken over.
 */
export function takeLock(folder: string, holder: Holder): Lock {
  mkdirSync(folder, { recursive: true });
  const raw = new Database(lockOf(folder), { timeout: 0 });
  try {
    raw.exec('begin exclusive');
  } catch (fault) {
    raw.close();
    if (fault instanceof Error && 'code' in fault && String(fault.code).startsWith('SQLITE_BUSY'))
      return { ok: false, by: holderOf(folder) };
    throw fault;
  }
  holding.rendleLocks ??= new Set();
  holding.rendleLocks.add(raw);
  writeFileSync(`${lockOf(folder)}.json`, JSON.stringify(holder));
  return {
    ok: true,
    release: () => {
      if (existsSync(`${lockOf(folder)}.json`)) rmSync(`${lockOf(folder)}.json`, { force: true });
      holding.rendleLocks?.delete(raw);
      raw.close();
    },
  };
}

/** Who holds a folder, in words. */
export const heldWords = (folder: string, by: Holder | null): string =>
  by
    ? `The shop in ${folder} is open already: ${by.what === 'shop' ? `a server on port ${by.port}` : `a ${by.what}`} (process ${by.pid}) since ${by.since}. Stop that one first.`
    : `The shop in ${folder} is open already in another process. Stop that one first.`;
