import 'server-only';
import { type SQL, sql } from 'drizzle-orm';
import type { SQLiteColumn, SQLiteTable } from 'drizzle-orm/sqlite-core';
import { dateOf } from '@/core/quantity';
import { chalkNumber } from '@/core/trace';
import type { Db } from '../db';
import { theShop } from './queries';

type Numbered = {
  readonly table: SQLiteTable;
  readonly column: SQLiteColumn;
  /** Before the year: `S` for bought lots, none for batches. */
  readonly prefix: string;
  readonly digits: number;
  /** Rows whose numbers are of another kind. */
  readonly but?: SQL;
};

/** The next free number of a year, one past the highest that was ever given: `S26-01`, `26-001`. */
export function nextNumber(db: Db, { table, column, prefix, digits, but }: Numbered, nowMs: number): string {
  const year = Number(dateOf(nowMs, theShop(db).zone).slice(0, 4));
  const stem = chalkNumber(prefix, year, 0, digits).slice(0, -digits);
  const last = db
    .select({ most: sql<number | null>`max(cast(substr(${column}, ${stem.length + 1}) as integer))` })
    .from(table)
    .where(but ? sql`${column} like ${`${stem}%`} and ${but}` : sql`${column} like ${`${stem}%`}`)
    .get();
  return chalkNumber(prefix, year, (last?.most ?? 0) + 1, digits);
}
