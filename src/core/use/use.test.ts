import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CONTACTS, FOOD_VERDICTS, ORIGINS, PIECE_USES, SHIPPED } from '@/core/material';
import { type Added, type FinishLayer, finishOf, gates, layerOfGlue, meetsFood, usualUses, withAdded } from '.';
import { FOOD_USES } from './gates/piece';

const oil: FinishLayer = {
  contact: 'food-grade',
  filmForming: false,
  drying: 'drying',
  waxEquivalent: 0,
  allergens: [],
  undeclared: false,
  statement: [],
};
const judge = (input: Record<string, unknown>) => {
  const result = gates({ use: ['food-wet'], wood: { food: 'good', origin: 'bought' }, finish: finishOf([oil]), ...input });
  if (!result.ok) throw new Error(JSON.stringify(result.issues));
  return result.value;
};
const gate = (input: Record<string, unknown>, id: string) => judge(input).gates.find((one) => one.id === id);

describe('the gates of a use', () => {
  it('let nobody sign for poison, treated wood, a nut in a toy, or a film under a knife', () => {
    const woods = { wood: { food: 'toxic', origin: 'felled' } };
    expect(gate(woods, 'wood')).toEqual({ id: 'wood', met: false, maySign: false });
    expect(gate({ wood: { food: 'good', origin: 'treated' } }, 'origin')?.maySign).toBe(false);
    const nutty = finishOf([{ ...oil, allergens: ['tree nut'] }]);
    expect(gate({ use: ['toy'], finish: nutty }, 'nut')).toEqual({ id: 'nut', met: false, maySign: false });
    expect(gate({ use: ['mouth'], finish: nutty }, 'nut')).toBeUndefined();
    expect(gate({ use: ['knife'], finish: finishOf([oil], true) }, 'film')?.maySign).toBe(false);
    expect(judge(woods).notForFood).toBe(true);
  });
  it('are signed where a maker may answer for it, and the words stay all the same', () => {
    const avoid = { wood: { food: 'avoid', origin: 'bought' } };
    expect(gate(avoid, 'wood')?.maySign).toBe(true);
    expect(judge(avoid).notForFood).toBe(true);
    expect(gate({ ...avoid, use: ['mouth'] }, 'wood')?.maySign).toBe(false);
    expect(judge({ use: ['hands'], tableware: true, wood: { food: 'unknown', origin: 'bought' } })).toEqual({
      gates: [],
      notForFood: true,
    });
    expect(judge({ use: ['hands'], tableware: false, wood: { food: 'unknown', origin: 'bought' } }).notForFood).toBe(false);
  });
  it('never say that what is met may be signed for, and sign nothing of a toy by itself', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.constantFrom(...PIECE_USES), { minLength: 1 }),
        fc.constantFrom(...FOOD_VERDICTS),
        fc.constantFrom(...ORIGINS),
        fc.constantFrom(...CONTACTS),
        fc.constantFrom('drying' as const, 'never' as const, 'mixed' as const),
        fc.boolean(),
        fc.boolean(),
        (use, food, origin, contact, drying, filmForming, undeclared) => {
          const found = judge({
            use,
            wood: { food, origin },
            finish: finishOf([{ ...oil, contact, drying, filmForming, undeclared }]),
          });
          expect(found.gates.every((one) => !(one.met && one.maySign))).toBe(true);
          if (!meetsFood(use)) expect(found.gates.every((one) => one.id === 'wood')).toBe(true);
          const worse = judge({
            use,
            wood: { food: 'toxic', origin },
            finish: finishOf([{ ...oil, contact: 'not-for-food', drying, filmForming, undeclared: true }]),
          });
          const open = (of: typeof found) => of.gates.filter((one) => !one.met).length;
          expect(open(worse)).toBeGreaterThanOrEqual(open(found) > 0 && meetsFood(use) ? 1 : 0);
        },
      ),
      { seed: 3, numRuns: 300 },
    );
  });
  it('refuse a piece for nothing at all', () => expect(gates({ use: [], wood: {}, finish: {} }).ok).toBe(false));
});

describe('the finish of a piece', () => {
  it('is as bad as its worst layer', () => {
    const made = finishOf([
      oil,
      { ...oil, contact: 'indirect-only', drying: 'never', waxEquivalent: 0.3, allergens: ['bee product'] },
    ]);
    expect(made).toMatchObject({ contact: 'indirect-only', drying: 'drying', waxEquivalent: 0.3, allergens: ['bee product'] });
    expect(finishOf([oil, { ...oil, drying: 'mixed' }]).drying).toBe('mixed');
    expect(finishOf([{ ...oil, drying: 'never' }]).drying).toBe('never');
    expect(finishOf([])).toMatchObject({ contact: 'food-grade', drying: 'drying', filmForming: false });
  });
  it('has a statement only where every layer that wants one has it', () => {
    const bought = { ...oil, undeclared: true, statement: ['food' as const] };
    expect(finishOf([bought, oil]).statement).toEqual(['food']);
    expect(finishOf([bought, { ...bought, statement: [] }]).statement).toEqual([]);
    expect(finishOf([oil]).statement).toEqual([]);
  });
});

it('takes a board for bread and a knife, a spoon for a mouth, and no knife for box, spoon or bowl', () => {
  expect(usualUses({ shape: 'board' })).toEqual(['food-wet', 'knife']);
  expect(usualUses({ shape: 'spoon' })).toContain('mouth');
  for (const shape of ['spoon', 'scoop', 'turned', 'box'] as const) expect(usualUses({ shape })).not.toContain('knife');
  expect(FOOD_USES).toHaveLength(6);
});

describe('what is in a piece beside its wood and finish', () => {
  const layer = (with_: readonly Added[], food: 'yes' | 'no' | 'unknown' = 'unknown', name = '') =>
    layerOfGlue({ name, food, with: [...with_] });
  it('is not declared where it fills or colours and nobody asked its maker; metal, magnets, feet and burning are only named', () => {
    for (const one of ['filler', 'casting', 'dye'] as const) {
      expect(layer([one]).undeclared).toBe(true);
      expect(layer([one], 'yes').undeclared).toBe(false);
      expect(layer([one], 'no').contact).toBe('not-for-food');
    }
    for (const one of ['burning', 'metal', 'magnet', 'feet'] as const) expect(layer([one]).undeclared).toBe(false);
    expect(layer([], 'unknown', 'Yellow glue').undeclared).toBe(true);
  });
});

describe('what is stirred in just before use', () => {
  it('makes a finish as fit for food as the worst of it, and its papers speak of the whole', () => {
    const oil = {
      contact: 'once-cured',
      filmForming: false,
      drying: 'drying',
      waxEquivalent: 0,
      allergens: [],
      undeclared: false,
      statement: ['food'],
    } as const;
    const mixed = withAdded({ ...oil, statement: [...oil.statement] }, ['isocyanate-hardener'], SHIPPED);
    expect(mixed).toMatchObject({ contact: 'not-for-food', statement: ['food'] });
    expect(withAdded({ ...oil, statement: [] }, [], SHIPPED)).toEqual({ ...oil, statement: [] });
  });
});
