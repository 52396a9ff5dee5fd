import 'server-only';
import type { Db } from './db';
import { clientOf, fileOf, kept, type OpenValues } from './watched';

const held = globalThis as { rendleFilling?: number };

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
 * @param stamp what else it was made of; with another one it is made anew, and takes the place of the one before
 */
export function keep<T>(db: Db, key: string, make: () => T, stamp: string | number = ''): T {
  const client = clientOf(db);
  const values = client && kept.get(client);
  if (!client || !values || client.inTransaction) return make();
  lookAtFile(values);
  const { written, underway } = values;
  const known = values.values.get(key);
  if (known && known.stamp === stamp && [...known.from].every(([table, times]) => (written.get(table) ?? 0) === times)) {
    for (const reading of underway) for (const table of known.from.keys()) reading.add(table);
    return known.value as T;
  }
  const reading = new Set<string>();
  underway.push(reading);
  try {
    const value = make();
    values.values.set(key, { value, stamp, from: new Map([...reading].map((table) => [table, written.get(table) ?? 0])) });
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

const grown = new WeakMap<object, Map<string, { readonly key: string; readonly value: unknown }>>();

/**
 * What is computed from rows that are only ever added, until its key says that some were. Inside a transaction it is used where the key is
 * still the same, and never kept: the transaction may be rolled back.
 * @param key what tells how far the rows were read, such as the newest one's id
 */
export function keepUntilMore<T>(db: Db, name: string, key: string, make: () => T): T {
  const file = fileOf(db);
  const values = grown.get(file) ?? new Map<string, { readonly key: string; readonly value: unknown }>();
  grown.set(file, values);
  const known = values.get(name);
  if (known?.key === key) return known.value as T;
  const value = make();
  if (clientOf(db)) values.set(name, { key, value });
  return value;
}
