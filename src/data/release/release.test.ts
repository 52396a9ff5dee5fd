import { sql } from 'drizzle-orm';
import { beforeEach, describe, expect, it } from 'vitest';
import { bottlesFor } from '../care/bottles';
import { type Sale, sellPieces } from '../care/commands';
import { findSold, soldPieces } from '../care/queries';
import { sellTins } from '../care/tins';
import { allRegimens } from '../catalogue/catalogue';
import { recordCheck } from '../cure/commands';
import type { Db } from '../db';
import { allLots } from '../stores/queries';
import { demoDb, refusal, reportOf } from '../testing';
import { findBatchId, loadBatch, openBatchIds } from '../work/batch';
import { startBatch } from '../work/commands';
import { recordEntry } from '../work/record';
import { a0OfMaterials, standingOfBatch } from '../work/standing';
import { decideRelease, decisionsOf, evidenceOf, type ReleaseRefusal, setPrice, signedRecord } from './commands';
import { costOfBatch } from './record';

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
    const bowls = { batchId: id('31-002'), outcome: 'released' as const, reason: '', signed: [] };
    const checked = (kind: 'towel' | 'smell' | 'water-bead', at = NOW) =>
      recordCheck(db, { clientId: `check-${kind}`, batchId: id('31-002'), kind, pass: true, note: '', at }, { ...by, nowMs: at });
    expect(code(decideRelease(db, bowls, by))).toBe('gate-unmet');
    const signed = ['steps', 'estimate', 'least-time', 'check'] as const;
    // A water drop opens nothing, nor does one kind while another's latest failed.
    checked('water-bead');
    checked('towel');
    expect(code(decideRelease(db, { ...bowls, signed, reason: 'x' }, by))).toBe('gate-unmet');
    checked('smell');
    expect(code(decideRelease(db, { ...bowls, signed }, by))).toBe('reason-needed');
    expect(code(decideRelease(db, { ...bowls, signed, reason: 'paper ran out' }, by))).toBe('ok');
    expect(code(decideRelease(db, { ...bowls, outcome: 'refused', reason: 'no' }, by))).toBe('already-decided');
    expect(loadBatch(db, id('31-002'), NOW)?.release).toMatchObject({
      number: 'R31-002',
      outcome: 'released',
      reason: 'paper ran out',
      // Only what was open counts as signed for: a dry towel moves the estimate of an oil that cures by air but little.
      signed: ['steps', 'estimate'],
    });
  });
  it('of what goes into a mouth is signed for by nobody while steps, least time or estimate are open', () => {
    for (const kind of ['towel', 'touch'] as const)
      recordCheck(db, { clientId: `mouth-${kind}`, batchId: id('31-003'), kind, pass: true, note: '', at: NOW }, by);
    const spoons = { batchId: id('31-003'), outcome: 'released' as const, reason: 'the fair is tomorrow' };
    expect(code(decideRelease(db, { ...spoons, signed: ['steps', 'estimate', 'least-time'] }, by))).toBe('gate-unmet');
    expect(loadBatch(db, id('31-003'), NOW)?.release).toBeNull();
  });
  it('rests on evidence of its own batch', () => {
    const bowls = loadBatch(db, id('31-005'), NOW);
    if (!bowls) throw new Error('no bowls');
    expect(evidenceOf(db, bowls, standingOfBatch(db, bowls, NOW))).toMatchObject({
      use: ['food-dry', 'hands'],
      contact: 'once-cured',
      notForFood: false,
    });
    expect(a0OfMaterials(Object.values(bowls.materials))).toMatchObject({
      hours: 240,
      mode: 'oxidise',
      settles: false,
      of: 'Heron oil-wax',
    });
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

describe('a batch that is refused', () => {
  const spoons = () => id('31-003');
  const refuse = (refusal: ReleaseRefusal, nowMs = NOW) =>
    decideRelease(db, { batchId: spoons(), outcome: 'refused', reason: 'it weeps', signed: [], refusal }, { personId: 2, nowMs });
  it('to be mended stays open with its way back, and is judged again under another number', () => {
    expect(code(refuse({ next: 'mend', way: 'wipe-daily' }))).toBe('ok');
    const batch = loadBatch(db, spoons(), NOW);
    expect(batch?.release).toBeNull();
    expect(openBatchIds(db)).toContain(spoons());
    if (!batch) throw new Error('gone');
    const { progress } = standingOfBatch(db, batch, NOW);
    expect(progress.rest.some((task) => task.key.startsWith('wipe-daily~'))).toBe(true);
    expect(code(refuse({ next: 'mend', way: null }))).toBe('ok');
    expect(decisionsOf(db, spoons()).map((one) => [one.number, one.next])).toEqual([
      ['R31-002', 'mend'],
      ['R31-003', 'mend'],
    ]);
  });
  it('after its last step has the way back at its end', () => {
    const left = () => {
      const batch = loadBatch(db, spoons(), NOW);
      return batch ? standingOfBatch(db, batch, NOW).progress.rest.map((task) => task.key) : [];
    };
    for (const task of left()) recordEntry(db, reportOf(spoons(), task, NOW, { pass: true, clientId: `last-${task}` }), by);
    expect(left()).toEqual([]);
    expect(code(refuse({ next: 'mend', way: 'rewet' }, NOW + 1000))).toBe('ok');
    expect(left().every((key) => key.startsWith('rewet~'))).toBe(true);
    expect(left().length).toBeGreaterThan(0);
  });
  it('for good is over, and its pieces are not sold', () => {
    expect(code(refuse({ next: 'reject', way: null }))).toBe('ok');
    const batch = loadBatch(db, spoons(), NOW);
    expect(batch?.release).toMatchObject({ outcome: 'refused', next: 'reject' });
    expect(batch?.pieces.every((piece) => piece.leftWhy === 'rejected: it weeps')).toBe(true);
    expect(openBatchIds(db)).not.toContain(spoons());
    expect(code(refuse({ next: 'mend', way: null }))).toBe('already-decided');
  });
  it('leaves a record nobody can change or take out', () => {
    refuse({ next: 'reject', way: null });
    expect(refusal(() => db.run(sql`update release set reason = 'none'`))).toMatch(/not changed/);
    expect(refusal(() => db.run(sql`delete from release`))).toMatch(/not deleted/);
    expect(JSON.parse(signedRecord(db, 'R31-002')?.text ?? '{}')).toMatchObject({
      reason: 'it weeps',
      next: 'reject',
      by: 'Ines Tollmark',
    });
    expect(signedRecord(db, 'R99-999')).toBeNull();
  });
});

describe('the bottle in the box', () => {
  it('is a tin of the same, leaves the stores with the piece, and is found by its trace', () => {
    const board = loadBatch(db, id('31-001'), NOW);
    if (!board) throw new Error('gone');
    const bottles = bottlesFor(db, board);
    const best = bottles.find((one) => one.isBest);
    expect(best).toMatchObject({ title: 'Lantern paste', isSame: true, brings: [] });
    expect(best?.costMinor).toBeGreaterThan(60);
    expect((best?.netG ?? 0) / (best?.treatments ?? 1)).toBeGreaterThan(1);
    const sold = sellPieces(db, { ...sale('31-001', 2), bottleLotId: best?.lotId ?? 0 }, by);
    if (!sold.ok) throw new Error('not sold');
    const left = bottlesFor(db, board).find((one) => one.lotId === best?.lotId)?.left;
    expect(left).toBe((best?.left ?? 0) - 2);
    const refill = {
      lotId: best?.lotId ?? 0,
      count: 1,
      priceMinor: 950,
      buyer: '',
      withPiece: sold.value.codes[0] ?? '',
      soldOn: '2031-03-03',
    };
    expect(sellTins(db, refill, by)).toMatchObject({ ok: true, value: { left: (left ?? 0) - 1 } });
    expect(code(sellPieces(db, { ...sale('31-001', 1), bottleLotId: 1 }, by))).toBe('not-found');
    expect(findSold(db, board.pieces.at(-1)?.code ?? '', NOW)?.sale.soldOn).not.toBe('2031-03-03');
  });
  it('counts in the cost of a piece when it is said to go with it, and is only ever a tin', () => {
    const costNow = () => {
      const board = loadBatch(db, id('31-001'), NOW);
      if (!board) throw new Error('gone');
      return { cost: costOfBatch(db, board, standingOfBatch(db, board, NOW)), bottle: bottlesFor(db, board)[0] };
    };
    const { cost: without, bottle } = costNow();
    const price = { batchId: id('31-001'), woodMinor: 900, priceMinor: 5200 };
    expect(without.parts.jar).toBe(0);
    expect(setPrice(db, { ...price, jarLotId: bottle?.lotId ?? 0 }, by).ok).toBe(true);
    const { cost: with_ } = costNow();
    expect(with_.parts.jar).toBeCloseTo(bottle?.costMinor ?? 0, 6);
    expect(with_.jar?.number).toBe(bottle?.number);
    const oil = allLots(db).find((lot) => lot.kind !== 'tin')?.id ?? 0;
    expect(setPrice(db, { ...price, jarLotId: oil }, by)).toMatchObject({
      ok: false,
      issues: [{ code: 'not-found', path: 'jar' }],
    });
    expect(costNow().cost.jar?.number).toBe(bottle?.number);
  });
  it('is none for a piece that nothing renews, and none that brings an allergen is the best', () => {
    const bare = openBatchIds(db)
      .map((one) => loadBatch(db, one, NOW))
      .find((one) => one?.regimen.careClass === 'bare');
    expect(bare && bottlesFor(db, bare)).toEqual([]);
    for (const one of openBatchIds(db)) {
      const batch = loadBatch(db, one, NOW);
      for (const bottle of batch ? bottlesFor(db, batch) : []) expect(bottle.isBest && bottle.brings.length > 0).toBe(false);
    }
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
    expect(soldPieces(db, '2031-03-03').filter((one) => one.number === '31-001')).toHaveLength(5);
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
        treeKnown: true,
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
