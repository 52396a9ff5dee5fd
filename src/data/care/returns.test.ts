import { describe, expect, it } from 'vitest';
import { demoDb } from '../testing';
import { whatComesBack } from './returns';

const NOW = Date.parse('2031-03-05T14:20:00Z');

describe('what comes back', () => {
  const { rows, months } = whatComesBack(demoDb(NOW), ['2030-02', '2030-03', '2030-04', '2031-01', '2031-02', '2031-03']);
  const of = (finish: string, wood: string) => rows.find((row) => row.finish === finish && row.speciesId === wood);
  it('is counted by finish and wood, each piece once, most sold first', () => {
    expect(of('oil-wax', 'sycamore')).toMatchObject({ sold: 14, wrong: { of: 2, n: 14 }, back: { of: 1, n: 14 } });
    expect(of('drying-oil', 'olive')).toMatchObject({ sold: 4, wrong: { of: 1 }, back: { of: 0 } });
    expect(rows.map((row) => row.sold)).toEqual([...rows.map((row) => row.sold)].sort((a, b) => b - a));
    expect(rows.every((row) => row.wrong.low <= row.wrong.share && row.wrong.share <= row.wrong.high)).toBe(true);
  });
  it('knows owners’ own rhythm from the gaps they left', () => {
    // 22, 29, 45 days of one board, 30 and 32 of another.
    expect(of('oil-wax', 'sycamore')).toMatchObject({ everyDays: 30, gaps: 5 });
    expect(of('drying-oil', 'hornbeam')).toMatchObject({ everyDays: null, gaps: 0 });
  });
  it('is told month by month', () => {
    expect(months.map((one) => one.month)).toEqual(['2030-02', '2030-03', '2030-04', '2031-01', '2031-02', '2031-03']);
    expect(months[0]).toMatchObject({ month: '2030-02', sold: 6, wrong: 0 });
    expect(months.reduce((sum, one) => sum + one.wrong, 0)).toBeGreaterThan(0);
  });
});
