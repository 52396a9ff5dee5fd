import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { is } from 'drizzle-orm';
import { getTableConfig, SQLiteSyncDialect, SQLiteTable } from 'drizzle-orm/sqlite-core';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { migrateFile, openFile } from './db';
import * as schema from './schema';
import { fileOfShape, refusal } from './testing';

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(path.join(tmpdir(), 'rendle-migrations-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

const fileOf = (migrations: number): string => fileOfShape(folder, migrations);

describe('a file of an older house', () => {
  it('keeps its readings, gets their hours and seasons, and a copy of itself beside it', () => {
    const file = fileOf(6);
    const old = openFile(file).raw;
    old.prepare("insert into place (id, name, kind, light) values (1, 'Rack', 'rack', 'indoor')").run();
    const add = old.prepare('insert into room_reading (client_id, place_id, at, temp_c, rh_fraction) values (?, 1, ?, ?, ?)');
    const from = Date.parse('2030-12-30T21:00:00Z');
    for (let i = 0; i < 200; i++) add.run(`old-${i}`, from + i * 1_800_000, 15 + (i % 7), 0.4 + (i % 5) / 50);
    old.close();
    const copy = migrateFile(file, 'test');
    expect(copy && existsSync(copy)).toBe(true);
    const { raw } = openFile(file);
    const one = (sql: string) => raw.prepare(sql).raw().get() as number[];
    const told = one('select count(*), sum(temp_c), sum(rh_fraction) from room_reading');
    expect(told[0]).toBe(200);
    for (const table of ['room_hour', 'room_season']) {
      const kept = one(`select sum(n), sum(sum_temp_c), sum(sum_rh_fraction) from ${table}`);
      for (const [i, value] of kept.entries()) expect(value).toBeCloseTo(told[i] as number, 6);
    }
    expect(one('select count(distinct month) from room_season')[0]).toBe(2);
    raw
      .prepare('insert into room_reading (client_id, place_id, at, temp_c, rh_fraction) values (?, 1, ?, ?, ?)')
      .run('new', from + 1, 20, 0.5);
    expect(one('select sum(n) from room_hour')[0]).toBe(201);
    expect(refusal(() => raw.prepare('update room_reading set temp_c = 30').run())).toContain('a reading is not changed');
    raw.close();
    expect(migrateFile(file, 'again')).toBeNull();
  });
  it('names each letter by a key, and each grit by a number', () => {
    const file = fileOf(23);
    const { raw } = openFile(file);
    raw.pragma('foreign_keys = off');
    const day = Date.parse('2031-03-05T00:00:00Z') / 86_400_000;
    const keys = new Map([
      [2, 'look:2'],
      [-12, 'hold:12'],
      [-1_000_007, 'judged:7'],
      [-1_000_000_000 - day * 5, 'answer:2031-03-05:sticky'],
      [-1_000_000_000 - (day * 5 + 3), 'answer:2031-03-05:cracked'],
    ]);
    const write = raw.prepare(
      "insert into outbox (id, care_plan_id, ordinal, due_on, \"to\", subject, body, made_at) values (?, 1, ?, '', '', '', '', 0)",
    );
    [...keys.keys()].forEach((ordinal, id) => {
      write.run(id, ordinal);
    });
    const grits = [
      ['sand', 'Sand to 220', 220],
      ['scuff', 'Scuff with a fine pad', null],
      ['sand', '120, then again', 120],
      ['sand', 'In 3 goes to 1500, 5 minutes', 1500],
      ['sand', 'To P400 or 12345, x99', null],
    ] as const;
    const step = raw.prepare(
      "insert into regimen_step (revision_id, ordinal, id, kind, action, done, setup_min, per_piece_min, wait_min, wait_ideal_min, optional, note, detail) values (1, ?, ?, ?, ?, '', 0, 0, 0, 0, 0, '', '{\"surfaces\":[]}')",
    );
    grits.forEach(([kind, action], i) => {
      step.run(i, `step-${i}`, kind, action);
    });
    // Rows of no plan and no revision: the statements alone are run, for a whole move refuses such a file.
    for (const name of ['0023_letter-keys', '0024_step-grits']) raw.exec(readFileSync(`drizzle/${name}.sql`, 'utf8'));
    expect(raw.prepare('select key from outbox order by id').pluck().all()).toEqual([...keys.values()]);
    const without = raw.prepare('select detail from regimen_step where ordinal = 1').pluck().get();
    expect(without).toBe('{"surfaces":[]}');
    const read = raw.prepare("select json_extract(detail, '$.grit') from regimen_step order by ordinal").pluck().all();
    expect(read).toEqual(grits.map(([, , grit]) => grit));
    expect(refusal(() => raw.prepare('update regimen_step set action = 1').run())).toContain('append-only');
    raw.close();
  });
  it('has every column and every check that the code counts on', () => {
    const { raw } = openFile(fileOf(readdirSync('drizzle').filter((name) => name.endsWith('.sql')).length));
    const made = new Map(
      (raw.prepare("select name, sql from sqlite_master where type = 'table'").all() as { name: string; sql: string }[]).map(
        (row) => [row.name, row.sql],
      ),
    );
    // The words a check allows, and its bounds, whatever way its columns are quoted.
    const bare = (text: string): string => text.replace(/["`\s]|\w+\./g, '');
    const dialect = new SQLiteSyncDialect();
    let checks = 0;
    for (const table of Object.values(schema).filter((one) => is(one, SQLiteTable))) {
      const config = getTableConfig(table);
      const sql = made.get(config.name) ?? '';
      for (const column of config.columns) expect(sql, config.name).toContain(`\`${column.name}\``);
      for (const check of config.checks) {
        checks++;
        expect(bare(sql), check.name).toContain(bare(dialect.sqlToQuery(check.value).sql));
      }
    }
    expect(checks).toBeGreaterThan(20);
    raw.close();
  });
  it('guards every book that is only added to, also one whose table was made anew', () => {
    const { raw } = openFile(fileOf(readdirSync('drizzle').filter((name) => name.endsWith('.sql')).length));
    const guards = raw
      .prepare("select tbl_name, group_concat(sql) as sql from sqlite_master where type = 'trigger' group by tbl_name")
      .all() as { tbl_name: string; sql: string }[];
    const guarded = guards.filter(({ sql }) => /BEFORE UPDATE/.test(sql) && /BEFORE DELETE/.test(sql)).map((one) => one.tbl_name);
    expect(guarded).toEqual(
      expect.arrayContaining([
        'declaration',
        'dry_weighing',
        'formula_line',
        'formula_revision',
        'house_rule',
        'log_entry',
        'lot_check',
        'movement',
        'note',
        'own_material',
        'own_wood',
        'pour_entry',
        'ready_made_was',
        'reference',
        'regimen_step',
        'release',
        'slip',
        'step_change',
        'supply_move',
        'tin_sale',
        'trial_cycle',
        'trial_field',
        'trial_picture',
        'trial_score',
        'verdict',
      ]),
    );
    raw.close();
  });
  it('comes up from any step of the way to the same shape', () => {
    const shapeOf = (file: string): unknown => {
      const { raw } = openFile(file);
      const shape = raw.prepare("select type, name, sql from sqlite_master where name not like 'sqlite_%' order by 1, 2").all();
      raw.close();
      return shape;
    };
    const count = readdirSync('drizzle').filter((name) => name.endsWith('.sql')).length;
    const whole = shapeOf(fileOf(count));
    for (let i = 1; i < count; i++) {
      rmSync(folder, { recursive: true, force: true });
      const file = fileOf(i);
      migrateFile(file, 'step');
      expect(shapeOf(file)).toEqual(whole);
    }
  });
});
