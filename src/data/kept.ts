import 'server-only';
import type Database from 'better-sqlite3';
import type { Db } from './db';

type CachedValues = { readonly changes: Database.Statement; outside: unknown; at: string; values: Map<string, unknown> };
const kept = new WeakMap<Database.Database, CachedValues>();
const held = globalThis as { rendleFilling?: number };

/**
 * While another thread of this server fills a long list in, part by part, what was reckoned stays as it was before: it is reckoned anew
 * once, at the end, and not after every part. What this process itself writes counts at once as ever.
 */
export async function whileFilling<T>(run: () => Promise<T>): Promise<T> {
  held.rendleFilling = (held.rendleFilling ?? 0) + 1;
  try {
    return await run();
  } finally {
    held.rendleFilling--;
  }
}

/**
 * What was read or reckoned from the file, until anything in it changes: `total_changes` counts what this process wrote, `data_version`
 * what others did. Inside a transaction nothing is kept, so that a command always sees what it has just written.
 */
export function keep<T>(db: Db, key: string, make: () => T): T {
  const client = (db as { readonly $client?: Database.Database }).$client;
  if (!client || client.inTransaction) return make();
  const known: CachedValues = kept.get(client) ?? {
    changes: client.prepare('select total_changes()').pluck(),
    outside: null,
    at: '',
    values: new Map(),
  };
  kept.set(client, known);
  if (!held.rendleFilling || known.outside === null) known.outside = client.pragma('data_version', { simple: true });
  const at = `${known.outside}.${known.changes.get()}`;
  if (known.at !== at) {
    known.at = at;
    known.values = new Map();
  }
  if (!known.values.has(key)) known.values.set(key, make());
  return known.values.get(key) as T;
}
