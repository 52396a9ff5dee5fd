import 'server-only';
import type Database from 'better-sqlite3';
import type { Db } from './db';
import { clientOf } from './watched';

/** What a query comes to once it is built: it has its text. */
type Built = { readonly getQuery: () => { readonly sql: string } };

const built = new WeakMap<Database.Database, Map<unknown, Built>>();

/**
 * A query with placeholders that is built once for each open file: building its text takes longer than running it. Each use is noted as any
 * reading of its tables is, for what is kept of them. Inside a transaction it is built anew.
 */
export const statement =
  <Q extends Built>(build: (db: Db) => Q): ((db: Db) => Q) =>
  (db) => {
    const client = clientOf(db);
    if (!client) return build(db);
    const known = built.get(client) ?? new Map<unknown, Built>();
    built.set(client, known);
    const query = known.get(build) as Q | undefined;
    if (!query) {
      const made = build(db);
      known.set(build, made);
      return made;
    }
    client.prepare(query.getQuery().sql);
    return query;
  };
