import { describe, expect, it } from 'vitest';
import { reportCare } from '@/data/care/owners';
import { findSold, soldPieces } from '@/data/care/queries';
import { learnedA0 } from '@/data/cure/learned';
import { pieceByCode } from '@/data/piece/piece';
import { demoDb } from '@/data/testing';
import { standingOfBatch } from '@/data/work/standing';
import { storyOf } from './story';

const NOW = Date.parse('2031-03-05T14:20:00Z');

describe('the life of a piece', () => {
  const db = demoDb(NOW);
  const code = soldPieces(db, '2031-03-05').find((one) => one.number === '31-001' && one.ordinal === 2)?.code ?? '';
  const story = () => {
    const found = pieceByCode(db, code, NOW);
    if (!found) throw new Error('no such piece');
    return storyOf(db, found.of, found.piece, standingOfBatch(db, found.of, NOW, learnedA0(db)), findSold(db, code, NOW));
  };
  it('goes from the first sanding to the sale in the order it happened, each coat with its lot and its grams a piece', () => {
    const all = story();
    expect(all.map((one) => one.at)).toEqual([...all.map((one) => one.at)].sort((a, b) => a - b));
    const coats = all.filter((one) => one.to?.href.startsWith('/stores/lots/'));
    expect(coats.length).toBe(4);
    expect(coats.every((one) => / g a piece/.test(one.detail) && one.isMain)).toBe(true);
    const places = ['Sanded to 120', 'Flooded', 'Released', 'Sold'].map((what) => all.findIndex((one) => one.what === what));
    expect(places).toEqual([...places].sort((a, b) => a - b));
    expect(places.every((at) => at >= 0)).toBe(true);
  });
  it('ends with what its owner said, and that stands out', () => {
    reportCare(db, { code, kind: 'wrong', note: 'it has gone grey' }, NOW);
    expect(story().at(-1)).toMatchObject({
      what: 'Its owner said: something is wrong',
      detail: 'it has gone grey',
      isMain: true,
    });
  });
});
