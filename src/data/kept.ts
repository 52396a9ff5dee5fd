import 'server-only';
import { randomBytes } from 'node:crypto';
import type Database from 'better-sqlite3';
import type { Db } from './db';
import { preparedOnce } from './prepared';

/** A value that was read or reckoned, the tables it was read from, and how often each had been written then. */
type Value = { readonly value: unknown; readonly from: ReadonlyMap<string, number> };
type OpenValues = {
  /** Told apart from what another run of this shop kept. */
  readonly run: string;
  readonly changes: Database.Statement;
  readonly outside: Database.Statement;
  /** How often each table was written by this process. */
  readonly written: Map<string, number>;
  /** All writes of this process that were seen. */
  seen: number;
  at: { readonly outside: unknown; readonly changes: unknown; readonly seen: number } | null;
  /** How often everything was dropped at once. */
  dropped: number;
  /** Whether the file was asked in this turn of the event loop. */
  asked: boolean;
  readonly values: Map<string, Value>;
  /** Tables read since each value under way was begun, the innermost last. */
  readonly underway: Set<string>[];
};
// On the process, not on the module: a server may load this file once for its start and once for its pages.
const held = globalThis as { rendleFilling?: number; rendleKept?: WeakMap<Database.Database, OpenValues> };
held.rendleKept ??= new WeakMap();
const kept = held.rendleKept;

/** Past so many kept values all are dropped: some are kept by the day or the hour. */
const MOST_KEPT = 5000;

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

/** An open file whose statements are prepared once, and whose reads and writes are noted for what is kept of it. */
export function watched(raw: Database.Database): Database.Database {
  const values: OpenValues = {
    run: randomBytes(6).toString('base64url'),
    changes: raw.prepare('select total_changes()').pluck(),
    outside: raw.prepare('pragma data_version').pluck(),
    written: new Map(),
    seen: 0,
    at: null,
    dropped: 0,
    asked: false,
    values: new Map(),
    underway: [],
  };
  const client = preparedOnce(raw, ({ writes, tables }) => {
    if (writes) {
      values.seen++;
      values.asked = false;
      // Only the first is written; the others are read for it.
      const [into] = tables;
      if (into) values.written.set(into, (values.written.get(into) ?? 0) + 1);
    }
    for (const reading of values.underway) for (const table of tables) reading.add(table);
  });
  kept.set(client, values);
  return client;
}

const clientOf = (db: Db): Database.Database | undefined => (db as { readonly $client?: Database.Database }).$client;

/**
 * Brings what is kept up to date: what others wrote (`data_version`), or a write of this process that was not seen (`total_changes`), drops
 * all of it. It is asked once in a turn of the event loop, and again after a write.
 */
function lookAtFile(values: OpenValues): void {
  if (values.asked) return;
  values.asked = true;
  setImmediate(() => {
    values.asked = false;
  });
  const { at, seen } = values;
  const outside = held.rendleFilling && at ? at.outside : values.outside.get();
  const changes = values.changes.get();
  const unseen = at !== null && (outside !== at.outside || (changes !== at.changes && seen === at.seen));
  if (unseen || values.values.size > MOST_KEPT) {
    values.values.clear();
    values.dropped++;
  }
  values.at = { outside, changes, seen };
}

/**
 * What was read or reckoned from the file, until a table it was read from is written: which ones is noted while it is made, also of what is
 * kept and used for it. Inside a transaction nothing is kept, so that a command always sees what it has just written.
 */
export function keep<T>(db: Db, key: string, make: () => T): T {
  const client = clientOf(db);
  const values = client && kept.get(client);
  if (!client || !values || client.inTransaction) return make();
  lookAtFile(values);
  const { written, underway } = values;
  const known = values.values.get(key);
  if (known && [...known.from].every(([table, times]) => (written.get(table) ?? 0) === times)) {
    for (const reading of underway) for (const table of known.from.keys()) reading.add(table);
    return known.value as T;
  }
  const reading = new Set<string>();
  underway.push(reading);
  try {
    const value = make();
    values.values.set(key, { value, from: new Map([...reading].map((table) => [table, written.get(table) ?? 0])) });
    return value;
  } finally {
    underway.pop();
  }
}

/** A text that is another one when anything in the file changed, and after a restart. */
export function versionOf(db: Db): string {
  const client = clientOf(db);
  const values = client && kept.get(client);
  if (!values) return '';
  lookAtFile(values);
  return `${values.run}.${values.dropped}.${values.at?.changes}`;
}
