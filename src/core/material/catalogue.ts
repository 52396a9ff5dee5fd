import { INGREDIENTS } from './ingredients';
import type { Ingredient, Species } from './schema';
import { SPECIES } from './species';

/**
 * What a shop reckons with: what the house ships, what the shop adds of its own (ingredients, bought finishes as lines of a formula), and
 * its own woods. A value: made once a request, passed on, and handed to a worker when it starts.
 */
export type Catalogue = {
  readonly own: readonly Ingredient[];
  readonly ownWoods: readonly Species[];
  readonly byId: ReadonlyMap<string, Ingredient>;
  readonly woodById: ReadonlyMap<string, Species>;
};

/** The house's ingredients and woods with these of a shop beside them; what the house ships never changes. */
export const catalogueWith = (own: readonly Ingredient[], ownWoods: readonly Species[] = []): Catalogue => ({
  own,
  ownWoods,
  byId: new Map([...own, ...INGREDIENTS].map((one) => [one.id, one])),
  woodById: new Map([...ownWoods, ...SPECIES].map((one) => [one.id, one])),
});

/** What the house ships, and nothing beside. */
export const SHIPPED: Catalogue = catalogueWith([]);

export const findIngredient = (id: string, catalogue: Catalogue): Ingredient | undefined => catalogue.byId.get(id);

/** The ingredient of an id that is known to exist. Throws on one that does not: a fault of the caller, not of the maker. */
export function ingredientOf(id: string, catalogue: Catalogue): Ingredient {
  const found = findIngredient(id, catalogue);
  if (!found) throw new Error(`no ingredient ${id}`);
  return found;
}

/** Every ingredient that is known, the house's first. */
export const allIngredients = (catalogue: Catalogue): readonly Ingredient[] => [...INGREDIENTS, ...catalogue.own];

/** What stands for one of the shop's own in names and colours, by its id: itself, or the one it is like. */
export const likeIngredient = (id: string, catalogue: Catalogue): string => findIngredient(id, catalogue)?.like ?? id;

/** The house's wood that stands for a wood in pictures and grain, by its id: itself, or the one it is like. */
export const likeWood = (id: string, catalogue: Catalogue): string => catalogue.woodById.get(id)?.like ?? id;

/** The same, where the thing itself is at hand. */
export const likeOf = ({ id, like }: Pick<Ingredient | Species, 'id' | 'like'>): string => like ?? id;
