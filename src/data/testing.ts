import { migrate } from 'drizzle-orm/better-sqlite3/migrator';
import { type Db, openFile } from './db';

/** An empty, migrated shop's file in memory, for tests. */
export function emptyDb(): Db {
  const { db } = openFile(':memory:');
  migrate(db, { migrationsFolder: 'drizzle' });
  return db;
}

/** What SQLite said when it refused; empty when it did not. */
export function refusal(run: () => unknown): string {
  try {
    run();
    return '';
  } catch (error) {
    return String((error as Error).cause ?? error);
  }
}
