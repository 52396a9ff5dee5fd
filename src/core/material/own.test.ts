import { afterEach, describe, expect, it } from 'vitest';
import { boughtLine, boughtLineId } from '@/core/blend';
import { cautionsFor } from '@/core/caution';
import { a0Of } from '@/core/cure';
import { rolesOf } from '@/core/regimen';
import {
  factsLike,
  findIngredient,
  INGREDIENTS,
  ingredientOf,
  knowOwn,
  likeIngredient,
  type OwnMaterialFacts,
  ownMaterial,
  ownMaterialId,
  ownTurn,
} from '.';

const own = (likeId: string, more: Partial<OwnMaterialFacts> = {}): string => {
  const id = ownMaterialId(likeId, `Own ${likeId}`);
  knowOwn([ownMaterial(id, { ...factsLike(ingredientOf(likeId)), name: `Own ${likeId}`, ...more })]);
  return id;
};
const cautions = (ids: readonly string[], doing: 'weighing' | 'coating' | 'labelling' = 'weighing') => {
  const found = cautionsFor({ doing, ingredients: [...ids], drying: 'drying' });
  if (!found.ok) throw new Error(JSON.stringify(found.issues));
  return found.value;
};
const needs = (id: string) => a0Of([{ ingredient: ingredientOf(id), w: 1 }]);

afterEach(() => knowOwn([]));

describe('an ingredient of the shop’s own', () => {
  it.each(INGREDIENTS.map((one) => [one.id] as const))(
    'like %s, with its figures, is warned of, set and placed as that is',
    (id) => {
      const mine = own(id);
      const as = (of: string) => ({
        cautions: (['weighing', 'coating', 'labelling'] as const).map((doing) => cautions([of], doing)),
        needs: needs(of),
        roles: rolesOf([{ ingredient: of, massFraction: 1 }], ingredientOf(of).hardening),
      });
      const [wanted, found] = [as(id), as(mine)];
      // Whatever dries is taken to heat its cloths; else nothing differs.
      const without = (of: ReturnType<typeof as>) => of.cautions.map((some) => some.filter((one) => !one.startsWith('rags')));
      expect(without(found)).toEqual(without(wanted));
      expect([found.needs, found.roles]).toEqual([wanted.needs, wanted.roles]);
    },
  );
  it('that dries although what it is like never does takes as long as the slowest, gums, and heats its cloths', () => {
    const mine = own('mineral-oil', { dries: 'drying', iodineValue: 20 });
    expect(needs(mine)?.hours).toBe(504);
    expect(findIngredient(mine)?.dwellMin).not.toBeNull();
    expect(cautions([mine], 'coating')).toContain('rags-self-heat');
  });
  it('says which one it is like, and is known anew only when something changed', () => {
    const mine = own('tung-oil');
    expect(likeIngredient(mine)).toBe('tung-oil');
    const turn = ownTurn();
    own('tung-oil');
    expect(ownTurn()).toBe(turn);
    own('tung-oil', { note: 'another press' });
    expect(ownTurn()).toBe(turn + 1);
  });
});

describe('a bought finish as a line', () => {
  const label = {
    id: 7,
    name: 'Harbourside oil',
    declared: ['tung-oil'],
    shares: {},
    isAllDeclared: false,
    drying: 'drying' as const,
    isPaste: false,
    contact: 'once-cured' as const,
    densityGPerMl: 0.9,
    labelDwellMin: null,
    labelDwellMaxMin: null,
    buildsFilm: null,
  };
  it('whose contents are not all declared is taken to burn, to heat its cloths, and to be deadly in the lungs', () => {
    knowOwn([boughtLine(label)]);
    const found = cautions([boughtLineId(7)]);
    for (const one of ['undeclared', 'aspiration', 'rags-self-heat', 'solvent'] as const) expect(found).toContain(one);
    expect(needs(boughtLineId(7))?.hours).toBeGreaterThanOrEqual(240);
  });
  it('that declares all is what it declares', () => {
    knowOwn([boughtLine({ ...label, isAllDeclared: true })]);
    const found = cautions([boughtLineId(7)]);
    for (const one of ['undeclared', 'aspiration', 'solvent'] as const) expect(found).not.toContain(one);
  });
});
