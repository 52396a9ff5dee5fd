import { describe, expect, it } from 'vitest';
import { keepingOf, runningOut } from '.';

const DAY = 86_400_000;
const NOW = 100 * DAY;

describe('how a lot keeps', () => {
  it.each([
    [null, 'no-date', null],
    ['2031-03-02', 'past', -1],
    ['2031-03-03', 'near', 0],
    ['2031-04-02', 'near', 30],
    ['2031-04-03', 'keeps', 31],
  ] as const)('to %s it is %s', (date, state, days) => expect(keepingOf(date, '2031-03-03')).toEqual({ state, days }));
});

describe('what runs out', () => {
  const lots = [
    { ingredientId: 'mineral-oil', leftG: 600, held: null },
    { ingredientId: 'mineral-oil', leftG: 400, held: { reason: 'recalled' } },
    { ingredientId: 'beeswax', leftG: 100, held: null },
    { ingredientId: null, leftG: 5000, held: null },
  ];
  const used = (ingredientId: string, grams: number, daysAgo: number) => ({ ingredientId, grams, firstAt: NOW - daysAgo * DAY });
  it('is said soonest first, at the rate it was used, without what is held', () => {
    expect(runningOut([used('mineral-oil', 300, 30), used('beeswax', 300, 30)], lots, NOW)).toEqual([
      { id: 'beeswax', days: 10, leftG: 100, perDay: 10 },
      { id: 'mineral-oil', days: 60, leftG: 600, perDay: 10 },
    ]);
  });
  it('spreads a first use over two weeks at least, and says nothing of what lasts', () => {
    expect(runningOut([used('mineral-oil', 140, 1)], lots, NOW)[0]).toMatchObject({ perDay: 10, days: 60 });
    expect(runningOut([used('mineral-oil', 100, 14)], lots, NOW)).toEqual([]);
    expect(runningOut([used('tung-oil', 100, 14)], lots, NOW)).toMatchObject([{ id: 'tung-oil', days: 0 }]);
    expect(runningOut([used('mineral-oil', 0, 14)], lots, NOW)).toEqual([]);
  });
});
