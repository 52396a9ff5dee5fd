import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { natureOf } from '@/core/blend/blend';
import { a0Of } from '@/core/cure';
import { FOOD_VERDICTS, INGREDIENTS, ingredientOf, ORIGINS, PIECE_USES, SHIPPED } from '@/core/material';
import { REGIMENS, RESTORATIONS, rolesOf, suits } from '@/core/regimen';
import { finishOf, gates, layerOfBlend, meetsFood } from '@/core/use';
import { type Candidate, type Choice, COLOURS, chooseFinish, type FinishWish, OWNERS, SHINES, usesOf } from '.';

type Parts = Readonly<Record<string, number>>;
const candidate = (id: number, title: string, parts: Parts, change: Partial<Candidate> = {}): Candidate => {
  const made = natureOf(
    {
      lines: Object.entries(parts).map(([ingredient, n]) => ({ ingredient, parts: n })),
      make: { massG: 1 },
    },
    SHIPPED,
  );
  if (!made.ok) throw new Error('no blend');
  const nature = made.value;
  const needs = a0Of(
    nature.lines.map((line) => ({ ingredient: ingredientOf(line.ingredient, SHIPPED), w: line.massFraction })),
    SHIPPED,
  );
  return {
    id,
    number: `S31-0${id}`,
    title,
    held: false,
    ingredients: [],
    turnsRancid: nature.turnsRancid,
    setsInTin: false,
    leftG: 500,
    roles: rolesOf(nature.lines, nature.waxEquivalent, SHIPPED),
    drying: nature.drying,
    waxEquivalent: nature.waxEquivalent,
    a0Hours: needs?.hours ?? null,
    mode: needs?.mode ?? 'oxidise',
    layer: layerOfBlend(nature, false, []),
    ...change,
  };
};
const STOCK = [
  candidate(1, 'White oil', { 'mineral-oil': 1 }),
  candidate(2, 'Paste', { beeswax: 1, 'mineral-oil': 4 }),
  candidate(3, 'Walnut', { 'walnut-oil-heat-treated': 1 }),
  candidate(4, 'Stand oil', { 'linseed-heat-bodied': 1 }),
  candidate(5, 'Oil-wax', { 'linseed-heat-bodied': 8, beeswax: 2 }),
  candidate(6, 'Varnish', { 'wiping-varnish': 1 }),
];
const wish: FinishWish = {
  uses: ['food-wet', 'knife'],
  closed: false,
  owner: 'unknown',
  avoid: [],
  days: null,
  shine: 'any',
  colour: 'any',
  wood: { food: 'good', keepOff: [], origin: 'bought', slowsCure: false },
};
const choose = (change: Partial<FinishWish>, stock = STOCK) =>
  chooseFinish([...REGIMENS, ...RESTORATIONS], stock, { ...wish, ...change }, SHIPPED);
const find = (choices: readonly Choice[], id: string): Choice => {
  const found = choices.find((one) => one.regimen.id === id);
  if (!found) throw new Error(id);
  return found;
};
const codes = (choice: Choice) => choice.refused.map((reason) => reason.code);
const gainsOf = (choice: Choice) => choice.gains.map((reason) => reason.code);

describe('choosing a finish', () => {
  it('never names what turns rancid, whoever will own it and however much of it there is', () => {
    const olive = [
      candidate(1, 'Olive', { 'olive-oil': 1 }, { leftG: 5000 }),
      candidate(2, 'Olive paste', { 'olive-oil': 4, beeswax: 1 }, { leftG: 900 }),
      candidate(3, 'White oil', { 'mineral-oil': 1 }, { leftG: 300 }),
    ];
    for (const owner of ['re-oils', 'will-not', 'unknown'] as const)
      for (const one of choose({ owner }, olive).filter((each) => each.refused.length === 0))
        expect(one.lots.every(({ lot }) => lot.title === 'White oil')).toBe(true);
    expect(codes(find(choose({}, olive.slice(0, 2)), 'bath'))).toContain('turns-rancid');
  });
  it('names a tin that declares nothing as one to sign for, and leaves it out where something is to be avoided', () => {
    const tin = candidate(1, 'Harbour oil', { 'linseed-heat-bodied': 1 });
    const stock = [{ ...tin, layer: { ...tin.layer, undeclared: true } }];
    const named = find(choose({ uses: ['food-dry'] }, stock), 'thin-drying');
    expect([named.refused, named.costs[0]]).toEqual([[], { code: 'gate-declared', with: 'sign' }]);
    expect(codes(find(choose({ uses: ['mouth'] }, stock), 'thin-drying'))).toContain('gate-declared');
    expect(codes(find(choose({ uses: ['food-dry'], avoid: ['tree nut'] }, stock), 'thin-drying'))).toContain('allergen');
  });
  it('ranks every regimen for new pieces once, refused ones last, bare wood among them and no restoration', () => {
    const all = choose({});
    expect(all.map((one) => one.regimen.id).sort()).toEqual(REGIMENS.map((one) => one.id).sort());
    const firstRefused = all.findIndex((one) => one.refused.length > 0);
    expect(all.slice(firstRefused).every((one) => one.refused.length > 0)).toBe(true);
    expect(codes(find(all, 'bare'))).toEqual([]);
  });
  it('holds the house’s choice: what dries for an unknown owner, what never does for one who re-oils', () => {
    expect(['drying-oil', 'drying-oil-wax', 'hard-wax']).toContain(choose({})[0]?.regimen.careClass);
    expect(['never-dry', 'oil-wax']).toContain(choose({ owner: 're-oils' })[0]?.regimen.careClass);
    expect(find(choose({ owner: 'will-not' }), 'soak-wax').costs.map((reason) => reason.code)).toContain('washes-out');
  });
  it('assumes food unless only hands, eyes or outdoors are said', () => {
    expect([usesOf({ uses: [] }), usesOf({ uses: ['display'] })]).toEqual([['food-wet'], ['display']]);
    expect(codes(find(choose({ uses: [] }), 'wiping-build'))).toContain('gate-contact');
    expect(codes(find(choose({ uses: ['display'], shine: 'gloss' }), 'wiping-build'))).toEqual([]);
  });
  it('passes over a lot that forces a refusal when another fits', () => {
    const driers = candidate(7, 'Boiled', { 'linseed-boiled-driers': 1 });
    // It would be ready sooner, and belongs on no salad bowl.
    expect(find(choose({}, [driers, ...STOCK]), 'thin-drying').lots[0]?.lot.id).toBe(3);
    expect(codes(find(choose({}, [driers]), 'thin-drying'))).toContain('gate-contact');
    expect(find(choose({ uses: ['hands'] }, [driers, ...STOCK]), 'thin-drying').lots[0]?.lot.id).toBe(7);
  });
  it('never offers a thinner as an oil, a bare wax as a paste, an oil as a paint', () => {
    const odd = [
      candidate(1, 'Thinner', { turpentine: 1 }),
      candidate(2, 'Wax', { beeswax: 1 }),
      candidate(3, 'White oil', { 'mineral-oil': 1 }),
    ];
    for (const one of choose({ uses: ['display'] }, odd)) {
      const slots = one.regimen.slots.filter(({ slot }) =>
        one.regimen.steps.some((step) => step.slot === slot && !step.optional),
      );
      const isWhole = slots.length === one.lots.length;
      expect([one.regimen.id, isWhole, one.refused.length === 0]).toEqual([one.regimen.id, isWhole, isWhole]);
      expect([one.regimen.id, one.lots.every(({ lot }) => lot.id === (one.regimen.id === 'wax-stick' ? 2 : 3))]).toEqual([
        one.regimen.id,
        true,
      ]);
    }
  });
  it('says why a slot is empty: held, of another kind, or nothing there', () => {
    const held = STOCK.map((one) => ({ ...one, held: one.id === 1 }));
    expect(codes(find(choose({}, held), 'long-soak'))).toEqual(['all-held']);
    expect(codes(find(choose({}, []), 'long-soak'))).toEqual(['none-in-stock', 'none-in-stock']);
    expect(codes(find(choose({}), 'sparing'))).toEqual([]);
    expect(codes(find(choose({}), 'friction'))).toEqual(['wrong-role', 'wrong-role']);
    expect(codes(find(choose({}), 'day-build'))).toEqual(['wrong-kind']);
  });
  it('picks a lot without the allergen, and refuses where there is none', () => {
    const without = find(choose({ avoid: ['tree nut'] }), 'thin-drying');
    expect(without.lots[0]?.lot.id).toBe(4);
    expect(codes(find(choose({ avoid: ['tree nut'] }, [STOCK[2] as Candidate]), 'thin-drying'))).toEqual(['allergen']);
  });
  it('refuses what cannot be ready in time, later still on a wood that holds it back', () => {
    const days = (slowsCure: boolean) => find(choose({ wood: { ...wish.wood, slowsCure } }), 'thin-drying').readyDays;
    expect(days(true)).toBeGreaterThan(days(false));
    expect(codes(find(choose({ days: 3 }), 'thin-drying'))).toEqual(['too-late']);
    expect(codes(find(choose({ days: 10 }), 'soak-wax'))).toEqual([]);
  });
  it('praises bare wood neither for a mouth nor for an owner who looks after nothing', () => {
    for (const change of [{ uses: ['mouth' as const] }, { owner: 'will-not' as const }]) {
      const bare = find(choose({ ...change, closed: true, shine: 'matt', colour: 'as-it-is' }), 'bare');
      expect(gainsOf(bare)).toEqual([]);
      expect(bare.costs.length).toBeGreaterThan(0);
    }
    expect(choose({ uses: ['mouth'] })[0]?.regimen.id).not.toBe('bare');
    expect(choose({ owner: 'will-not' })[0]?.regimen.id).not.toBe('bare');
  });
  it('lets every answer change something', () => {
    const face = (change: Partial<FinishWish>): string =>
      JSON.stringify(
        choose(change).map((one) => [one.regimen.id, one.refused, one.gains, one.costs, one.lots.map(({ lot }) => lot.id)]),
      );
    const base = face({ uses: ['food-wet'] });
    for (const use of PIECE_USES.filter((one) => one !== 'food-wet')) expect(face({ uses: [use] }), use).not.toBe(base);
    const others: readonly Partial<FinishWish>[] = [
      { closed: true },
      { owner: 're-oils' },
      { owner: 'will-not' },
      { avoid: ['tree nut'] },
      { days: 5 },
      { shine: 'matt' },
      { shine: 'gloss' },
      { colour: 'warm' },
      { colour: 'as-it-is' },
      { wood: { ...wish.wood, food: 'avoid' } },
      { wood: { ...wish.wood, origin: 'found' } },
    ];
    for (const change of others) expect(face({ uses: ['food-wet'], ...change }), JSON.stringify(change)).not.toBe(base);
  });
  it('names nothing that gates refuse, and no lot outside its role, for any wish and any stock', () => {
    const parts = fc.uniqueArray(fc.tuple(fc.constantFrom(...INGREDIENTS.map((one) => one.id)), fc.integer({ min: 1, max: 9 })), {
      selector: ([id]) => id,
      minLength: 1,
      maxLength: 3,
    });
    const lot = fc.tuple(parts, fc.boolean(), fc.boolean(), fc.constantFrom([], ['food' as const], ['toy' as const]));
    const wished = fc.record({
      uses: fc.subarray([...PIECE_USES]),
      closed: fc.boolean(),
      owner: fc.constantFrom(...OWNERS),
      avoid: fc.subarray(['tree nut', 'bee product']),
      days: fc.option(fc.integer({ min: 1, max: 90 })),
      shine: fc.constantFrom(...SHINES),
      colour: fc.constantFrom(...COLOURS),
      wood: fc.record({
        food: fc.constantFrom(...FOOD_VERDICTS),
        keepOff: fc.subarray(['mouth' as const, 'toy' as const]),
        origin: fc.constantFrom(...ORIGINS),
        slowsCure: fc.boolean(),
      }),
    });
    let named = 0;
    fc.assert(
      fc.property(wished, fc.array(lot, { maxLength: 8 }), (asked, stock) => {
        const lots = stock.map(([of, held, undeclared, statement], i) => {
          const one = candidate(i + 1, 'Lot', Object.fromEntries(of), { held });
          return { ...one, layer: { ...one.layer, undeclared, statement } };
        });
        for (const one of chooseFinish(REGIMENS, lots, asked, SHIPPED)) {
          if (one.refused.length > 0) continue;
          named++;
          for (const { slot, lot: chosen } of one.lots) {
            const of = one.regimen.slots.find((each) => each.slot === slot);
            expect(of && suits(of, chosen, chosen.number, one.regimen.steps).ok && !chosen.held).toBe(true);
            expect(chosen.layer.allergens.some((each) => asked.avoid.includes(each))).toBe(false);
            expect(asked.avoid.length > 0 && chosen.layer.undeclared).toBe(false);
            expect(chosen.turnsRancid || chosen.drying === 'mixed').toBe(false);
          }
          const judged = gates({
            use: [...usesOf(asked)],
            wood: asked.wood,
            finish: finishOf(
              one.lots.map(({ lot: chosen }) => chosen.layer),
              !one.regimen.knifeSurface,
            ),
          });
          expect(judged.ok && judged.value.gates.every((gate) => gate.met || gate.maySign)).toBe(true);
          if (meetsFood(usesOf(asked))) expect(judged.ok && judged.value.notForFood).toBe(false);
        }
      }),
      { seed: 11, numRuns: process.env.RENDLE_WALKS ? 2000 : 500 },
    );
    expect(named).toBeGreaterThan(process.env.RENDLE_WALKS ? 500 : process.env.MUTANTS ? 1 : 100);
  });
});
