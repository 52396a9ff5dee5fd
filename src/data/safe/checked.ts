import 'server-only';
import type Database from 'better-sqlite3';
import { hasColumn } from '../has';

/** Columns in which a row names a file beside the database by its hash. */
export const FILE_COLUMNS = [
  ['log_entry', 'photo'],
  ['declaration', 'hash'],
  ['care_report', 'photo'],
  ['own_material', 'photo_hash'],
  ['ready_made', 'photo_hash'],
  ['reference', 'photo_hash'],
  ['trial_picture', 'photo'],
] as const;

/** Nothing is ever taken out of these tables: a later copy of a shop holds at least as many rows of each. */
export const APPENDED = ['log_entry', 'movement', 'release', 'pour_entry', 'step_change'] as const;

/** Hashes of the files that rows name; nothing of a column that is not there yet. */
export const filesNamed = (raw: Database.Database): string[] =>
  FILE_COLUMNS.flatMap(([table, column]) =>
    hasColumn(raw, table, column)
      ? (raw.prepare(`select distinct ${column} as hash from ${table} where ${column} is not null`).all() as { hash: string }[])
      : [],
  ).map((row) => row.hash);

/** Rows by table, the shop's own tables alone. */
export function countsOf(raw: Database.Database): Record<string, number> {
  const names = raw
    .prepare(
      "select name from sqlite_master where type = 'table' and name not like 'sqlite_%' and name not in ('kept_file', 'backup_note')",
    )
    .all() as { readonly name: string }[];
  return Object.fromEntries(
    names.map(({ name }) => [name, (raw.prepare(`select count(*) as n from "${name}"`).get() as { n: number }).n]),
  );
}

/** What SQLite itself finds wrong with a file, in words; nothing where it is sound. `quick` leaves out what takes long. */
export function damageOf(raw: Database.Database, quick = false): string[] {
  try {
    return damageIn(raw, quick);
  } catch (fault) {
    return [`it cannot be read through: ${fault instanceof Error ? fault.message : String(fault)}`];
  }
}

function damageIn(raw: Database.Database, quick: boolean): string[] {
  const found = raw.pragma(quick ? 'quick_check(5)' : 'integrity_check(5)') as readonly Record<string, string>[];
  const damage = found.map((row) => Object.values(row)[0] ?? '').filter((says) => says !== 'ok');
  const loose = quick ? [] : (raw.pragma('foreign_key_check') as readonly { readonly table: string }[]);
  return [
    ...damage.map((says) => `its pages are damaged: ${says}`),
    ...[...new Set(loose.map((row) => row.table))].map((table) => `rows of ${table} lost what they refer to`),
  ];
}
