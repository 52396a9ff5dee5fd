import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FOOD_VERDICTS, findIngredient, INGREDIENTS, identify, isLiquid, nameToIngredient, nearNames, SPECIES } from '.';
import { SHIPPED } from './';
import { plainName } from './identify';
import { INGREDIENT_IDS, SPECIES_IDS } from './ids';
import names from './names.json';
import { Ingredient, Species } from './schema';
import { speciesOf } from './species';

const of = (name: string) => {
  const found = identify({ name });
  return found.ok ? found.value : found.issues[0]?.code;
};

describe('the shipped ingredients', () => {
  it.each(INGREDIENTS.map((one) => [one.id, one] as const))('%s hangs together', (_, one) => {
    expect(Ingredient.strict().parse(one)).toEqual(one);
    expect(one.densityGPerMl).toBeGreaterThan(0.7);
    expect(one.densityGPerMl).toBeLessThan(1.2);
    expect((one.meltC === null) === (one.fusionJPerG === null)).toBe(true);
    expect(one.family === 'wax').toBe(one.hardening > 0);
    expect(one.family === 'wax').toBe(one.moltenGPerMl !== null);
    if (one.family === 'wax') expect(one.meltC).not.toBeNull();
    if (one.family === 'drying-oil' || one.family === 'semi-drying-oil') expect(one.selfHeating).toBe(true);
    // What sets gums, and what never dries does not.
    expect(one.dries === 'never').toBe(one.dwellMin === null);
    if (one.family === 'semi-drying-oil') expect(one.dries).toBe('semi');
    // What leaves as it dries is never put on heat, water apart.
    if (one.volatileFraction > 0 && one.flashC !== null) expect(one.neverHeat).toBe(true);
    expect(one.note.length).toBeGreaterThan(5);
  });
  it('are forty-one, each once, with flakes weighed and oils poured', () => {
    expect(new Set(INGREDIENTS.map((one) => one.id)).size).toBe(41);
    const solid = INGREDIENTS.filter((one) => !isLiquid(one)).map((one) => one.id);
    expect(solid).toContain('shellac-flake');
    expect(solid).not.toContain('shellac-solution');
  });
});

it('every id of a table is listed once, in its order', () => {
  expect(INGREDIENTS.map((one) => one.id)).toEqual([...INGREDIENT_IDS]);
  expect(SPECIES.map((one) => one.id)).toEqual([...SPECIES_IDS]);
});

describe('the shipped woods', () => {
  it('are forty-three, each once, poison told from doubt', () => {
    expect(new Set(SPECIES.map((one) => one.id)).size).toBe(43);
    expect(
      SPECIES.filter((one) => one.food === 'toxic')
        .map((one) => one.id)
        .sort(),
    ).toEqual(['laburnum', 'manchineel', 'oleander', 'rhododendron', 'spindle', 'yew']);
    expect(SPECIES.every((one) => one.food !== 'unknown')).toBe(true);
    expect(FOOD_VERDICTS).toContain('unknown');
    for (const one of SPECIES) {
      expect(Species.strict().parse(one)).toEqual(one);
      if (one.food !== 'good') expect(one.note.length).toBeGreaterThan(5);
      if (one.disputed) expect(one.sides).toBeDefined();
      if (one.food === 'toxic') expect(one.dust).toBe('poison');
    }
    expect(speciesOf('olive')).toMatchObject({ slowsCure: true, dust: 'sensitises' });
    for (const id of ['sycamore', 'alder', 'acacia', 'teak', 'mahogany', 'cherry', 'ash', 'lime'])
      expect(speciesOf(id).ask, id).toMatch(/\?$/);
  });
});

describe('names on tins', () => {
  it.each(Object.keys(names.ask))('“%s” is asked about, never guessed', (name) => {
    expect(of(name)).toMatchObject({ id: null, ask: expect.any(Array) });
    expect(nameToIngredient(name, 'row 2', SHIPPED)).toMatchObject({
      ok: false,
      issues: [{ code: 'ambiguous-name', path: 'row 2' }],
    });
  });
  it.each(Object.entries(names.exact))('“%s” is %s', (name, id) => expect(of(` ${name.toUpperCase()} `)).toEqual({ id }));
  it('finds every ingredient by its id and its full name', () => {
    for (const one of INGREDIENTS) {
      expect(of(one.id)).toEqual({ id: one.id });
      if (!Object.hasOwn(names.ask, plainName(one.name))) expect(of(one.name)).toEqual({ id: one.id });
    }
  });
  it('refuses fuel, machine oil and the like by one word', () => {
    expect(of('lamp oil')).toEqual({ id: null, refuse: 'fuel' });
    expect(of('Sewing-machine oil')).toEqual({ id: null, refuse: 'machine-oil' });
    expect(of('decking oil')).toEqual({ id: null, refuse: 'biocide' });
    expect(of('Baby oil')).toEqual({ id: null, refuse: 'perfume' });
    expect(nameToIngredient('lamp oil', 'x', SHIPPED)).toMatchObject({ ok: false, issues: [{ code: 'no-material' }] });
  });
  it('offers near names and takes none; turpentine is not offered for its substitute', () => {
    expect(of('carnauba wax flakes')).toEqual({ id: null });
    expect(nearNames('walnut').length).toBeGreaterThan(1);
    expect(nearNames('o')).toEqual([]);
    expect(of('turpentine substitute')).toEqual({ id: 'mineral-spirits' });
    expect(nearNames('turpentine')).toContain('turpentine');
    expect(of('toString')).toEqual({ id: null });
    expect(of('  ')).toBe('required');
  });
  it('says something of anything that is typed', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 60 }), (name) => {
        const found = identify({ name });
        if (found.ok && found.value.id !== null) expect(findIngredient(found.value.id, SHIPPED)).toBeDefined();
      }),
      { seed: 7, numRuns: 300 },
    );
  });
});
