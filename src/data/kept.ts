import 'server-only';
import type Database from 'better-sqlite3';
import type { Db } from './db';

type Kept = { readonly changes: Database.Statement; at: string; values: Map<string, unknown> };
const kept = new WeakMap<Database.Database, Kept>();

/**
 * What was read or reckoned from the file, until anything in it changes: `total_changes` counts what this process wrote, `data_version`
 * what others did. Inside a transaction nothing is kept, so that a command always sees what it has just written.
 */
export function keep<T>(db: Db, key: string, make: () => T): T {
  const client = (db as { readonly $client?: Database.Database }).$client;
  if (!client || client.inTransaction) return make();
  const known: Kept = kept.get(client) ?? {
    changes: client.prepare('select total_changes()').pluck(),
    at: '',
    values: new Map(),
  };
  kept.set(client, known);
  const at = `${client.pragma('data_version', { simple: true })}.${known.changes.get()}`;
  if (known.at !== at) {
    known.at = at;
    known.values = new Map();
  }
  if (!known.values.has(key)) known.values.set(key, make());
  return known.values.get(key) as T;
}
