import { describe, expect, it } from 'vitest';
import { type Blend, blend } from '@/core/blend';
import { type Candidate, type Choice, chooseFinish, REGIMENS, type Wish } from '.';

const natureOf = (lines: readonly (readonly [string, number])[]): Blend => {
  const made = blend({ lines: lines.map(([ingredient, parts]) => ({ ingredient, parts })), make: { massG: 1 } });
  if (!made.ok) throw new Error('no blend');
  return made.value;
};
const lot = (id: number, title: string, lines: readonly (readonly [string, number])[]): Candidate => ({
  id,
  number: `S31-0${id}`,
  title,
  nature: natureOf(lines),
});
const STOCK = [
  lot(1, 'White oil', [['mineral-oil', 1]]),
  lot(2, 'Paste', [
    ['beeswax', 1],
    ['mineral-oil', 4],
  ]),
  lot(3, 'Walnut', [['walnut-oil-heat-treated', 1]]),
  lot(4, 'Stand oil', [['linseed-heat-bodied', 1]]),
  lot(5, 'Oil-wax', [
    ['linseed-heat-bodied', 8],
    ['beeswax', 2],
  ]),
  lot(6, 'Varnish', [['wiping-varnish', 1]]),
];
const wish: Wish = { meets: ['knife'], owner: 'unknown', avoid: [], days: null, shine: 'any', colour: 'any' };
const choose = (change: Partial<Wish>, stock = STOCK) => chooseFinish(REGIMENS, stock, { ...wish, ...change });
const find = (choices: readonly Choice[], id: string): Choice => {
  const found = choices.find((one) => one.regimen.id === id);
  if (!found) throw new Error(id);
  return found;
};
const codes = (choice: Choice) => choice.refused.map((reason) => reason.code);

describe('choosing a finish', () => {
  it('ranks every regimen once, refused ones last, bare wood among them', () => {
    const all = choose({});
    expect(all.map((one) => one.regimen.id).sort()).toEqual(REGIMENS.map((one) => one.id).sort());
    const firstRefused = all.findIndex((one) => one.refused.length > 0);
    expect(all.slice(firstRefused).every((one) => one.refused.length > 0)).toBe(true);
    expect(codes(find(all, 'bare'))).toEqual([]);
  });
  it('holds the house’s choice: what dries for an unknown owner, what never does for one who re-oils', () => {
    expect(['drying-oil', 'drying-oil-wax', 'hard-wax']).toContain(choose({})[0]?.regimen.careClass);
    expect(['never-dry', 'oil-wax', 'bare']).toContain(choose({ owner: 're-oils' })[0]?.regimen.careClass);
    expect(find(choose({ owner: 'will-not' }), 'soak-wax').costs.map((reason) => reason.code)).toContain('washes-out');
  });
  it('lays no film under a knife or in a mouth, whatever else is wished', () => {
    for (const meets of ['knife', 'mouth'] as const)
      for (const one of choose({ meets: [meets], shine: 'gloss' }))
        if (one.refused.length === 0) expect(one.regimen.knifeSurface).toBe(true);
    expect(codes(find(choose({}), 'wiping-build'))).toContain('film-under-knife');
    expect(codes(find(choose({ meets: ['display'], shine: 'gloss' }), 'wiping-build'))).toEqual([]);
  });
  it('picks a lot without the allergen, and refuses where there is none', () => {
    const without = find(choose({ avoid: ['tree nut'] }), 'thin-drying');
    expect(without.lots.map(({ lot: one }) => one.title)).toEqual(['Stand oil']);
    expect(codes(find(choose({ avoid: ['tree nut'] }, [STOCK[2] as Candidate]), 'thin-drying'))).toEqual(['allergen']);
    expect(codes(find(choose({ avoid: ['bee product'] }), 'soak-wax'))).toEqual(['allergen']);
    expect(codes(find(choose({}, []), 'thin-drying'))).toContain('nothing-in-stock');
  });
  it('refuses what cannot be ready in time, and says how long it takes', () => {
    const hurried = find(choose({ days: 2 }), 'thin-drying');
    expect(hurried.refused).toMatchObject([{ code: 'too-late', with: Math.ceil(hurried.readyDays).toString() }]);
    expect(hurried.readyDays).toBeGreaterThan(4);
    expect(codes(find(choose({ days: 2 }), 'bare'))).toEqual([]);
  });
  it('weighs heat, lids, shine and colour', () => {
    expect(find(choose({ meets: ['hot'] }), 'sparing').gains.map((reason) => reason.code)).toContain('stands-heat');
    expect(find(choose({ meets: ['closed-box'] }), 'thin-drying').costs.map((reason) => reason.code)).toContain('smell-stays');
    expect(find(choose({ meets: ['display'], shine: 'gloss' }), 'wiping-build').gains.map((reason) => reason.code)).toContain(
      'shines',
    );
    expect(find(choose({ colour: 'warm' }), 'thin-drying').gains.map((reason) => reason.code)).toContain('warms-colour');
  });
});
