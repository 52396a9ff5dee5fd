import { migrate } from 'drizzle-orm/better-sqlite3/migrator';
import { type Db, openFile } from './db';

/** An empty, migrated shop's file in memory, for tests. */
export function emptyDb(): Db {
  const { db } = openFile(':memory:');
  migrate(db, { migrationsFolder: 'drizzle' });
  return db;
}
