import 'server-only';
import type Database from 'better-sqlite3';

/** How many statements are kept prepared: more than a shop has, but for lists whose length is part of the text. */
const MOST_KEPT = 800;

/** Tables a statement reads or writes, by its text. A name that is no table (of a sub-query) does no harm. */
type Touched = { readonly writes: boolean; readonly tables: readonly string[] };
const NAMED = /\b(?:from|join|into|update)\s+["`]?(\w+)["`]?/gi;
const WRITES = /^\s*(?:insert|update|delete|replace)\b/i;

const touchedBy = (sql: string): Touched => ({
  writes: WRITES.test(sql),
  tables: [...new Set([...sql.matchAll(NAMED)].map((found) => (found[1] as string).toLowerCase()))],
});

/** What is told of each statement as it is asked for. */
export type Watch = (touched: Touched) => void;

/**
 * An open file whose statements are prepared once: preparing takes longer than most of them run. A statement that is still being read, and
 * one more than are kept, is prepared anew.
 * @param watch told which tables each statement touches, just before it runs
 */
export function preparedOnce(raw: Database.Database, watch: Watch): Database.Database {
  const known = new Map<string, { readonly statement: Database.Statement; readonly touched: Touched }>();
  const prepare = (sql: string): Database.Statement => {
    const kept = known.get(sql);
    if (kept) {
      watch(kept.touched);
      if (!kept.statement.busy) {
        if (kept.statement.reader) kept.statement.raw(false);
        return kept.statement;
      }
    }
    const statement = raw.prepare(sql);
    const touched = kept?.touched ?? touchedBy(sql);
    if (!kept) {
      watch(touched);
      const [oldest] = known.keys();
      if (known.size >= MOST_KEPT && oldest !== undefined) known.delete(oldest);
      known.set(sql, { statement, touched });
    }
    return statement;
  };
  return new Proxy(raw, {
    get: (target, key) => {
      if (key === 'prepare') return prepare;
      const value: unknown = Reflect.get(target, key, target);
      return typeof value === 'function' ? value.bind(target) : value;
    },
  });
}
