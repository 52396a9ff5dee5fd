import { describe, expect, it } from 'vitest';
import { HONEST_SHARE } from '@/core/batch';
import { CARE_CLASSES, type CareClass } from '@/core/care';
import { SHIPPED } from '@/core/material';
import { REGIMENS } from '@/core/regimen';
import { type Candidate, type Choice, chooseFinish, type FinishWish, type ReasonCode } from '.';

/** A regimen of each care class. */
const OF_CLASS: Readonly<Record<CareClass, string>> = {
  'never-dry': 'bath',
  'oil-wax': 'long-soak',
  'drying-oil': 'thin-drying',
  'drying-oil-wax': 'saturate',
  'hard-wax': 'sparing',
  friction: 'friction',
  film: 'wiping-build',
  bare: 'bare',
};
/** Nothing is wished that any finish gains or loses by, but that its owner renews it. */
const PLAIN: FinishWish = {
  uses: ['display'],
  closed: false,
  owner: 're-oils',
  avoid: [],
  days: null,
  shine: 'any',
  colour: 'any',
  wood: { food: 'good', keepOff: [], origin: 'bought', slowsCure: false },
};
const oil = (id: number, change: Partial<Candidate> = {}): Candidate => ({
  id,
  number: `S31-${id}`,
  title: 'Walnut oil',
  held: false,
  ingredients: [],
  turnsRancid: false,
  setsInTin: false,
  leftG: 500,
  roles: ['neat-oil'],
  drying: 'drying',
  waxEquivalent: 0,
  a0Hours: 200,
  mode: 'oxidise',
  layer: {
    contact: 'once-cured',
    filmForming: false,
    drying: 'drying',
    waxEquivalent: 0,
    allergens: [],
    undeclared: false,
    statement: [],
  },
  ...change,
});
const choose = (change: Partial<FinishWish>, stock: readonly Candidate[] = []) =>
  chooseFinish(REGIMENS, stock, { ...PLAIN, ...change }, SHIPPED);
const of = (choices: readonly Choice[], id: string): Choice => {
  const found = choices.find((one) => one.regimen.id === id);
  if (!found) throw new Error(id);
  return found;
};
const classesWith = (change: Partial<FinishWish>, code: ReasonCode, sign: 'gains' | 'costs'): CareClass[] => {
  const choices = choose(change);
  return CARE_CLASSES.filter((one) => of(choices, OF_CLASS[one])[sign].some((reason) => reason.code === code));
};

const [DRIES, NEVER, FILMS] = [
  ['drying-oil', 'drying-oil-wax'],
  ['never-dry', 'oil-wax'],
  ['film', 'friction'],
] as const;
const LASTS = [...DRIES, 'hard-wax'] as const;

/** What each wish gains and costs, and by which finishes; with nothing wished none of them does. */
const ROWS: readonly (readonly [ReasonCode, 'gains' | 'costs', Partial<FinishWish>, readonly CareClass[]])[] = [
  ['lasts-without-care', 'gains', { owner: 'will-not' }, LASTS],
  ['owner-unknown-safe', 'gains', { owner: 'unknown' }, LASTS],
  ['washes-out', 'costs', { owner: 'unknown' }, NEVER],
  ['washes-out', 'costs', { owner: 'will-not' }, NEVER],
  ['washes-out', 'costs', { uses: ['outdoors'] }, NEVER],
  ['bare-greys', 'costs', { owner: 'unknown' }, ['bare']],
  ['bare-soaks', 'costs', { uses: ['mouth'] }, ['bare']],
  ['bare-soaks', 'costs', { uses: ['toy'] }, ['bare']],
  ['stands-heat', 'gains', { uses: ['hot-food'] }, ['drying-oil', 'hard-wax', 'bare']],
  ['marks-with-heat', 'costs', { uses: ['hot-food'] }, ['oil-wax', ...FILMS]],
  ['smell-stays', 'costs', { closed: true }, DRIES],
  ['no-smell', 'gains', { closed: true }, [...NEVER, 'friction', 'bare']],
  ['easy-dry-food', 'gains', { uses: ['food-dry'] }, [...NEVER, 'hard-wax']],
  ['wears-well', 'gains', { uses: ['hands'] }, [...LASTS, ...FILMS]],
  ['weathers', 'gains', { uses: ['outdoors'] }, ['drying-oil']],
  ['flakes-outdoors', 'costs', { uses: ['outdoors'] }, FILMS],
  ['shines', 'gains', { shine: 'gloss' }, FILMS],
  ['stays-dull', 'costs', { shine: 'gloss' }, CARE_CLASSES.filter((one) => one !== 'film' && one !== 'friction')],
  ['stays-matt', 'gains', { shine: 'matt' }, CARE_CLASSES.filter((one) => one !== 'film' && one !== 'friction')],
  ['keeps-colour', 'gains', { colour: 'as-it-is' }, [...NEVER, 'bare']],
  ['darkens', 'costs', { colour: 'as-it-is' }, DRIES],
  ['warms-colour', 'gains', { colour: 'warm' }, DRIES],
];

describe('what a finish gains and costs', () => {
  it.each(ROWS)('%s among its %s', (code, sign, change, classes) => {
    expect([...classesWith(change, code, sign)].sort()).toEqual([...classes].sort());
    expect(classesWith({}, code, sign)).toEqual([]);
    // It is one or the other, never both.
    expect(classesWith(change, code, sign === 'gains' ? 'costs' : 'gains')).toEqual([]);
  });
  it('is renewed by an owner who does, where it never dries', () => {
    expect([...classesWith({}, 'renewed-by-owner', 'gains')].sort()).toEqual([...NEVER].sort());
    for (const owner of ['unknown', 'will-not'] as const) expect(classesWith({ owner }, 'renewed-by-owner', 'gains')).toEqual([]);
    expect(classesWith({}, 'washes-out', 'costs')).toEqual([]);
  });
  it('is easy with dry food only where nothing wet comes', () => {
    expect(classesWith({ uses: ['food-dry', 'food-wet'] }, 'easy-dry-food', 'gains')).toEqual([]);
  });
  it('is quick up to three days', () => {
    const dry = (a0Hours: number) => of(choose({}, [oil(1, { a0Hours })]), 'day-build');
    expect(of(choose({}), 'bare').gains).toEqual([{ code: 'quick' }]);
    expect(of(choose({}), 'thin-drying').gains).toEqual([]);
    expect(dry(0).readyDays).toBeGreaterThan(3);
    expect(dry(0).gains).toEqual([]);
  });
});

describe('when it is ready', () => {
  it('counts hands and waits, without the wait of what may be left out, and the longest cure', () => {
    expect(of(choose({}), 'bare').readyDays).toBeCloseTo(133 / 1440, 9);
    // Nothing in stock suits: the steps alone.
    expect(of(choose({}), 'long-soak').readyDays).toBeCloseTo(2684 / 1440, 9);
    expect(of(choose({}), 'bath').readyDays).toBeCloseTo(2109.5 / 1440, 9);
    const steps = of(choose({}), 'thin-drying').readyDays;
    expect(of(choose({}, [oil(1, { a0Hours: 240 })]), 'thin-drying').readyDays).toBeCloseTo(steps + 10 * HONEST_SHARE, 9);
  });
  it('is later on a wood that holds oxygen back, where the finish sets by it', () => {
    const days = (mode: Candidate['mode'], slowsCure: boolean) =>
      of(choose({ wood: { ...PLAIN.wood, slowsCure } }, [oil(1, { mode })]), 'thin-drying').readyDays;
    expect(days('oxidise', true)).toBeGreaterThan(days('oxidise', false));
    expect(days('evaporate', true)).toBe(days('evaporate', false));
  });
  it('may be the very day it must leave', () => {
    const { readyDays } = of(choose({}), 'bare');
    expect(of(choose({ days: readyDays }), 'bare').refused).toEqual([]);
    expect(of(choose({ days: readyDays - 0.01 }), 'bare').refused).toEqual([{ code: 'too-late', with: '1' }]);
  });
});

describe('which lot', () => {
  const picked = (...stock: Candidate[]): number | undefined => of(choose({}, stock), 'thin-drying').lots[0]?.lot.id;
  it('is the soonest ready, of those alike the fullest, of those the first received', () => {
    expect(picked(oil(1), oil(2, { a0Hours: 100, leftG: 1 }))).toBe(2);
    expect(picked(oil(1), oil(2, { leftG: 900 }))).toBe(2);
    expect(picked(oil(2), oil(1))).toBe(1);
    expect(picked(oil(1), oil(2, { a0Hours: null, leftG: 900 }))).toBe(1);
  });
  it('is the one with the fewest gates against it, where none is free of them', () => {
    const toy = { uses: ['toy' as const] };
    const far = oil(1, { a0Hours: 10, layer: { ...oil(1).layer, contact: 'not-for-food', undeclared: true } });
    const near = oil(2, { layer: { ...oil(1).layer, undeclared: true } });
    const [first, second] = [of(choose(toy, [far]), 'thin-drying'), of(choose(toy, [near]), 'thin-drying')];
    expect(first.refused.length).toBeGreaterThan(second.refused.length);
    expect(second.refused.length).toBeGreaterThan(0);
    expect(of(choose(toy, [far, near]), 'thin-drying').lots[0]?.lot.id).toBe(2);
    // Where they are as bad, the sooner.
    const soon = oil(3, { a0Hours: 20, title: 'Other', layer: { ...near.layer, allergens: ['x'] } });
    expect(of(choose(toy, [near, soon]), 'thin-drying').lots[0]?.lot.id).toBe(3);
  });
  it('names nothing for what may be left out', () => {
    const white = oil(1, { drying: 'never', mode: 'settle', layer: { ...oil(1).layer, contact: 'food-grade', drying: 'never' } });
    const bath = of(choose({}, [white]), 'bath');
    expect([bath.refused, bath.lots.map(({ slot }) => slot)]).toEqual([[], ['oil']]);
  });
  it('recommends nothing that the gates cannot read', () => {
    const odd = oil(1, { layer: { ...oil(1).layer, waxEquivalent: 1000 } });
    expect(of(choose({}, [odd]), 'thin-drying').refused).toEqual([{ code: 'gate-wood', with: '' }]);
  });
});

it('of those that gain and cost the same, the sooner ready stands first', () => {
  const all = choose({}, [oil(1), oil(2, { roles: ['thinned-oil'] })]).filter(
    (one) => one.refused.length === 0 && one.regimen.careClass === 'drying-oil',
  );
  const days = all.map((one) => one.readyDays);
  expect(days.length).toBeGreaterThan(1);
  expect(days).toEqual([...days].sort((a, b) => a - b));
});
