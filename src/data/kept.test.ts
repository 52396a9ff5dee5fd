import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import Database from 'better-sqlite3';
import { eq } from 'drizzle-orm';
import { afterAll, describe, expect, it } from 'vitest';
import { ok } from '@/core/quantity';
import { command } from './command';
import { migrateOpen, openFile } from './db';
import { keep, keepUntilMore, whileFilling } from './kept';
import { preparedOnce } from './prepared';
import { container, place, roomHour, roomReading } from './schema';
import { places } from './shop/queries';
import { WRITTEN_BESIDE } from './watched';

const folder = mkdtempSync(path.join(tmpdir(), 'rendle-kept-'));
const file = path.join(folder, 'shop.sqlite');
const one = openFile(file);
migrateOpen(one.raw);
const other = openFile(file);
afterAll(() => {
  one.raw.close();
  other.raw.close();
  rmSync(folder, { recursive: true, force: true });
});

/** What another process wrote is looked for once in a turn of the event loop. */
const turn = () => new Promise((resolve) => setImmediate(resolve));

describe('what is kept of the file', () => {
  it('is made once while nothing changes, each under its own name', () => {
    let made = 0;
    const read = (key: string) => keep(one.db, key, () => ++made);
    expect([read('a'), read('a'), read('b'), read('a')]).toEqual([1, 1, 2, 1]);
  });
  it('is made anew after a change by this process, and by another', async () => {
    expect(places(one.db)).toEqual([]);
    one.db.insert(place).values({ name: 'Bench', kind: 'bench' }).run();
    expect(places(one.db).map((row) => row.name)).toEqual(['Bench']);
    other.db.insert(place).values({ name: 'Rack', kind: 'rack' }).run();
    await turn();
    expect(places(one.db).map((row) => row.name)).toEqual(['Bench', 'Rack']);
  });
  it('stays as it was while another thread fills a list in, but for what this process writes, and is made anew at the end', async () => {
    const before = places(one.db).length;
    await whileFilling(async () => {
      other.db.insert(place).values({ name: 'Shed', kind: 'rack' }).run();
      await turn();
      expect(places(one.db)).toHaveLength(before);
      one.db.insert(place).values({ name: 'Loft', kind: 'rack' }).run();
      expect(places(one.db)).toHaveLength(before + 2);
    });
    other.db.delete(place).where(eq(place.name, 'Shed')).run();
    await turn();
    one.db.delete(place).where(eq(place.name, 'Loft')).run();
    expect(places(one.db)).toHaveLength(before);
  });
  it('is never kept inside a command: it sees what it has just written, and a command that is refused leaves nothing behind', () => {
    const inside = command(one.db, (tx) => {
      tx.insert(place).values({ name: 'Sill', kind: 'sill' }).run();
      return ok([places(tx).length, places(one.db).length]);
    });
    expect(inside).toMatchObject({ value: [3, 3] });
    const refused = command(one.db, (tx) => {
      tx.insert(place).values({ name: 'Lathe', kind: 'lathe' }).run();
      return { ok: false, issues: [{ code: 'not-found', path: '' }] };
    });
    expect(refused.ok).toBe(false);
    expect(places(one.db)).toHaveLength(3);
  });
  it('is made anew when a table it was read from is written, and for nothing else', () => {
    let made = 0;
    const rooms = () => keep(one.db, 'rooms', () => [++made, one.db.select().from(place).all().length]);
    const through = () => keep(one.db, 'through another', () => [++made, rooms().length]);
    through();
    expect(made).toBe(2);
    one.db.insert(container).values({ name: 'Tin', capacityMl: 100, tareG: 20, fillFraction: 0.9 }).run();
    through();
    expect(made).toBe(2);
    one.db.insert(place).values({ name: 'Loft', kind: 'rack' }).run();
    // What was made of it by way of another kept value goes with it.
    through();
    expect(made).toBe(4);
    one.db.delete(place).where(eq(place.name, 'Loft')).run();
  });
  it('is dropped by what a trigger writes too: the hours of a place with its reading', () => {
    const hours = () => keep(one.db, 'hours', () => one.db.select().from(roomHour).all().length);
    const before = hours();
    one.db.insert(roomReading).values({ placeId: 1, at: 0, tempC: 18, rhFraction: 0.5, clientId: 'r' }).run();
    expect(hours()).toBe(before + 1);
  });
  it('knows every table that a trigger of the file writes', () => {
    const triggers = one.raw.prepare("select tbl_name as of, sql from sqlite_master where type = 'trigger'").all() as {
      readonly of: string;
      readonly sql: string;
    }[];
    const written = triggers.flatMap(({ of, sql }) =>
      [...sql.replace(/^.*?\bBEGIN\b/s, '').matchAll(/\b(?:insert into|update|delete from)\s+`(\w+)`/gi)].map(([, table]) => [
        of,
        table,
      ]),
    );
    const known = Object.entries(WRITTEN_BESIDE).flatMap(([of, tables]) => tables.map((table) => [of, table]));
    expect(known).toEqual(written);
  });
  it('is computed from rows that are only added until its key says that some were, and never kept of a transaction', () => {
    let made = 0;
    const at = (db: Parameters<typeof keepUntilMore>[0], key: string) => keepUntilMore(db, 'grown', key, () => ++made);
    expect([at(one.db, '1'), at(one.db, '1'), at(one.db, '2')]).toEqual([1, 1, 2]);
    one.db.transaction((tx) => {
      // Read where the key is the same; what the transaction adds may be rolled back.
      expect([at(tx, '2'), at(tx, '3'), at(tx, '3')]).toEqual([2, 3, 4]);
    });
    expect([at(one.db, '2'), at(one.db, '3')]).toEqual([2, 5]);
  });
  it('is made anew with another stamp, in the place of the one before', () => {
    let made = 0;
    const at = (stamp: number) => keep(one.db, 'by the minute', () => ++made, stamp);
    expect([at(1), at(1), at(2), at(2), at(1)]).toEqual([1, 1, 2, 2, 3]);
  });
  it('is dropped whole by a write that was not seen', async () => {
    const count = () => keep(one.db, 'count', () => one.db.select().from(place).all().length);
    const before = count();
    await turn();
    one.raw.exec("insert into place (name, kind) values ('Cellar', 'rack')");
    expect(count()).toBe(before + 1);
    await turn();
    one.raw.exec("delete from place where name = 'Cellar'");
    expect(count()).toBe(before);
  });
});

describe('a statement', () => {
  it('is prepared once, and anew while it is being read', () => {
    const seen: string[][] = [];
    const raw = new Database(':memory:');
    raw.exec('create table tin (n integer); insert into tin values (1), (2)');
    const client = preparedOnce(raw, ({ tables, writes }) => void seen.push([...tables, String(writes)]));
    const all = 'select n from "tin" order by n';
    const first = client.prepare(all);
    expect(first.raw().all()).toEqual([[1], [2]]);
    const again = client.prepare(all);
    expect(again).toBe(first);
    expect(again.all()).toEqual([{ n: 1 }, { n: 2 }]);
    for (const _ of again.iterate()) expect(client.prepare(all)).not.toBe(first);
    client.prepare('insert into tin select n + 2 from tin').run();
    expect(client.prepare(all).all()).toHaveLength(4);
    expect(seen.at(-2)).toEqual(['tin', 'true']);
    expect(client.inTransaction).toBe(false);
  });
});
