import { describe, expect, it } from 'vitest';
import { boughtLine, boughtLineId } from '@/core/blend';
import { cautionsAt } from '@/core/caution';
import { a0Of } from '@/core/cure';
import { rolesOf } from '@/core/regimen';
import {
  type Catalogue,
  catalogueWith,
  factsLike,
  findIngredient,
  INGREDIENTS,
  ingredientOf,
  likeIngredient,
  type OwnMaterialFacts,
  ownMaterial,
  ownMaterialId,
} from '.';
import { SHIPPED } from './';

const own = (likeId: string, more: Partial<OwnMaterialFacts> = {}): { readonly mine: string; readonly known: Catalogue } => {
  const id = ownMaterialId(likeId, `Own ${likeId}`);
  const facts = { ...factsLike(ingredientOf(likeId, SHIPPED)), name: `Own ${likeId}`, ...more };
  return { mine: id, known: catalogueWith([ownMaterial(id, likeId, facts)]) };
};
const cautions = (ids: readonly string[], catalogue: Catalogue, doing: 'weighing' | 'coating' | 'labelling' = 'weighing') => {
  const asked = { place: null, heater: null, restoring: false, unknownFinish: false };
  const found = cautionsAt({ ...asked, doing, ingredients: [...ids], drying: 'drying' }, catalogue);
  if (!found.ok) throw new Error(JSON.stringify(found.issues));
  return found.value;
};
const needs = (id: string, catalogue: Catalogue) => a0Of([{ ingredient: ingredientOf(id, catalogue), w: 1 }], catalogue);

describe('an ingredient of the shop’s own', () => {
  it.each(INGREDIENTS.map((one) => [one.id] as const))(
    'like %s, with its figures, is warned of, set and placed as that is',
    (id) => {
      const { mine, known } = own(id);
      const as = (of: string) => ({
        cautions: (['weighing', 'coating', 'labelling'] as const).map((doing) => cautions([of], known, doing)),
        needs: needs(of, known),
        roles: rolesOf([{ ingredient: of, massFraction: 1 }], ingredientOf(of, known).hardening, known),
      });
      const [wanted, found] = [as(id), as(mine)];
      // Whatever dries is taken to heat its cloths; else nothing differs.
      const without = (of: ReturnType<typeof as>) => of.cautions.map((some) => some.filter((one) => !one.startsWith('rags')));
      expect(without(found)).toEqual(without(wanted));
      expect([found.needs, found.roles]).toEqual([wanted.needs, wanted.roles]);
    },
  );
  it('that dries although what it is like never does takes as long as the slowest, gums, and heats its cloths', () => {
    const { mine, known } = own('mineral-oil', { dries: 'drying', iodineValue: 20 });
    expect(needs(mine, known)?.hours).toBe(504);
    expect(findIngredient(mine, known)?.dwellMin).not.toBeNull();
    expect(cautions([mine], known, 'coating')).toContain('rags-self-heat');
  });
  it('carries which one it is like, and is not known where only the house’s are', () => {
    const { mine, known } = own('tung-oil');
    expect([likeIngredient(mine, known), findIngredient(mine, known)?.like]).toEqual(['tung-oil', 'tung-oil']);
    expect(likeIngredient('tung-oil', known)).toBe('tung-oil');
    expect([findIngredient(mine, SHIPPED), () => ingredientOf(mine, SHIPPED)]).toEqual([undefined, expect.any(Function)]);
    expect(() => ingredientOf(mine, SHIPPED)).toThrow('no ingredient');
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
    const known = catalogueWith([boughtLine(label, SHIPPED)]);
    const found = cautions([boughtLineId(7)], known);
    for (const one of ['undeclared', 'aspiration', 'rags-self-heat', 'solvent'] as const) expect(found).toContain(one);
    expect(needs(boughtLineId(7), known)?.hours).toBeGreaterThanOrEqual(240);
  });
  it('that declares all is what it declares', () => {
    const known = catalogueWith([boughtLine({ ...label, isAllDeclared: true }, SHIPPED)]);
    const found = cautions([boughtLineId(7)], known);
    for (const one of ['undeclared', 'aspiration', 'solvent'] as const) expect(found).not.toContain(one);
  });
});
