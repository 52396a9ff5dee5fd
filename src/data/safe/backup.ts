import 'server-only';
import { closeSync, existsSync, openSync, readSync, renameSync, rmSync, statSync } from 'node:fs';
import path from 'node:path';
import Database from 'better-sqlite3';
import { knownMigrations, migrationsOf } from '../db';
import { filesBeside, flushFile, flushFolder, hashOf, keepFile, keptIn, partOf } from '../files';
import { hasTable } from '../has';
import { APPENDED, countsOf, damageOf, filesNamed } from './checked';
import { onWhole } from './whole';

/** What a copy came to: how many files went in, and which were named but not there whole. */
export type Copied = { readonly files: number; readonly lacking: readonly string[] };
/** A copy was not made, and why, in words. */
export class NotCopied extends Error {
  override name = 'NotCopied';
}

/** Whether a file begins as a SQLite file does. */
export function isSqlite(file: string): boolean {
  const head = Buffer.alloc(16);
  const handle = openSync(file, 'r');
  try {
    return readSync(handle, head, 0, 16, 0) === 16 && head.toString('latin1') === 'SQLite format 3\0';
  } finally {
    closeSync(handle);
  }
}

/**
 * Packs the files that rows name into a copy, each looked at by its hash; or keeps them in a folder beside it, which copies share, so that a
 * photo is not kept twenty times.
 */
function pack(copy: Database.Database, folder: string, beside: string | null): Copied {
  if (beside === null) copy.exec('create table kept_file (name text primary key, bytes blob not null) strict');
  const into = beside === null ? copy.prepare('insert into kept_file (name, bytes) values (?, ?)') : null;
  const put = (hash: string, bytes: Uint8Array): void => {
    if (into) into.run(hash, bytes);
    else keepFile(bytes, beside ?? '');
  };
  const lacking: string[] = [];
  let files = 0;
  for (const hash of new Set(filesNamed(copy))) {
    const kept = keptIn(folder, hash);
    if (kept.state === 'whole') {
      put(hash, kept.bytes);
      files++;
    } else lacking.push(hash);
  }
  return { files, lacking };
}

/**
 * A consistent copy of a shop's file while it is open, the files that lie beside it packed in. It is written under another name, checked
 * whole, and only then gets its own: what is cut off leaves nothing that looks good.
 * @param asIs a damaged file is copied all the same, for rescue
 * @param sharing its files are kept in a folder beside it, which it shares with other copies, and not packed in
 * @throws NotCopied with words, where the file is damaged or the copy is not what it should be
 */
export async function backup(
  from: string,
  to: string,
  { asIs = false, sharing = false, nowMs }: { readonly asIs?: boolean; readonly sharing?: boolean; readonly nowMs: number },
): Promise<Copied> {
  const part = partOf(to);
  if (!existsSync(from) || statSync(from).size === 0 || !isSqlite(from))
    throw new NotCopied(`${from} is empty or no SQLite file: there is no shop in it to copy.`);
  try {
    const source = new Database(from, { fileMustExist: true, readonly: true });
    let before: Record<string, number>;
    try {
      if (!asIs && !isShop(source)) throw new NotCopied(`${from} is a database, but no shop of this kind: nothing was copied.`);
      const damage = asIs ? [] : damageOf(source);
      if (damage.length > 0)
        throw new NotCopied(`${from} is damaged: ${damage[0]}. Restore the newest good copy, or copy it as it is with --as-is.`);
      before = asIs ? {} : countsOf(source);
      await source.backup(part);
    } finally {
      source.close();
    }
    const copy = new Database(part);
    let copied: Copied;
    try {
      copy.pragma('journal_mode = DELETE');
      copied = pack(copy, filesBeside(from), sharing ? filesBeside(to) : null);
      copy.exec('create table backup_note (made_at integer not null, migrations integer not null, counts text not null) strict');
      copy
        .prepare('insert into backup_note (made_at, migrations, counts) values (?, ?, ?)')
        .run(nowMs, migrationsOf(copy), JSON.stringify(asIs ? {} : countsOf(copy)));
      const damage = asIs ? [] : damageOf(copy);
      if (damage.length > 0)
        throw new NotCopied(`The copy came out damaged: ${damage[0]}. Try again, on another disk if it does so twice.`);
      const now = asIs ? {} : countsOf(copy);
      const short = APPENDED.find((table) => (now[table] ?? 0) < (before[table] ?? 0));
      if (short) throw new NotCopied(`The copy holds fewer rows of ${short} than the shop. Try again.`);
    } finally {
      copy.close();
    }
    flushFile(part);
    renameSync(part, to);
    flushFolder(path.dirname(path.resolve(to)));
    return copied;
  } catch (fault) {
    for (const ending of ['', '-journal', '-wal', '-shm']) rmSync(`${part}${ending}`, { force: true });
    throw fault;
  }
}

/** What was found of a copy: whether it can be restored, what stands against it, and what it lacks without being useless for it. */
export type Verified = {
  readonly ok: boolean;
  readonly faults: readonly string[];
  readonly lacking: readonly string[];
  readonly madeAt: number | null;
  readonly counts: Readonly<Record<string, number>>;
};

const bad = (fault: string): Verified => ({ ok: false, faults: [fault], lacking: [], madeAt: null, counts: {} });
/** Whether a database holds a shop's tables. */
const isShop = (raw: Database.Database): boolean => hasTable(raw, '__drizzle_migrations') && hasTable(raw, 'movement');

/** What a look at a file that was not made by `backup` leaves beside it. */
const LOGS = ['-wal', '-shm'] as const;

/** Looks a copy over as a restore would, with the records a stopped server left beside it: nothing is written where it lies. */
export function verify(file: string): Verified {
  if (!existsSync(file)) return bad('there is no such file');
  if (statSync(file).size === 0) return bad('it is empty');
  if (!isSqlite(file)) return bad('it is no SQLite file: it was cut off, or it is something else');
  return onWhole(file, (whole) => lookOver(whole, filesBeside(file)), bad);
}

/** Looks over a file nothing lies beside, with the folder of files it may name. */
function lookOver(file: string, folder: string): Verified {
  const before = LOGS.filter((ending) => existsSync(/* turbopackIgnore: true */ `${file}${ending}`));
  const raw = new Database(file, { fileMustExist: true, readonly: true });
  try {
    if (!isShop(raw)) return bad('it is no shop of this kind');
    if (migrationsOf(raw) > knownMigrations())
      return bad('it was written by a newer version than this one: restore it with that, or bring this one up to date');
    const faults = damageOf(raw);
    const note = hasTable(raw, 'backup_note')
      ? (raw.prepare('select made_at, counts from backup_note').get() as { made_at: number; counts: string } | undefined)
      : undefined;
    const counts = countsOf(raw);
    const said = note ? (JSON.parse(note.counts) as Record<string, number>) : {};
    const less = Object.entries(said).filter(([table, n]) => (counts[table] ?? 0) !== n);
    for (const [table, n] of less) faults.push(`it holds ${counts[table] ?? 0} rows of ${table}, and was made with ${n}`);
    const packed = new Set<string>();
    if (hasTable(raw, 'kept_file'))
      for (const { name, bytes } of raw.prepare('select name, bytes from kept_file').iterate() as Iterable<{
        name: string;
        bytes: Buffer;
      }>) {
        if (hashOf(bytes) === name) packed.add(name);
        else faults.push(`the file ${name.slice(0, 12)}… in it is not what it was`);
      }
    const lacking = filesNamed(raw).filter((hash) => !packed.has(hash) && keptIn(folder, hash).state !== 'whole');
    return { ok: faults.length === 0, faults, lacking, madeAt: note?.made_at ?? null, counts };
  } catch (fault) {
    return bad(`it cannot be read: ${fault instanceof Error ? fault.message : String(fault)}`);
  } finally {
    raw.close();
    for (const ending of LOGS) if (!before.includes(ending)) rmSync(`${file}${ending}`, { force: true });
  }
}
