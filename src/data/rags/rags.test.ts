import { beforeEach, describe, expect, it } from 'vitest';
import type { Db } from '../db';
import { demoDb } from '../testing';
import { findBatchId } from '../work/batch';
import { checkRags, growRagLine, layRags, shrinkRagLine } from './commands';
import { openRagLines, ragsOpenFor } from './queries';

const NOW = Date.parse('2031-03-05T14:20:00Z');
const by = { personId: 1, nowMs: NOW };
const code = (result: { ok: boolean; issues?: readonly { code: string }[] }) => (result.ok ? 'ok' : result.issues?.[0]?.code);
let db: Db;
let boards: number;
const open = () => openRagLines(db).find((line) => line.laidAt === null);

beforeEach(() => {
  db = demoDb(NOW);
  boards = findBatchId(db, '31-006') ?? 0;
});

describe('the rag line', () => {
  it('holds the session’s coats of every batch, and is as bad as its worst cloth', () => {
    expect(open()).toMatchObject({ hazard: 'self-heating', coats: 5, laidAt: null });
    expect(open()?.batches).toEqual(expect.arrayContaining(['31-005', '31-006', '31-010']));
    expect(ragsOpenFor(db, boards)).toBe(1);
  });
  it('stays until it is answered and looked at the next day', () => {
    const line = open();
    if (!line) throw new Error('no line');
    expect(code(checkRags(db, line.id, line.version, by))).toBe('rags-first');
    expect(code(layRags(db, line.id, 'flat', line.version - 1, by))).toBe('stale');
    expect(code(layRags(db, line.id, 'flat', line.version, by))).toBe('ok');
    expect(ragsOpenFor(db, boards)).toBe(1);
    expect(code(checkRags(db, line.id, line.version, by))).toBe('stale');
    expect(code(checkRags(db, line.id, line.version + 1, by))).toBe('ok');
    expect([open(), ragsOpenFor(db, boards)]).toEqual([undefined, 0]);
    expect(code(checkRags(db, 999, 1, by))).toBe('not-found');
  });
  it('of plain cloths is closed for release once they are laid', () => {
    const line = open();
    if (line) layRags(db, line.id, 'under-water', line.version, by);
    growRagLine(db, { batchId: boards, entry: 'plain-coat', hazard: 'plain', at: NOW }, by);
    const plain = openRagLines(db).find((one) => one.hazard === 'plain');
    if (!plain) throw new Error('no plain line');
    expect(ragsOpenFor(db, boards)).toBe(2);
    layRags(db, plain.id, 'none-left', plain.version, by);
    expect(ragsOpenFor(db, boards)).toBe(1);
  });
  it('gets worse with a worse cloth, never better, and goes with its last cloth', () => {
    const line = open();
    if (line) layRags(db, line.id, 'flat', line.version, by);
    growRagLine(db, { batchId: boards, entry: 'one', hazard: 'plain', at: NOW }, by);
    growRagLine(db, { batchId: boards, entry: 'two', hazard: 'flammable', at: NOW }, by);
    growRagLine(db, { batchId: boards, entry: 'three', hazard: 'plain', at: NOW }, by);
    expect(openRagLines(db).filter((one) => one.laidAt === null)).toMatchObject([{ hazard: 'flammable', coats: 3 }]);
    for (const entry of ['one', 'two', 'three', 'never-was']) shrinkRagLine(db, entry);
    expect(openRagLines(db).filter((one) => one.laidAt === null)).toEqual([]);
  });
  it('is another one for another session, however late its coat is recorded', () => {
    const before = openRagLines(db).length;
    growRagLine(db, { batchId: boards, entry: 'next-day', hazard: 'plain', at: NOW + 20 * 3_600_000 }, by);
    growRagLine(db, { batchId: boards, entry: 'same-session', hazard: 'plain', at: NOW + 3_600_000 }, by);
    expect(openRagLines(db)).toHaveLength(before + 1);
  });
});
