import { describe, expect, it } from 'vitest';
import { allLots, containers } from '@/data/stores/queries';
import { demoDb } from '@/data/testing';
import { traceOf } from '@/data/trace/queries';
import { toCsv } from '@/web/csv';
import { putRight, type RightLot } from '@/core/blend';
import { traceRows } from './routes';
import { readStores } from './stores-file';

const NOW = Date.parse('2031-03-03T10:00:00Z');
const db = demoDb(NOW);
const around = { lots: allLots(db), jars: containers(db), currency: 'EUR' };
const codes = (text: string) =>
  readStores(text, around).rows.map((row) => [row.status, ...row.issues.map((issue) => `${issue.path}:${issue.code}`)]);

describe('a list taken in', () => {
  it('understands lots as people write them', () => {
    const { rows } = readStores(
      'ingredient,amount,supplier,best_before,price\n"white mineral oil, food grade","0,75 l",Loft,2031-09-01,"9,80"\n',
      around,
    );
    expect(rows[0]).toMatchObject({
      status: 'new',
      name: 'White mineral oil, food grade',
      lot: { ingredientId: 'mineral-oil', grams: 645, priceMinor: 980, bestBefore: '2031-09-01' },
    });
  });
  it('says of every bad row what is wrong with it, and takes the rest', () => {
    expect(
      codes(
        'ingredient,amount,opened_on,price\nlinseed oil,1 kg,,\ngold,1 kg,,\nbeeswax,-2,,\nmineral-oil,8 oz,,\nbeeswax,1 kg,2031-02-30,x\nbeeswax,1 kg,,',
      ),
    ).toEqual([
      ['refused', 'row 2:ambiguous-name'],
      ['refused', 'row 3:unknown-ingredient'],
      ['refused', 'row 4:must-be-positive'],
      ['refused', 'row 5:ounce-ambiguous'],
      ['refused', 'row 6:bad-date', 'row 6:not-a-number'],
      ['new'],
    ]);
    expect(readStores('a,b\n1,2', around).fault).toMatch(/first row/);
    expect(readStores('ingredient,amount\n', around).fault).toMatch(/no row/);
  });
  it('knows jars again by name, and counts them anew', () => {
    const jar = containers(db)[0];
    expect(
      codes(
        `name,holds_ml,fill_percent,have\n${jar?.name},60,92,${jar?.have}\n${jar?.name},60,92,3\nPot,100,92,4\nBad,0,120,1.5`,
      ),
    ).toEqual([['same'], ['revision'], ['new'], ['refused', 'row 5:must-be-positive', 'row 5:not-a-number', 'row 5:too-large']]);
  });
  it('changes nothing when it is what went out', () => {
    const text = toCsv(
      around.lots.map((lot) => ({
        number: lot.number,
        kind: lot.kind,
        ingredient: lot.ingredientId ?? lot.title,
        grams: lot.receivedG,
      })),
    );
    expect(new Set(readStores(text, around).rows.map((row) => row.status))).toEqual(new Set(['same']));
  });
});

describe('putting right', () => {
  const lot = (change: Partial<RightLot>): RightLot => ({
    id: 1,
    number: 'B31-01',
    title: 'Paste',
    leftG: 800,
    receivedG: 1000,
    waxEquivalent: 0.2,
    composition: { beeswax: 0.2, 'mineral-oil': 0.8 },
    ...change,
  });
  const wax = lot({ id: 2, number: 'S31-02', waxEquivalent: 1, leftG: 500, composition: { beeswax: 1 } });
  const solvent = lot({ id: 3, number: 'S31-06', waxEquivalent: 0, leftG: 900, composition: { 'citrus-solvent': 1 } });
  const asked = { other: 2, purpose: 'firm-paste', gross: '', tare: '', target: '50' };
  const code = (result: ReturnType<typeof putRight>) => (result.ok ? 'ok' : result.issues[0]?.code);
  it('hardens by the wax it takes, and refuses the wrong way and more than there is', () => {
    const firm = putRight(lot({}), wax, { mode: 'feel', ...asked }, 20);
    const added = firm.ok ? (firm.value.parts[1]?.grams ?? 0) : 0;
    expect((800 * 0.2 + added) / (800 + added)).toBeCloseTo(0.32, 12);
    expect(code(putRight(lot({}), wax, { mode: 'feel', ...asked, purpose: 'feed' }, 20))).toBe('wrong-way');
    expect(code(putRight(lot({}), { ...wax, leftG: 10 }, { mode: 'feel', ...asked }, 20))).toBe('overdrawn');
    expect(code(putRight(lot({}), undefined, { mode: 'feel', ...asked }, 20))).toBe('required');
  });
  it('marries two part-lots to what lies between them', () => {
    const hard = lot({ id: 4, number: 'B31-02', waxEquivalent: 0.5, leftG: 300 });
    const wed = putRight(lot({}), hard, { mode: 'marry', ...asked }, 20);
    if (!wed.ok) throw new Error('no marriage');
    const [a = 0, b = 0] = wed.value.parts.map((part) => part.grams);
    expect((a * 0.2 + b * 0.5) / (a + b)).toBeCloseTo(0.32, 9);
    expect(code(putRight(lot({}), hard, { mode: 'marry', ...asked, purpose: 'hard-polish' }, 20))).toBe('target-out-of-reach');
  });
  it('tops a bottle up by weighing it, and lets a concentrate down', () => {
    const thin = lot({ leftG: 600, receivedG: 600, composition: { 'tung-oil': 0.5, 'citrus-solvent': 0.5 } });
    expect(putRight(thin, solvent, { mode: 'top-up', ...asked, gross: '760 g', tare: '180 g' }, 20)).toMatchObject({
      ok: true,
      value: { lostG: expect.closeTo(20, 9), parts: [{ lotId: 3 }] },
    });
    expect(code(putRight(thin, solvent, { mode: 'top-up', ...asked, gross: '800 g', tare: '180 g' }, 20))).toBe('bottle-gained');
    expect(code(putRight(thin, wax, { mode: 'top-up', ...asked, gross: '760', tare: '180' }, 20))).toBe('not-one-volatile');
    expect(code(putRight(thin, solvent, { mode: 'top-up', ...asked, gross: 'x', tare: '180' }, 20))).toBe('not-a-number');
    const strong = lot({ leftG: 400, composition: { 'tung-oil': 1 } });
    expect(putRight(strong, solvent, { mode: 'let-down', ...asked, target: '50 %' }, 20)).toMatchObject({
      ok: true,
      value: { parts: [{ grams: 400 }, { grams: expect.closeTo(400, 6) }] },
    });
    expect(code(putRight(strong, solvent, { mode: 'let-down', ...asked, target: '0' }, 20))).toBe('target-out-of-reach');
  });
});

describe('a trace as a list', () => {
  it('has a row for everything it reaches, buyers with theirs', () => {
    const trace = traceOf(db, 2);
    if (!trace) throw new Error('no trace');
    const rows = traceRows(trace);
    expect(rows).toHaveLength(trace.lots.length + trace.batches.length + trace.pieces.length + trace.tins.length);
    expect(rows.some((row) => row.kind === 'piece' && typeof row.buyer === 'string')).toBe(true);
  });
});
