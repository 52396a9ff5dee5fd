import { describe, expect, it } from 'vitest';
import { allLots, containers } from '@/data/stores/queries';
import { demoDb } from '@/data/testing';
import { traceOf } from '@/data/trace/queries';
import { toCsv } from '@/web/csv';
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

describe('a trace as a list', () => {
  it('has a row for everything it reaches, buyers with theirs', () => {
    const trace = traceOf(db, 2);
    if (!trace) throw new Error('no trace');
    const rows = traceRows(trace);
    expect(rows).toHaveLength(trace.lots.length + trace.batches.length + trace.pieces.length + trace.tins.length);
    expect(rows.some((row) => row.kind === 'piece' && typeof row.buyer === 'string')).toBe(true);
  });
});
