import { copyFileSync, mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import Database from 'better-sqlite3';
import { sql } from 'drizzle-orm';
import { readMigrationFiles } from 'drizzle-orm/migrator';
import { afterEach, describe, expect, it } from 'vitest';
import { REGIMENS, RESTORATIONS } from '@/core/regimen';
import { migrateFile, openFile } from '../db';
import { filesBeside, keepFile, keptFiles } from '../files';
import { backup } from '../safe/backup';
import { declaration, person } from '../schema';
import { receiveLot } from '../stores/commands';
import { allLots, containers } from '../stores/queries';
import { emptyDb, refusal } from '../testing';
import { changeShop, rebuildRooms, recordReading, setUpShop } from './commands';
import { findShop, people, places, readingsOf, seasonOf, shopHours } from './queries';

const folders: string[] = [];
const folder = (): string => {
  const made = mkdtempSync(path.join(tmpdir(), 'rendle-test-'));
  folders.push(made);
  return made;
};
afterEach(() => {
  for (const one of folders.splice(0)) rmSync(one, { recursive: true, force: true });
});

const NEW = {
  name: 'Saltwick',
  zone: 'Europe/Lisbon',
  currency: 'EUR',
  people: [{ initials: 'MO', name: 'Maren' }],
  hours: [{ day: 1, open: '08:00', close: '12:00' }],
};
const code = (result: { ok: boolean; issues?: readonly { code: string }[] }) => (result.ok ? 'ok' : result.issues?.[0]?.code);

const HOUR = 3_600_000;

describe('a shop’s file', () => {
  it('is set up once, with its people, hours, places and the regimens', () => {
    const db = emptyDb();
    expect(code(setUpShop(db, { ...NEW, zone: 'Mars/Base' }, 0))).toBe('unknown-zone');
    expect(findShop(db)).toBeNull();
    expect(code(setUpShop(db, NEW, 0))).toBe('ok');
    expect(code(setUpShop(db, NEW, 0))).toBe('already-decided');
    expect([people(db).length, places(db).length, shopHours(db).shopHours]).toEqual([1, 6, NEW.hours]);
    expect(db.get<{ n: number }>(sql`select count(*) as n from regimen_revision`)).toEqual({
      n: REGIMENS.length + RESTORATIONS.length,
    });
  });
  it('refuses a stale change and keeps the first', () => {
    const db = emptyDb();
    setUpShop(db, NEW, 0);
    const change = { name: 'One', zone: 'Europe/Lisbon', baseAddress: null, ambientC: 18, hours: [], closed: ['2031-12-24'] };
    expect([code(changeShop(db, 1, change)), code(changeShop(db, 1, { ...change, name: 'Two' }))]).toEqual(['ok', 'stale']);
    expect([findShop(db)?.name, shopHours(db).closed]).toEqual(['One', ['2031-12-24']]);
  });
  it('keeps a reading once, and gives the one before that still holds', () => {
    const db = emptyDb();
    setUpShop(db, NEW, 0);
    const [bench] = places(db);
    if (!bench) throw new Error('no bench');
    const reading = (clientId: string, at: number, tempC: number) =>
      recordReading(db, { clientId, placeId: bench.id, at, tempC, rh: 0.5 }, { personId: 1, nowMs: 4 * HOUR });
    reading('aaaaaaaa', 100, 18);
    reading('aaaaaaaa', 100, 18);
    reading('bbbbbbbb', 2 * HOUR + 300, 20);
    reading('dddddddd', 2 * HOUR + 900, 23);
    expect(readingsOf(db, bench, HOUR, 3 * HOUR)).toMatchObject([
      { tempC: 18, atMs: 100 },
      { tempC: 21.5, atMs: 2 * HOUR + 300 },
    ]);
    expect(seasonOf(db, bench.id)).toMatchObject([
      { month: 1, hour: 0, n: 1, sumTempC: 18 },
      { month: 1, hour: 2, n: 2, sumTempC: 43 },
    ]);
    const kept = [readingsOf(db, bench, 0, 9 * HOUR), seasonOf(db, bench.id)];
    db.run(sql`delete from room_hour`);
    db.run(sql`update room_season set n = 99`);
    rebuildRooms(db);
    expect([readingsOf(db, bench, 0, 9 * HOUR), seasonOf(db, bench.id)]).toEqual(kept);
    expect(refusal(() => db.run(sql`update room_reading set temp_c = 30`))).toMatch(/not changed/);
    expect(code(reading('cccccccc', 5 * HOUR, 20))).toBe('in-the-future');
    expect(
      refusal(() =>
        db.run(sql`insert into room_reading (client_id, place_id, at, temp_c, rh_fraction) values ('x', 1, 1, 20, 7)`),
      ),
    ).toMatch(/CHECK/);
    expect(
      refusal(() =>
        db.run(sql`insert into room_reading (client_id, place_id, at, temp_c, rh_fraction) values ('x', 999, 1, 20, 0.5)`),
      ),
    ).toMatch(/FOREIGN/);
    expect(refusal(() => db.run(sql`insert into person (initials, name, active, version) values ('XX', 'X', 'yes', 1)`))).toMatch(
      /cannot store TEXT/,
    );
  });
  it('is copied before it is brought up to date, and keeps every row, reference and trigger', () => {
    const home = folder();
    const file = path.join(home, 'shop.sqlite');
    const raw = new Database(file);
    // A file as it was before tables were rebuilt: the first two migrations and some stock.
    raw.exec('create table __drizzle_migrations (id integer primary key, hash text not null, created_at numeric)');
    for (const one of readMigrationFiles({ migrationsFolder: 'drizzle' }).slice(0, 2)) {
      for (const statement of one.sql) raw.exec(statement);
      raw.prepare('insert into __drizzle_migrations (hash, created_at) values (?, ?)').run(one.hash, one.folderMillis);
    }
    raw.exec(`insert into person (initials, name) values ('MO', 'Maren');
      insert into container (name, capacity_ml, fill_fraction, have) values ('Tin', 60, 0.9, 7);
      insert into lot (number, kind, ingredient_id, received_g, person_id, at) values ('S31-01', 'bought', 'beeswax', 400, 1, 0);
      insert into movement (lot_id, grams, why, person_id, at) values (1, 400, 'receive', 1, 0)`);
    raw.close();
    expect(migrateFile(file, 'third')).toMatch(/before-migration-third$/);
    expect(migrateFile(file, 'again')).toBeNull();
    expect(readdirSync(home).some((name) => name.endsWith('third'))).toBe(true);
    const again = openFile(file);
    expect(allLots(again.db)).toMatchObject([
      { number: 'S31-01', leftG: 400, name: null, readyMadeId: null, title: 'Beeswax, filtered' },
    ]);
    expect(containers(again.db)).toMatchObject([{ have: 7, tareG: null, priceMinor: null }]);
    expect(refusal(() => again.db.run(sql`update movement set grams = 1`))).toMatch(/append-only/);
    expect(
      refusal(() => again.db.run(sql`insert into movement (lot_id, grams, why, person_id, at) values (99, 1, 'receive', 1, 0)`)),
    ).toMatch(/FOREIGN/);
    again.raw.close();
  });
  it('is backed up whole while it is written to', async () => {
    const home = folder();
    const file = path.join(home, 'shop.sqlite');
    migrateFile(file, 'x');
    const { db, raw } = openFile(file);
    setUpShop(db, NEW, 0);
    const hash = keepFile(Buffer.from('a declaration'), filesBeside(file));
    receiveLot(
      db,
      {
        ingredientId: 'beeswax',
        grams: 1,
        supplier: '',
        supplierCode: '',
        openedOn: null,
        bestBefore: null,
        priceMinor: null,
        note: '',
      },
      { personId: 1, nowMs: 0 },
    );
    db.insert(declaration).values({ lotId: 1, name: 'paper', hash, bytes: 13, personId: 1, at: 0 }).run();
    const copying = backup(file, path.join(home, 'copy.sqlite'), { nowMs: 0 });
    db.insert(person).values({ initials: 'ZZ', name: 'Later' }).run();
    await copying;
    raw.close();
    const copy = new Database(path.join(home, 'copy.sqlite'));
    expect(copy.pragma('integrity_check', { simple: true })).toBe('ok');
    expect(copy.prepare('select count(*) as n from regimen').get()).toEqual({ n: REGIMENS.length + RESTORATIONS.length });
    copy.close();
    // Put in place elsewhere, it brings its files with it.
    const other = folder();
    copyFileSync(path.join(home, 'copy.sqlite'), path.join(other, 'shop.sqlite'));
    migrateFile(path.join(other, 'shop.sqlite'), 'back');
    expect(keptFiles(filesBeside(path.join(other, 'shop.sqlite')))).toEqual([hash]);
    expect(readFileSync(path.join(other, 'files', hash), 'utf8')).toBe('a declaration');
    migrateFile(path.join(other, 'shop.sqlite'), 'again');
  });
});
