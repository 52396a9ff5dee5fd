import { describe, expect, it } from 'vitest';
import { asksPaper, goodUntil, keepingOf, lifeOf, runningOut, saysAnything, tooEarlyToSay, type UsedUp } from '.';

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

describe('what may be used only so long once it is open', () => {
  it.each([
    [null, null, null, null],
    ['2031-09-01', null, 90, '2031-09-01'],
    ['2031-09-01', '2031-03-01', null, '2031-09-01'],
    ['2031-09-01', '2031-03-01', 90, '2031-05-30'],
    ['2031-04-01', '2031-03-01', 90, '2031-04-01'],
    [null, '2031-03-01', 30, '2031-03-31'],
  ] as const)('dated %s, opened %s, good for %s days: until %s', (bestBefore, openedOn, days, until) =>
    expect(goodUntil(bestBefore, openedOn, days)).toBe(until),
  );
});

describe('what runs out', () => {
  const oil: UsedUp = {
    id: 'mineral-oil',
    name: 'White mineral oil',
    kind: 'material',
    counted: 'g',
    left: 600,
    used: 300,
    firstAt: NOW - 30 * DAY,
    draws: 3,
    pack: null,
    keepsDays: null,
  };
  it('is said soonest first, at the rate it was used', () => {
    const wax: UsedUp = { ...oil, id: 'beeswax', name: 'Beeswax', left: 100 };
    expect(runningOut([oil, wax], NOW).map(({ id, days, perDay }) => [id, days, perDay])).toEqual([
      ['beeswax', 10, 10],
      ['mineral-oil', 60, 10],
    ]);
  });
  it('is said only of what was used for two weeks and on three days, and not of what lasts', () => {
    for (const change of [{ firstAt: NOW - 13 * DAY }, { draws: 2 }]) {
      expect(runningOut([{ ...oil, ...change }], NOW)).toEqual([]);
      expect(tooEarlyToSay([{ ...oil, ...change }], NOW)).toHaveLength(1);
    }
    expect(tooEarlyToSay([oil], NOW)).toEqual([]);
    expect(runningOut([{ ...oil, kind: 'supply', draws: null, used: 140, firstAt: NOW - DAY }], NOW)[0]).toMatchObject({
      perDay: 10,
    });
    expect(runningOut([{ ...oil, used: 100, firstAt: NOW - 14 * DAY }], NOW)).toEqual([]);
    expect(runningOut([{ ...oil, left: 0 }], NOW)).toMatchObject([{ days: 0 }]);
    expect(runningOut([{ ...oil, used: 0 }], NOW)).toEqual([]);
  });
  it('is ordered for four months, less what is there, in whole packs, and rounded where no pack is known', () => {
    expect(runningOut([oil], NOW)[0]).toMatchObject({ order: 600, packs: null });
    expect(runningOut([{ ...oil, left: 577 }], NOW)[0]).toMatchObject({ order: 630 });
    expect(runningOut([{ ...oil, pack: { amount: 500, supplier: 'Estuary Supply Loft' } }], NOW)[0]).toMatchObject({
      packs: 2,
      order: 1000,
    });
  });
  it('is never ordered for longer than it keeps, but one pack at least', () => {
    expect(runningOut([{ ...oil, keepsDays: 90 }], NOW)[0]).toMatchObject({ order: 300 });
    expect(runningOut([{ ...oil, keepsDays: 30 }], NOW)[0]).toMatchObject({ order: 0 });
    expect(runningOut([{ ...oil, keepsDays: 30, pack: { amount: 500, supplier: '' } }], NOW)[0]).toMatchObject({ packs: 1 });
  });
});

describe('a lot’s life', () => {
  const at = (day: number, grams: number, why = 'coat') => ({ at: NOW + day * DAY, grams, why });
  it('runs in the order things happened, to what is left or to empty', () => {
    const life = lifeOf([at(3, -200), at(0, 1000, 'receive'), at(9, -50, 'count')], [{ from: NOW, until: null }]);
    expect(life.points.map((one) => one.leftG)).toEqual([1000, 800, 750]);
    expect(life).toMatchObject({ mostG: 1000, emptyAt: null, held: [{ from: NOW, until: null }] });
    expect(lifeOf([at(0, 10, 'receive'), at(1, -10)], []).emptyAt).toBe(NOW + DAY);
  });
  it('is never below nothing where more was drawn than the book held, and nothing of nothing', () => {
    expect(lifeOf([at(0, 10, 'receive'), at(1, -12)], []).points.at(-1)?.leftG).toBe(0);
    expect(lifeOf([], [])).toMatchObject({ points: [], mostG: 0, emptyAt: null });
  });
});

describe('what comes in is judged', () => {
  it.each([
    ['thumbnail', 20, true],
    ['thumbnail', 17.9, false],
    ['thumbnail', 24.1, false],
    ['thumbnail', null, null],
    ['smell', 5, true],
  ] as const)('by %s at %s °C: %s', (kind, tempC, says) => expect(saysAnything(kind, tempC)).toBe(says));
  it('with a paper where it meets food', () => {
    const lot = { kind: 'bought', contact: 'food-grade' as const, statements: [] as string[], leftG: 100 };
    expect(asksPaper(lot)).toBe(true);
    for (const other of [
      { ...lot, kind: 'made' },
      { ...lot, leftG: 0 },
      { ...lot, statements: ['food'] },
      { ...lot, contact: 'not-for-food' as const },
    ])
      expect(asksPaper(other)).toBe(false);
  });
});
