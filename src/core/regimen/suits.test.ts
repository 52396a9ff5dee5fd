import { describe, expect, it } from 'vitest';
import { blend, setsInTin } from '@/core/blend';
import { INGREDIENTS, SHIPPED } from '@/core/material';
import { type Material, offerFor, REGIMENS, rolesOf, rolesOfBought, type Slot, suits } from '.';
import { PASTE_UP_TO, POURED_BELOW } from './roles';

const regimen = (id: string) => {
  const found = REGIMENS.find((one) => one.id === id);
  if (!found) throw new Error(id);
  return found;
};
const slotOf = (id: string, slot: number): Slot => {
  const found = regimen(id).slots[slot];
  if (!found) throw new Error('no slot');
  return found;
};
/** A blend as a material, with its hours to fit. */
const mix = (parts: Readonly<Record<string, number>>, a0Hours: number | null = 240): Material => {
  const lines = Object.entries(parts).map(([ingredient, n]) => ({ ingredient, parts: n }));
  const made = blend({ lines, make: { massG: 1 } }, SHIPPED);
  if (!made.ok) throw new Error(JSON.stringify(made.issues));
  const { drying, waxEquivalent } = made.value;
  return {
    roles: rolesOf(made.value.lines, waxEquivalent, SHIPPED),
    drying,
    waxEquivalent,
    a0Hours,
    setsInTin: setsInTin(Object.keys(parts), SHIPPED),
  };
};
const code = (id: string, slot: number, material: Material): string => {
  const result = suits(slotOf(id, slot), material, 'B31-01', regimen(id).steps);
  return result.ok ? 'ok' : (result.issues[0]?.code ?? '');
};

describe('what is mixed with its hardener', () => {
  const mixed = mix({ 'tung-oil': 9, 'isocyanate-hardener': 1 });
  it('suits only what counts on a hardener stirred in', () => {
    expect(mixed.setsInTin).toBe(true);
    expect(code('two-part', 0, mixed)).toBe('ok');
    expect(code('sparing', 0, mixed)).toBe('sets-in-tin');
    expect(code('two-part', 0, { ...mixed, setsInTin: false })).toBe('ok');
  });
});

describe('hard wax with solvent in it', () => {
  it('is a paste, and no stick for the lathe', () => {
    const paste = mix({ beeswax: 1, turpentine: 2 });
    expect(paste.roles).not.toContain('hard-wax');
    expect(code('wax-stick', 0, paste)).toBe('wrong-role');
    expect(code('wax-stick', 0, mix({ beeswax: 3, 'carnauba-wax': 1 }))).toBe('ok');
  });
});

describe('what a material is', () => {
  it.each([
    [{ 'mineral-oil': 1 }, ['neat-oil']],
    [{ 'tung-oil': 1 }, ['neat-oil']],
    [{ 'tung-oil': 1, 'citrus-solvent': 1 }, ['thinned-oil']],
    [{ 'tung-oil': 1, 'citrus-solvent': 4 }, []],
    [{ 'mineral-spirits': 1 }, []],
    [{ beeswax: 1 }, ['hard-wax']],
    [{ beeswax: 1, 'mineral-oil': 4 }, ['oil-wax', 'paste']],
    [{ beeswax: 1, 'mineral-oil': 2 }, ['oil-wax', 'paste', 'hard-wax']],
    [{ beeswax: 8, 'linseed-heat-bodied': 92 }, ['neat-oil', 'oil-wax', 'paste']],
    [{ beeswax: 1, turpentine: 3 }, ['paste']],
    [{ 'shellac-solution': 1 }, ['resin-seal']],
    [{ 'shellac-flake': 1, 'ethanol-pure': 5 }, ['resin-seal']],
    [{ 'shellac-flake': 1 }, []],
    [{ 'shellac-solution': 1, 'walnut-oil-heat-treated': 1, 'ethanol-pure': 1 }, ['polish']],
    [{ 'wiping-varnish': 1 }, ['varnish']],
    [{ 'tung-oil': 10, 'isocyanate-hardener': 1 }, ['hard-wax-oil']],
    [{ 'milk-paint-powder': 1 }, []],
    [{ 'milk-paint-powder': 1, water: 1 }, ['paint']],
    [{ water: 1 }, []],
  ] as const)('%o is %o', (parts, wanted) => expect([...mix(parts).roles].sort()).toEqual([...wanted].sort()));
  it('is what a label says of a bought finish, and what its feel leaves open where nobody said', () => {
    expect(rolesOfBought('varnish', false, 'drying')).toEqual(['varnish']);
    expect(rolesOfBought('oil-wax', true, 'drying')).toEqual(['oil-wax', 'paste']);
    expect(rolesOfBought(null, false, 'never')).toEqual(['neat-oil']);
    expect(rolesOfBought(null, true, 'never')).toEqual(['paste']);
    expect(rolesOfBought(null, false, 'drying')).not.toContain('varnish');
  });
});

describe('a material in its slot', () => {
  it('rests on the bands of feel', () => expect([POURED_BELOW, PASTE_UP_TO]).toEqual([0.14, 0.85]));
  it.each([
    ['soak-wax', 0, { 'mineral-oil': 1 }, 'ok'],
    ['soak-wax', 0, { 'tung-oil': 1 }, 'wrong-drying'],
    ['soak-wax', 0, { 'tung-oil': 1, 'mineral-oil': 1 }, 'stays-tacky'],
    ['soak-wax', 0, { beeswax: 1, 'mineral-oil': 4 }, 'wrong-role'],
    ['soak-wax', 1, { beeswax: 1, 'mineral-oil': 4 }, 'ok'],
    ['soak-wax', 1, { 'mineral-oil': 1 }, 'wrong-role'],
    ['soak-wax', 1, { beeswax: 1 }, 'wrong-role'],
    ['saturate', 1, { beeswax: 1 }, 'wrong-role'],
    ['saturate', 1, { beeswax: 1, 'mineral-oil': 2 }, 'ok'],
    ['painted-rim', 0, { 'mineral-oil': 1 }, 'wrong-role'],
    ['painted-rim', 0, { 'milk-paint-powder': 1, water: 1 }, 'ok'],
    ['wiping-build', 0, { 'linseed-heat-bodied': 1 }, 'wrong-role'],
    ['friction', 0, { 'tung-oil': 1 }, 'wrong-role'],
    ['friction', 1, { 'shellac-solution': 1 }, 'wrong-role'],
    ['one-can', 0, { 'linseed-heat-bodied': 1 }, 'wrong-role'],
  ] as const)('%s, slot %i, %o: %s', (id, slot, parts, wanted) => expect(code(id, slot, mix(parts))).toBe(wanted));
  it('is refused where a quick oil is wanted and it is slow', () => {
    expect(code('day-build', 0, mix({ 'linseed-boiled-driers': 1 }, 168))).toBe('ok');
    expect(code('day-build', 0, mix({ 'flaxseed-oil': 1 }, 504))).toBe('too-slow');
    expect(code('day-build', 0, mix({ 'tung-oil': 1 }, null))).toBe('too-slow');
  });
  it('is never a thinner, a bare wax or a powder, in any slot that wants an oil, a paste, a seal, a polish or a varnish', () => {
    const odd = INGREDIENTS.filter((one) => one.family === 'solvent' || one.family === 'wax' || one.family === 'paint');
    // A bare wax is a stick to press on, and nothing else.
    for (const { slots, steps } of REGIMENS)
      for (const slot of slots)
        for (const one of odd)
          if (!(slot.roles.includes('hard-wax') && one.family === 'wax'))
            expect(suits(slot, mix({ [one.id]: 1 }), one.id, steps).ok, `${one.id} as ${slot.name}`).toBe(false);
  });
  it('goes by how its coats lie where a regimen of one’s own names no families', () => {
    const { steps, slots } = regimen('thin-drying');
    const own = { ...(slots[0] as Slot), roles: [] };
    expect(suits(own, mix({ 'tung-oil': 1 }), 'A', steps).ok).toBe(true);
    expect(suits(own, mix({ 'wiping-varnish': 1 }), 'B', steps).ok).toBe(false);
  });
});

describe('the list for a slot', () => {
  const lot = (number: string, parts: Readonly<Record<string, number>>, held = false) => ({ ...mix(parts), number, held });
  const of = (...lots: ReturnType<typeof lot>[]) => {
    const found = offerFor(slotOf('soak-wax', 0), lots, regimen('soak-wax').steps);
    return found.why ?? found.lots.map((one) => one.number);
  };
  it('holds what suits and is free, or says why it is empty', () => {
    expect(of(lot('A', { 'mineral-oil': 1 }), lot('B', { 'tung-oil': 1 }))).toEqual(['A']);
    expect(of(lot('A', { 'mineral-oil': 1 }, true), lot('C', { 'mct-oil': 1 }))).toEqual(['C']);
    expect(of(lot('A', { 'mineral-oil': 1 }, true))).toBe('all-held');
    expect(of()).toBe('none-in-stock');
    expect(of(lot('W', { beeswax: 1 }), lot('T', { turpentine: 1 }))).toBe('wrong-role');
    expect(of(lot('B', { 'tung-oil': 1 }))).toBe('wrong-kind');
  });
});
