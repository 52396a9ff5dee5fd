import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readList } from './list';

const board = { shape: 'board', lengthMm: 420, widthMm: 260, thickMm: 24, grain: 'long' } as const;
const known = {
  designs: [
    { id: 1, name: 'Bread board', geometry: board },
    { id: 2, name: 'Serving spoon', geometry: { shape: 'unknown' } as const },
  ],
  woods: [
    { id: 'plum', name: 'Plum' },
    { id: 'pear', name: 'Pear' },
    { id: 'olive', name: 'Olive wood' },
  ],
};
const said = (text: string) =>
  readList(text, known).map(({ count, name, designId, woodId, geometry }) => [count, name, designId, woodId, geometry.shape]);

describe('a list of unlike pieces', () => {
  it('is read as it is said, with the designs and woods the shop has', () => {
    expect(said('3 spoons, 2 plum bowls and a bread board')).toEqual([
      [3, 'spoon', 2, null, 'unknown'],
      [2, 'bowl', null, 'plum', 'like'],
      [1, 'bread board', 1, null, 'board'],
    ]);
    expect(said('• eight bowls in olive wood\n- a dozen pegs;2 x boxes')).toEqual([
      [8, 'bowl', null, 'olive', 'like'],
      [12, 'peg', null, null, 'like'],
      [2, 'box', null, null, 'like'],
    ]);
  });
  it('takes what nobody knows as it is, its first coat to tell its size', () => {
    expect(said('4 whirligigs')).toEqual([[4, 'whirligig', null, null, 'unknown']]);
    expect(said(' , ;\n')).toEqual([]);
    expect(said('spearfish')).toEqual([[1, 'spearfish', null, null, 'unknown']]);
  });
  it('never breaks on anything typed, and never counts less than one', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 80 }), (text) => {
        for (const one of readList(text, known)) expect(one.count).toBeGreaterThanOrEqual(0);
      }),
      { seed: 5, numRuns: 300 },
    );
  });
});
