import { beforeEach, describe, expect, it } from 'vitest';
import { sellPieces, type Sale } from '../care/commands';
import { findSold, soldPieces } from '../care/queries';
import { recordCheck } from '../cure/commands';
import type { Db } from '../db';
import { demoDb } from '../testing';
import { findBatchId, loadBatch } from '../work/batch';
import { startBatch } from '../work/commands';
import { allRegimens } from '../work/catalogue';
import { recordEntry } from '../work/record';
import { a0OfMaterials, standingOfBatch } from '../work/standing';
import { allLots } from '../stores/queries';
import { decideRelease, evidenceOf } from './commands';

const NOW = Date.parse('2031-03-03T10:00:00Z');
const by = { personId: 1, nowMs: NOW };
let db: Db;
const code = (result: { ok: boolean; issues?: readonly { code: string }[] }) => (result.ok ? 'ok' : result.issues?.[0]?.code);
const id = (number: string) => findBatchId(db, number) ?? 0;
const sale = (number: string, pieces: number): Sale => ({
  batchId: id(number),
  pieces,
  priceMinor: null,
  buyer: '',
  soldOn: '2031-03-03',
  use: 'weekly',
  wash: 'hand',
  upkeep: 'unknown',
});

beforeEach(() => {
  db = demoDb(NOW);
});

describe('release', () => {
  it('is refused while a gate nobody can sign for is open, and wants a reason for the rest', () => {
    const spoons = { batchId: id('31-003'), outcome: 'released' as const, reason: '', signed: [] };
    expect(code(decideRelease(db, spoons, by))).toBe('gate-unmet');
    recordCheck(db, { clientId: 'check-aa', batchId: id('31-003'), kind: 'touch', pass: true, note: '', at: NOW }, by);
    const signed = ['steps', 'estimate', 'least-time'] as const;
    expect(code(decideRelease(db, { ...spoons, signed }, by))).toBe('reason-needed');
    expect(code(decideRelease(db, { ...spoons, signed, reason: 'paper ran out' }, by))).toBe('ok');
    expect(code(decideRelease(db, { ...spoons, outcome: 'refused', reason: 'no' }, by))).toBe('already-decided');
    expect(loadBatch(db, id('31-003'), NOW)?.release).toMatchObject({
      number: 'R31-002',
      outcome: 'released',
      reason: 'paper ran out',
      signed: ['steps', 'estimate', 'least-time'],
    });
  });
  it('rests on evidence of its own batch', () => {
    const bowls = loadBatch(db, id('31-005'), NOW);
    if (!bowls) throw new Error('no bowls');
    expect(evidenceOf(db, bowls, standingOfBatch(db, bowls, NOW))).toMatchObject({
      ragsOpen: 1,
      contact: 'once-cured',
      cutOn: false,
    });
    expect(a0OfMaterials(Object.values(bowls.materials))).toEqual({ hours: 96, settles: false, of: 'Heron oil-wax' });
    expect(a0OfMaterials([])).toBeNull();
  });
  it('moves with a check', () => {
    const ready = () => {
      const bowls = loadBatch(db, id('31-002'), NOW);
      return bowls ? (standingOfBatch(db, bowls, NOW).cure?.pReady ?? 0) : 0;
    };
    const before = ready();
    recordCheck(db, { clientId: 'check-bb', batchId: id('31-002'), kind: 'water-bead', pass: false, note: '', at: NOW }, by);
    expect(ready()).toBeLessThan(before);
  });
});

describe('sale', () => {
  it('only of released pieces, never more than are left, each with its dates', () => {
    expect(code(sellPieces(db, sale('31-002', 1), by))).toBe('not-released');
    expect(code(sellPieces(db, sale('31-001', 4), by))).toBe('not-enough-pieces');
    expect(code(sellPieces(db, sale('31-001', 0), by))).toBe('must-be-positive');
    const sold = sellPieces(db, sale('31-001', 2), by);
    if (!sold.ok) throw new Error('not sold');
    expect(sold.value.codes).toHaveLength(2);
    const piece = findSold(db, sold.value.codes[0] ?? '', NOW);
    expect(piece?.dates.slice(0, 3)).toEqual(['2031-03-10', '2031-03-24', '2031-04-17']);
    expect(piece?.plan).toMatchObject({ careClass: 'oil-wax', intervalDays: 45 });
    expect(soldPieces(db, '2031-03-03')).toHaveLength(5);
    expect(findSold(db, 'NOSUCHCODE', NOW)).toBeNull();
  });
});

describe('a new batch', () => {
  const regimen = (name: string) => allRegimens(db).find((one) => one.id === name)?.revisionId ?? 0;
  const lot = (ingredient: string) => allLots(db).find((one) => one.ingredientId === ingredient)?.id ?? 0;
  const start = (change: Record<string, unknown>) =>
    startBatch(
      db,
      {
        designRevisionId: 1,
        speciesId: 'sycamore',
        origin: 'bought',
        pieces: 2,
        regimenRevisionId: regimen('thin-drying'),
        materials: { oil: lot('tung-oil') },
        startAt: NOW,
        dueAt: null,
        ...change,
      },
      by,
    );
  it.each([
    ['slot-empty', { materials: {} }],
    ['in-the-past', { startAt: NOW - 86_400_000 }],
    ['must-be-positive', { pieces: 0 }],
    ['too-large', { pieces: 501 }],
    ['not-found', { speciesId: 'plastic' }],
    ['not-found', { designRevisionId: 99 }],
  ])('is refused with %s', (wanted, change) => expect(code(start(change))).toBe(wanted));
  it('is refused a lot that does not suit its place', () => {
    expect(code(start({ materials: { oil: lot('mineral-oil') } }))).toBe('wrong-drying');
    expect(code(start({ materials: { oil: lot('tung-oil') } }))).toBe('ok');
  });
  it('never draws from a decided batch', () => {
    const report = {
      clientId: 'late-one',
      batchId: id('31-001'),
      kind: 'done' as const,
      task: 'check',
      at: NOW,
      device: 'tablet-1',
      deviceSequence: 1,
      clockOffsetMs: 0,
      queued: true,
      grams: null,
      tempC: null,
      rh: null,
      pass: true,
      seen: '',
    };
    expect(code(recordEntry(db, report, by))).toBe('already-decided');
  });
});
