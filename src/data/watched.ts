import 'server-only';
import { randomBytes } from 'node:crypto';
import type Database from 'better-sqlite3';
import { preparedOnce } from './prepared';

/** A value that was read or reckoned, the tables it was read from, and how often each had been written then. */
type Value = { readonly value: unknown; readonly stamp: string | number; readonly from: ReadonlyMap<string, number> };
export type OpenValues = {
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

/** What the triggers of a table write besides it; a test holds it against those of the file. */
export const WRITTEN_BESIDE: Readonly<Record<string, readonly string[]>> = {
  room_reading: ['room_hour', 'room_season'],
  lot: ['lot_left'],
  movement: ['lot_left'],
  batch: ['batch_open'],
  release: ['batch_open'],
  piece: ['piece_unsold'],
  sale: ['piece_unsold'],
};

// On the process, not on the module: a server may load this file once for its start and once for its pages.
const held = globalThis as { rendleKept?: WeakMap<Database.Database, OpenValues> };
held.rendleKept ??= new WeakMap();
export const kept = held.rendleKept;

/** The open file of a `Db`; none inside a transaction. */
export const clientOf = (db: object): Database.Database | undefined => (db as { readonly $client?: Database.Database }).$client;

/** The open file behind a `Db`, the same one inside a transaction. */
export const fileOf = (db: object): object => (db as { readonly session: { readonly client: object } }).session.client;

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
      if (into)
        for (const table of [into, ...(WRITTEN_BESIDE[into] ?? [])])
          values.written.set(table, (values.written.get(table) ?? 0) + 1);
    }
    for (const reading of values.underway) for (const table of tables) reading.add(table);
  });
  kept.set(client, values);
  return client;
}
