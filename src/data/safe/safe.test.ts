import {
  copyFileSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  truncateSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import Database from 'better-sqlite3';
import { afterEach, describe, expect, it } from 'vitest';
import { migrateFile, openFile } from '../db';
import { filesBeside, hashOf, keepFile, keptIn, partOf, writeWhole } from '../files';
import { declaration, lot, person, shop } from '../schema';
import { setUpShop } from '../shop/commands';
import { whoHolds } from '../shop/identity';
import { receiveLot } from '../stores/commands';
import { fileOfShape, refusal } from '../testing';
import { unwritten } from '../unwritten';
import { backup, verify } from './backup';
import { bytesOf, copiesOf, copiesOfBefore, copyOfDay, dailyCopies, STAY, staying } from './daily';
import { heldWords, takeLock } from './lock';
import { restore } from './restore';
import { faultAtStart } from './start';
import { looseIn, tidy } from './tidy';

const NOW = Date.parse('2031-03-03T10:00:00Z');
const folders: string[] = [];
function folder(): string {
  const made = mkdtempSync(path.join(tmpdir(), 'rendle-safe-'));
  folders.push(made);
  return made;
}
afterEach(() => {
  for (const one of folders.splice(0)) rmSync(one, { recursive: true, force: true });
});

/** A shop with a lot and a paper on it, closed in order unless it is left open. */
function shopIn(home: string, nowMs = NOW): { readonly file: string; readonly hash: string } {
  const file = path.join(home, 'shop.sqlite');
  migrateFile(file, 'new');
  const { db, raw } = openFile(file);
  setUpShop(
    db,
    { name: 'S', zone: 'Europe/Lisbon', currency: 'EUR', people: [{ initials: 'MO', name: 'Maren' }], hours: [] },
    NOW,
  );
  const rest = { supplier: '', supplierCode: '', openedOn: null, bestBefore: null, priceMinor: null, note: '' };
  receiveLot(db, { ...rest, ingredientId: 'beeswax', grams: 500 }, { personId: 1, nowMs });
  const hash = keepFile(Buffer.from('a declaration'), filesBeside(file));
  db.insert(declaration).values({ lotId: 1, name: 'paper.pdf', hash, bytes: 13, personId: 1, at: NOW }).run();
  raw.close();
  return { file, hash };
}
const lotsIn = (file: string): number => {
  const { db, raw } = openFile(file);
  const rows = db.select().from(lot).all().length;
  raw.close();
  return rows;
};

/** Overwrites the middle of a file's pages with nonsense. */
function damage(file: string): void {
  const bytes = readFileSync(file);
  bytes.fill(0xa5, 4096 * 3, 4096 * 12);
  writeFileSync(file, bytes);
}

describe('a file beside the shop', () => {
  it('is whole or not there, once, and a broken one is replaced by a good resend', () => {
    const home = folder();
    const bytes = Buffer.from('a photo');
    const hash = keepFile(bytes, home);
    expect(hash).toBe(hashOf(bytes));
    expect(readdirSync(home)).toEqual([hash]);
    truncateSync(path.join(home, hash), 3);
    expect(keptIn(home, hash)).toEqual({ state: 'broken' });
    keepFile(bytes, home);
    expect(keptIn(home, hash)).toMatchObject({ state: 'whole' });
    expect(keptIn(home, '../shop.sqlite')).toEqual({ state: 'missing' });
    expect(keptIn(home, hashOf(Buffer.from('other')))).toEqual({ state: 'missing' });
  });
  it('leaves nothing behind where it could not be written', () => {
    const home = folder();
    // A folder stands where the file should: the rename fails as a full disk would.
    mkdirSync(path.join(home, 'taken', 'inside'), { recursive: true });
    expect(() => writeWhole(path.join(home, 'taken'), Buffer.from('x'))).toThrow();
    expect(readdirSync(home)).toEqual(['taken']);
  });
  it('that nothing refers to is listed and removed, with what a cut left; what is missing and broken is said', () => {
    const { file, hash } = shopIn(folder());
    const loose = keepFile(Buffer.from('nobody names me'), filesBeside(file));
    writeFileSync(partOf(path.join(filesBeside(file), 'cut')), 'half');
    expect(looseIn(file).loose).toHaveLength(2);
    expect(tidy(file).loose.some((one) => one.file.endsWith(loose))).toBe(true);
    expect(readdirSync(filesBeside(file))).toEqual([hash]);
    truncateSync(path.join(filesBeside(file), hash), 1);
    expect(looseIn(file)).toMatchObject({ loose: [], broken: [hash], missing: [] });
    rmSync(path.join(filesBeside(file), hash));
    expect(looseIn(file)).toMatchObject({ broken: [], missing: [hash] });
  });
});

describe('a backup', () => {
  it('is written while the shop is open, whole, with its files, and can be restored', async () => {
    const home = folder();
    const { file, hash } = shopIn(home);
    const open = openFile(file);
    const to = path.join(home, 'copy.sqlite');
    const making = backup(file, to, { nowMs: NOW });
    open.db.insert(person).values({ initials: 'ZZ', name: 'Later' }).run();
    expect(await making).toEqual({ files: 1, lacking: [] });
    open.raw.close();
    expect(verify(to)).toMatchObject({ ok: true, faults: [], lacking: [], madeAt: NOW, counts: { lot: 1 } });
    const other = folder();
    expect(restore(to, other, 'stamp')).toEqual({ before: null, files: 1, lacking: [] });
    expect(lotsIn(path.join(other, 'shop.sqlite'))).toBe(1);
    expect(keptIn(filesBeside(path.join(other, 'shop.sqlite')), hash).state).toBe('whole');
    expect(faultAtStart(path.join(other, 'shop.sqlite'))).toBeNull();
  });
  it('of a damaged shop is refused and leaves nothing, unless it is for rescue', async () => {
    const home = folder();
    const { file } = shopIn(home);
    damage(file);
    const to = path.join(home, 'copy.sqlite');
    await expect(backup(file, to, { nowMs: NOW })).rejects.toThrow(/damaged/);
    expect(readdirSync(home).filter((name) => name.includes('copy'))).toEqual([]);
  });
  it('of what is empty, foreign or not there is refused and leaves nothing', async () => {
    const home = folder();
    const to = path.join(home, 'copy.sqlite');
    const as = (name: string): string => path.join(home, name);
    writeFileSync(as('empty'), '');
    writeFileSync(as('words'), 'x'.repeat(5000));
    const raw = new Database(as('foreign'));
    raw.exec('create table other (a)');
    raw.close();
    for (const [name, says] of [
      ['empty', /is empty/],
      ['words', /no SQLite file/],
      ['foreign', /no shop/],
      ['nowhere', /no shop/],
    ] as const)
      await expect(backup(as(name), to, { nowMs: NOW }), name).rejects.toThrow(says);
    expect(readdirSync(home).filter((name) => name.includes('copy'))).toEqual([]);
  });
  it('says which files it lacks, and does without them', async () => {
    const home = folder();
    const { file, hash } = shopIn(home);
    truncateSync(path.join(filesBeside(file), hash), 2);
    const to = path.join(home, 'copy.sqlite');
    expect(await backup(file, to, { nowMs: NOW })).toEqual({ files: 0, lacking: [hash] });
    const away = path.join(folder(), 'copy.sqlite');
    copyFileSync(to, away);
    expect(verify(away)).toMatchObject({ ok: true, lacking: [hash] });
  });
  it('that was cut off, tampered with, emptied or is something else never verifies', async () => {
    const home = folder();
    const { file } = shopIn(home);
    const to = path.join(home, 'copy.sqlite');
    await backup(file, to, { nowMs: NOW });
    const as = (name: string, change: (which: string) => void): readonly string[] => {
      const which = path.join(home, name);
      copyFileSync(to, which);
      change(which);
      const { ok, faults } = verify(which);
      expect(ok, name).toBe(false);
      return faults;
    };
    const sql = (text: string) => (which: string) => {
      const raw = new Database(which);
      raw.exec(text);
      raw.close();
    };
    as('half', (which) => truncateSync(which, readFileSync(which).length >> 1));
    expect(as('empty', (which) => truncateSync(which, 0))).toEqual(['it is empty']);
    expect(as('text', (which) => writeFileSync(which, 'not a shop at all, only words'))[0]).toMatch(/no SQLite file/);
    as('pages', damage);
    expect(as('file', sql("update kept_file set bytes = x'00ff'"))[0]).toMatch(/not what it was/);
    expect(
      as(
        'rows',
        sql("delete from container; insert into container (name, capacity_ml, fill_fraction, have) values ('x', 1, 1, 1)"),
      )[0],
    ).toMatch(/rows of container/);
    expect(as('newer', sql("insert into __drizzle_migrations (hash, created_at) values ('x', 9e15)"))[0]).toMatch(/newer/);
    expect(as('foreign', sql('drop table movement'))[0]).toMatch(/no shop/);
    expect(verify(path.join(home, 'nowhere')).faults).toEqual(['there is no such file']);
  });
});

describe('a restore', () => {
  it('keeps what it replaces, brings an older shape up to date, and loses no file of either', async () => {
    const home = folder();
    const { file, hash } = shopIn(home);
    const other = keepFile(Buffer.from('only here'), filesBeside(file));
    const old = fileOfShape(path.join(folder(), 'old'), 3);
    const done = restore(old, home, 'then');
    expect(done.before).toBe(`${file}.before-restore-then`);
    expect(lotsIn(file)).toBe(0);
    expect(lotsIn(done.before ?? '')).toBe(1);
    expect([hash, other].map((one) => keptIn(filesBeside(file), one).state)).toEqual(['whole', 'whole']);
  });
  it('is refused while the shop is open, and names who has it', async () => {
    const home = folder();
    const { file } = shopIn(home);
    const to = path.join(home, 'copy.sqlite');
    await backup(file, to, { nowMs: NOW });
    const lock = takeLock(home, { pid: 7, port: '4181', what: 'shop', since: 'nine' });
    expect(lock.ok).toBe(true);
    expect(refusal(() => restore(to, home, 'x'))).toMatch(/open already: a server on port 4181 \(process 7\) since nine/);
    if (lock.ok) lock.release();
    expect(restore(to, home, 'x').before).not.toBeNull();
  });
  it('of a copy that is no good changes nothing', () => {
    const home = folder();
    const { file } = shopIn(home);
    const copy = path.join(home, 'bad.sqlite');
    copyFileSync(file, copy);
    damage(copy);
    const before = readdirSync(home).sort();
    expect(refusal(() => restore(copy, home, 'x'))).toMatch(/cannot be restored/);
    expect(readdirSync(home).sort()).toEqual(before);
    expect(lotsIn(file)).toBe(1);
  });
});

describe('records that lie beside a copy in its log', () => {
  /** A shop with so many lots that are only in its log, as a stopped or killed server leaves it, taken somewhere else with it. */
  function takenWithLog(lots: number, before = 0): { readonly file: string; readonly log: string } {
    const { file } = shopIn(folder(), NOW + before);
    const { db, raw } = openFile(file);
    const receive = (count: number): void => {
      const rest = { supplier: '', supplierCode: '', openedOn: null, bestBefore: null, priceMinor: null, note: '' };
      for (let i = 0; i < count; i++)
        receiveLot(db, { ...rest, ingredientId: 'beeswax', grams: 100 + i }, { personId: 1, nowMs: NOW });
    };
    receive(before);
    raw.pragma('wal_checkpoint(TRUNCATE)');
    receive(lots);
    const to = path.join(folder(), 'taken.sqlite');
    for (const ending of ['', '-wal']) copyFileSync(`${file}${ending}`, `${to}${ending}`);
    raw.close();
    return { file: to, log: `${to}-wal` };
  }
  it('are verified and restored with it, and nothing is written where it lies', () => {
    const { file, log } = takenWithLog(40);
    const bytes = [file, log].map((one) => hashOf(readFileSync(one)));
    expect(verify(file)).toMatchObject({ ok: true, counts: { lot: 41 } });
    const other = folder();
    restore(file, other, 'x');
    expect(lotsIn(path.join(other, 'shop.sqlite'))).toBe(41);
    expect([file, log].map((one) => hashOf(readFileSync(one)))).toEqual(bytes);
    expect(readdirSync(path.dirname(file)).sort()).toEqual(['taken.sqlite', 'taken.sqlite-wal']);
  });
  it('are taken as far as they were written whole where the end was cut off', () => {
    const { file, log } = takenWithLog(40);
    truncateSync(log, readFileSync(log).length - 5000);
    const { ok, counts } = verify(file);
    expect(ok).toBe(true);
    expect(counts.lot).toBeGreaterThan(30);
    expect(counts.lot).toBeLessThan(41);
  });
  it('are refused by name where they do not belong to it', () => {
    const strange = takenWithLog(3, 60);
    const says = (change: (log: string, file: string) => void): string => {
      const { file, log } = takenWithLog(2);
      change(log, file);
      const home = folder();
      expect(refusal(() => restore(file, home, 'x'))).toMatch(/cannot be restored/);
      expect(readdirSync(home).filter((name) => name.endsWith('.sqlite'))).toEqual([]);
      return verify(file).faults.join();
    };
    const named = /taken\.sqlite-wal beside it does not belong to it/;
    expect(says((log) => writeFileSync(log, Buffer.alloc(9000, 7)))).toMatch(named);
    expect(says((log) => copyFileSync(strange.log, log))).toMatch(named);
    const stale = (log: string, file: string): void => {
      const older = readFileSync(log);
      const { db, raw } = openFile(file);
      for (let i = 0; i < 30; i++)
        db.insert(lot)
          .values({ ...db.select().from(lot).all()[0], id: undefined, number: `L-${i}` } as never)
          .run();
      db.insert(person).values({ initials: 'ZZ', name: 'Later' }).run();
      const rest = { supplier: '', supplierCode: '', openedOn: null, bestBefore: null, priceMinor: null, note: '' };
      receiveLot(db, { ...rest, ingredientId: 'beeswax', grams: 100 }, { personId: 1, nowMs: NOW });
      raw.close();
      writeFileSync(log, older);
    };
    expect(says(stale)).toMatch(named);
  });
});

describe('what a change of shape would break', () => {
  it('stays as it was, with a whole copy beside it', () => {
    const file = fileOfShape(folder(), 20);
    const raw = new Database(file);
    raw.pragma('foreign_keys = OFF');
    raw.exec("insert into person_away (person_id, date) values (99, '2031-01-01')");
    raw.close();
    expect(refusal(() => migrateFile(file, 'x'))).toMatch(/rows of person_away would lose/);
    const after = new Database(file);
    expect(after.prepare('select count(*) as n from __drizzle_migrations').get()).toEqual({ n: 20 });
    after.close();
    expect(readdirSync(path.dirname(file)).filter((name) => /before-migration|part/.test(name))).toEqual([
      'shop.sqlite.before-migration-x',
    ]);
  });
});

describe('whose a file is', () => {
  it('is told before a demo is laid over it', () => {
    const { file } = shopIn(folder());
    expect(whoHolds(file)).toBe('people');
    const { db, raw } = openFile(file);
    db.update(shop).set({ isDemo: true }).run();
    raw.close();
    expect(whoHolds(file)).toBe('demo');
    expect(whoHolds(fileOfShape(folder(), 5))).toBe('nobody');
    const old = fileOfShape(folder(), 1);
    const older = new Database(old);
    older.exec("insert into person (initials, name) values ('MO', 'Maren')");
    older.close();
    expect(whoHolds(old)).toBe('people');
  });
});

describe('a start', () => {
  it('says in words what is wrong with a file, and touches none of it', () => {
    const home = folder();
    const { file } = shopIn(home);
    expect(faultAtStart(file)).toBeNull();
    expect(faultAtStart(path.join(home, 'new', 'shop.sqlite'))).toBeNull();
    const as = (name: string, change: (which: string) => void): string => {
      const which = path.join(home, `${name}.sqlite`);
      copyFileSync(file, which);
      change(which);
      const bytes = readFileSync(which);
      const says = faultAtStart(which) ?? '';
      expect(readFileSync(which).equals(bytes), name).toBe(true);
      return says;
    };
    expect(as('empty', (which) => truncateSync(which, 0))).toMatch(/is empty.*bin\/rendle restore/);
    expect(as('text', (which) => writeFileSync(which, 'x'.repeat(5000)))).toMatch(/no shop’s file/);
    expect(
      as('foreign', (which) => {
        rmSync(which);
        const raw = new Database(which);
        raw.exec('create table other (a)');
        raw.close();
      }),
    ).toMatch(/belongs to something else/);
    expect(
      as('newer', (which) => {
        const raw = new Database(which);
        raw.exec("insert into __drizzle_migrations (hash, created_at) values ('x', 9e15)");
        raw.close();
      }),
    ).toMatch(/newer version/);
    // After an unclean end it is looked over before the first page.
    const hurt = path.join(home, 'hurt.sqlite');
    copyFileSync(file, hurt);
    damage(hurt);
    writeFileSync(`${hurt}-wal`, Buffer.alloc(64));
    expect(faultAtStart(hurt)).toMatch(/damaged/);
  });
  it('is refused while another has the folder; one left behind by a killed process is taken over', () => {
    const home = folder();
    const holder = { pid: 1, port: '4180', what: 'shop' as const, since: 'then' };
    const first = takeLock(home, holder);
    const second = takeLock(home, { ...holder, port: '4190' });
    expect(second).toEqual({ ok: false, by: holder });
    expect(heldWords(home, null)).toMatch(/another process/);
    if (first.ok) first.release();
    // What is left of one that was killed: the words, and no lock on the file.
    writeFileSync(path.join(home, 'open.lock.json'), JSON.stringify(holder));
    const third = takeLock(home, holder);
    expect(third.ok).toBe(true);
    if (third.ok) third.release();
    expect(existsSync(path.join(home, 'open.lock.json'))).toBe(false);
  });
});

describe('what could not be written', () => {
  it('is told apart from what was wrong', () => {
    const fault = (code: string) => Object.assign(new Error('x'), { code });
    expect(
      ['ENOSPC', 'SQLITE_FULL', 'EROFS', 'SQLITE_BUSY_TIMEOUT', 'SQLITE_CORRUPT_VTAB'].map((code) => unwritten(fault(code))),
    ).toEqual(['disk-full', 'disk-full', 'not-writable', 'file-locked', 'file-damaged']);
    expect([unwritten(fault('SQLITE_CONSTRAINT')), unwritten(new Error('x')), unwritten('x')]).toEqual([null, null, null]);
  });
});

describe('daily copies', () => {
  it('stay for seven days, four weeks, twelve months, each by its newest', () => {
    const days = Array.from({ length: 800 }, (_, i) => new Date(NOW - i * 86_400_000).toISOString().slice(0, 10));
    // As a shop does it: one more each day, pruned each time.
    let kept: string[] = [];
    for (const day of [...days].reverse()) kept = [...staying([...kept, day])];
    kept.sort().reverse();
    expect(kept.slice(0, 7)).toEqual(days.slice(0, 7));
    expect(new Set(kept.map((day) => day.slice(0, 7))).size).toBeGreaterThanOrEqual(12);
    expect(kept.length).toBeLessThanOrEqual(7 + 4 + 12);
    expect(STAY).toEqual({ days: 7, weeks: 4, months: 12 });
    expect([...staying([])]).toEqual([]);
  });
  it('of two shops in one folder are each their own, and older ones without an id stay where they are', async () => {
    const shared = folder();
    process.env.RENDLE_COPIES = shared;
    try {
      const [one, two] = [shopIn(folder()), shopIn(folder())];
      copyFileSync(one.file, path.join(shared, 'shop-2031-02-01.sqlite'));
      for (const { file } of [one, two]) expect(await copyOfDay(file, copiesOf(file), '2031-03-03', NOW)).not.toBeNull();
      expect(copiesOf(one.file)).not.toBe(copiesOf(two.file));
      for (const { file } of [one, two]) {
        const [copy] = dailyCopies(copiesOf(file));
        expect(verify(copy?.file ?? '')).toMatchObject({ ok: true, lacking: [] });
      }
      expect(copiesOfBefore()).toBe(1);
      expect(restore(path.join(shared, 'shop-2031-02-01.sqlite'), folder(), 'x').before).toBeNull();
    } finally {
      delete process.env.RENDLE_COPIES;
    }
  });
  it('are one a day, share their files, verify, can be restored, and are pruned with what only they named', async () => {
    const home = folder();
    const { file, hash } = shopIn(home);
    const copies = copiesOf(file);
    for (let day = 1; day <= 40; day++) {
      const date = new Date(NOW + day * 86_400_000).toISOString().slice(0, 10);
      expect(await copyOfDay(file, copies, date, NOW)).not.toBeNull();
      expect(await copyOfDay(file, copies, date, NOW)).toBeNull();
    }
    const there = dailyCopies(copies);
    expect(there.length).toBeLessThanOrEqual(12);
    expect(readdirSync(path.join(copies, 'files'))).toEqual([hash]);
    expect(bytesOf(copies)).toBeGreaterThan(there.reduce((sum, one) => sum + one.bytes, 0));
    const [newest] = there;
    expect(verify(newest?.file ?? '')).toMatchObject({ ok: true, lacking: [] });
    const other = folder();
    expect(restore(newest?.file ?? '', other, 'x')).toMatchObject({ files: 1, lacking: [] });
  });
});
