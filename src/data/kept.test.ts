import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { eq } from 'drizzle-orm';
import { afterAll, describe, expect, it } from 'vitest';
import { ok } from '@/core/quantity';
import { command } from './command';
import { migrateOpen, openFile } from './db';
import { keep, whileFilling } from './kept';
import { place } from './schema';
import { places } from './shop/queries';

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

describe('what is kept of the file', () => {
  it('is made once while nothing changes, each under its own name', () => {
    let made = 0;
    const read = (key: string) => keep(one.db, key, () => ++made);
    expect([read('a'), read('a'), read('b'), read('a')]).toEqual([1, 1, 2, 1]);
  });
  it('is made anew after a change by this process, and by another', () => {
    expect(places(one.db)).toEqual([]);
    one.db.insert(place).values({ name: 'Bench', kind: 'bench' }).run();
    expect(places(one.db).map((row) => row.name)).toEqual(['Bench']);
    other.db.insert(place).values({ name: 'Rack', kind: 'rack' }).run();
    expect(places(one.db).map((row) => row.name)).toEqual(['Bench', 'Rack']);
  });
  it('stays as it was while another thread fills a list in, but for what this process writes, and is made anew at the end', async () => {
    const before = places(one.db).length;
    await whileFilling(async () => {
      other.db.insert(place).values({ name: 'Shed', kind: 'rack' }).run();
      expect(places(one.db)).toHaveLength(before);
      one.db.insert(place).values({ name: 'Loft', kind: 'rack' }).run();
      expect(places(one.db)).toHaveLength(before + 2);
    });
    other.db.delete(place).where(eq(place.name, 'Shed')).run();
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
});
