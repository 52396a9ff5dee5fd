import { beforeEach, describe, expect, it } from 'vitest';
import type { Db } from '../db';
import { pour, ragLook } from '../schema';
import { demoDb } from '../testing';
import { findBatchId } from '../work/batch';
import { checkRags, growRagLine, layRags, recordSpill, shrinkRagLine } from './commands';
import { openRagLines, ragsOpenFor } from './queries';

const NOW = Date.parse('2031-03-05T14:20:00Z');
const by = { personId: 1, nowMs: NOW };
const code = (result: { ok: boolean; issues?: readonly { code: string }[] }) => (result.ok ? 'ok' : result.issues?.[0]?.code);
let db: Db;
let boards: number;
/** A line that must be there, for an answer. */
const lines = (line: { id: number; version: number } | undefined) => [line ?? { id: 0, version: 0 }];
const open = () => openRagLines(db).find((line) => line.laidAt === null);

beforeEach(() => {
  db = demoDb(NOW);
  boards = findBatchId(db, '31-006') ?? 0;
});

const HOUR = 3_600_000;
const later = (hours: number) => ({ personId: 1, nowMs: NOW + hours * HOUR });
const grow = (
  entry: string,
  hazard: 'self-heating' | 'flammable' | 'plain',
  of: { batchId: number } | { pourId: number } = { batchId: boards },
  at = NOW,
) => growRagLine(db, { of, entry, hazard, vapour: hazard === 'flammable', at }, by);
/** What lies open of other sessions out of the way. */
function settle(): void {
  for (const line of openRagLines(db)) {
    if (line.laidAt === null) layRags(db, [line], 'under-water', later(-20));
    const now = openRagLines(db).find((one) => one.id === line.id);
    if (now) checkRags(db, [now], by);
  }
}

describe('the rag line', () => {
  it('holds the session’s acts of every batch, and is as bad as its worst cloth', () => {
    expect(open()).toMatchObject({ hazard: 'self-heating', laidAt: null });
    expect(open()?.at).toEqual(expect.arrayContaining(['31-005', '31-006', '31-010']));
    expect(ragsOpenFor(db, findBatchId(db, '31-006') ?? 0)).toBe(1);
  });
  it('stays until it is answered and looked at twelve hours after it was laid; an early look is kept and closes nothing', () => {
    settle();
    grow('one', 'self-heating');
    const line = open();
    if (!line) throw new Error('no line');
    const look = (hours: number) => {
      const now = openRagLines(db).find((one) => one.id === line.id);
      return checkRags(db, [now ?? { id: line.id, version: -1 }], later(hours));
    };
    expect(code(checkRags(db, [line], by))).toBe('rags-first');
    expect(code(layRags(db, [{ ...line, version: line.version - 1 }], 'flat', by))).toBe('stale');
    expect(code(layRags(db, [line], 'flat', by))).toBe('ok');
    expect(code(checkRags(db, [line], later(13)))).toBe('stale');
    for (const hours of [0, 1, 11.99])
      expect(look(hours)).toMatchObject({ ok: true, value: [{ closed: false, fromMs: NOW + 12 * HOUR }] });
    expect(ragsOpenFor(db, boards)).toBe(1);
    expect(openRagLines(db).find((one) => one.id === line.id)?.lookedAt).toBe(NOW + 11.99 * HOUR);
    expect(look(12)).toMatchObject({ ok: true, value: [{ closed: true }] });
    expect(ragsOpenFor(db, boards)).toBe(0);
    const looks = db
      .select()
      .from(ragLook)
      .all()
      .filter((one) => one.ragLineId === line.id);
    expect(looks.map((one) => one.closes)).toEqual([false, false, false, true]);
    expect(code(checkRags(db, [{ id: 999, version: 1 }], by))).toBe('not-found');
  });
  it('of plain oil is closed when it is laid', () => {
    settle();
    grow('plain-coat', 'plain');
    const plain = open();
    if (!plain) throw new Error('no plain line');
    expect(ragsOpenFor(db, boards)).toBe(1);
    layRags(db, [plain], 'flat', by);
    expect([openRagLines(db), ragsOpenFor(db, boards)]).toEqual([[], 0]);
  });
  it('that was answered opens again for the cloths of what is done after', () => {
    settle();
    grow('coat', 'self-heating');
    const line = open();
    layRags(db, lines(line), 'flat', by);
    expect(open()).toBeUndefined();
    grow('wipe', 'self-heating', { batchId: boards }, NOW + HOUR);
    expect(open()).toMatchObject({ id: line?.id, acts: 2, answeredAt: NOW, way: null });
    // Plain cloths that were put away, and then one that heats itself.
    settle();
    grow('oiled', 'plain');
    const plain = open();
    layRags(db, lines(plain), 'flat', by);
    grow('varnished', 'self-heating');
    expect(open()).toMatchObject({ hazard: 'self-heating' });
  });
  it('gets worse with a worse cloth, never better, and goes with its last cloth', () => {
    settle();
    grow('one', 'plain');
    grow('two', 'flammable');
    grow('three', 'plain');
    expect(open()).toMatchObject({ hazard: 'flammable', vapour: true, acts: 3 });
    for (const entry of ['one', 'two', 'three', 'never-was']) shrinkRagLine(db, entry);
    expect(open()).toBeUndefined();
  });
  it('belongs to a pot as well, and says which', () => {
    settle();
    const pot = db.select().from(pour).get();
    if (!pot) throw new Error('no pot');
    const spill = { clientId: 'spill', pourId: pot.id, hazard: 'self-heating', vapour: true } as const;
    expect([code(recordSpill(db, spill, by)), code(recordSpill(db, spill, by))]).toEqual(['ok', 'ok']);
    expect(open()).toMatchObject({ acts: 1, at: [expect.stringMatching(/^the pot of ./)] });
    expect(code(recordSpill(db, { ...spill, clientId: 'other', pourId: 999 }, by))).toBe('not-found');
    expect(ragsOpenFor(db, boards)).toBe(0);
  });
  it('with solvent in it is never burnt', () => {
    settle();
    grow('thinned', 'flammable');
    const line = open();
    expect(code(layRags(db, lines(line), 'burnt', by))).toBe('never-burnt');
    expect(code(layRags(db, lines(line), 'under-water', by))).toBe('ok');
  });
  it('is another one for another session, however late its coat is recorded', () => {
    const before = openRagLines(db).length;
    grow('next-day', 'plain', { batchId: boards }, NOW + 20 * HOUR);
    grow('same-session', 'plain', { batchId: boards }, NOW + HOUR);
    expect(openRagLines(db)).toHaveLength(before + 1);
  });
  it('are answered together, or none is', () => {
    settle();
    grow('first', 'self-heating');
    grow('day-after', 'flammable', { batchId: boards }, NOW + 24 * HOUR);
    const both = openRagLines(db).filter((one) => one.laidAt === null);
    expect(both).toHaveLength(2);
    const [one, other] = both;
    if (!one || !other) throw new Error('two lines');
    // One that has changed meanwhile, or may not lie so, holds the answer for all.
    expect(code(layRags(db, [one, { ...other, version: 0 }], 'flat', by))).toBe('stale');
    expect(code(layRags(db, both, 'burnt', by))).toBe('never-burnt');
    expect(openRagLines(db).filter((line) => line.laidAt === null)).toHaveLength(2);
    expect(code(layRags(db, both, 'flat', by))).toBe('ok');
    const laid = openRagLines(db);
    expect(laid.map((line) => line.way)).toEqual(['flat', 'flat']);
    expect(checkRags(db, laid, later(12))).toMatchObject({ ok: true, value: [{ closed: true }, { closed: true }] });
    expect(openRagLines(db)).toEqual([]);
  });
});
