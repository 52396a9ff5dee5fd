import 'server-only';
import type Database from 'better-sqlite3';

/** Whether a file has a table, whatever shape it is of. */
export const hasTable = (raw: Database.Database, table: string): boolean =>
  raw.prepare("select 1 from sqlite_master where type = 'table' and name = ?").get(table) !== undefined;

/** Whether a table of a file has a column; false where there is no such table. */
export const hasColumn = (raw: Database.Database, table: string, column: string): boolean =>
  (raw.pragma(`table_info(${table})`) as readonly { readonly name: string }[]).some((one) => one.name === column);
