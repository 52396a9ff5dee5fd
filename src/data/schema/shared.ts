import { sql } from 'drizzle-orm';
import { type AnySQLiteColumn, check, integer } from 'drizzle-orm/sqlite-core';

/** UTC milliseconds. */
export const moment = (name: string) => integer(name);
/** A row of another table that each row names. */
export const refer = (name: string, to: () => AnySQLiteColumn) => integer(name).notNull().references(to);
/** Bumped by every change of a row that people edit; a stale write is refused. */
export const version = () => integer('version').notNull().default(1);

/** A check that some numbers are above zero where they are there. */
export const positive = (name: string, column: AnySQLiteColumn) => check(name, sql`${column} > 0`);
/** A check that a text is one of a list. */
export const oneOf = (name: string, column: AnySQLiteColumn, values: readonly string[]) =>
  check(name, sql.raw(`${column.name} in (${values.map((value) => `'${value}'`).join(', ')})`));
