import 'server-only';
import { copyFileSync, existsSync, mkdirSync, renameSync, rmSync } from 'node:fs';
import path from 'node:path';
import Database from 'better-sqlite3';
import { bringUpToDate } from '../db';
import { filesBeside, flushFile, flushFolder, keepFile, keptIn } from '../files';
import { hasTable } from '../has';
import { type Verified, verify } from './backup';
import { filesNamed } from './checked';
import { heldWords, takeLock } from './lock';
import { BESIDE, copyWhole, removeWhole } from './whole';

/** A copy was not put back, and why, in words. Nothing was changed. */
export class NotRestored extends Error {}

export type Restored = {
  /** Where what stood there before was kept; null where nothing did. */
  readonly before: string | null;
  readonly files: number;
  readonly lacking: readonly string[];
};

/** Files that lie beside a copy, where it shares a folder of them with others. */
function bring(from: string, raw: Database.Database, folder: string): number {
  let files = 0;
  for (const hash of filesNamed(raw)) {
    const kept = keptIn(filesBeside(from), hash);
    if (kept.state !== 'whole') continue;
    keepFile(kept.bytes, folder);
    files++;
  }
  return files;
}

/** Unpacks the files of a copy beside a shop, each looked at by its hash; what is there whole stays. */
function unpack(fresh: string, from: string, folder: string): number {
  const raw = new Database(fresh, { fileMustExist: true, readonly: true });
  try {
    if (!hasTable(raw, 'kept_file')) return bring(from, raw, folder);
    let files = 0;
    for (const { name, bytes } of raw.prepare('select name, bytes from kept_file').iterate() as Iterable<{
      name: string;
      bytes: Buffer;
    }>) {
      if (keepFile(bytes, folder) !== name)
        throw new NotRestored(`The file ${name.slice(0, 12)}… in this copy is not what it was.`);
      files++;
    }
    return files;
  } finally {
    raw.close();
  }
}

/** Folds what a killed server left in its log into the file, as far as the file still opens. */
function settle(file: string): void {
  try {
    const raw = new Database(file, { fileMustExist: true });
    try {
      raw.pragma('journal_mode = DELETE');
    } finally {
      raw.close();
    }
  } catch {
    // A damaged file is kept as it is, its log beside it.
  }
}

/** Keeps what stands there now under another name, its log with it where that could not be folded in. */
function keepBefore(file: string, stamp: string): string | null {
  if (!existsSync(file)) return null;
  settle(file);
  const before = `${file}.before-restore-${stamp}`;
  for (const ending of ['', ...BESIDE]) {
    if (!existsSync(`${file}${ending}`)) continue;
    copyFileSync(`${file}${ending}`, `${before}${ending}`);
    flushFile(`${before}${ending}`);
  }
  return before;
}

/**
 * Puts a copy in place of a shop's file, in one step that survives a kill at any moment: until the last rename what stood there stands, after
 * it the restored shop does, brought up to date and with its files.
 * @param folder the shop's data folder
 * @param stamp names what is kept of before
 * @throws NotRestored with words where the copy is no good or the shop is open; nothing was changed then
 */
export function restore(copy: string, folder: string, stamp: string): Restored {
  const found: Verified = verify(copy);
  if (!found.ok) throw new NotRestored(`${copy} cannot be restored: ${found.faults.join('; ')}.`);
  mkdirSync(folder, { recursive: true });
  const lock = takeLock(folder, { pid: process.pid, port: '', what: 'restore', since: stamp });
  if (!lock.ok) throw new NotRestored(heldWords(folder, lock.by));
  const file = path.join(folder, 'shop.sqlite');
  const fresh = `${file}.restoring`;
  try {
    // Files are only added, each under its own hash: whatever happens next, none is lost.
    const fault = copyWhole(copy, fresh);
    if (fault) throw new NotRestored(`${copy} cannot be restored: ${fault}.`);
    const files = unpack(fresh, copy, filesBeside(file));
    bringUpToDate(fresh);
    flushFile(fresh);
    const before = keepBefore(file, stamp);
    for (const ending of BESIDE) rmSync(`${file}${ending}`, { force: true });
    renameSync(fresh, file);
    flushFolder(folder);
    return { before, files, lacking: found.lacking };
  } finally {
    removeWhole(fresh);
    lock.release();
  }
}
