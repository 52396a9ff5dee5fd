import type { IngredientId } from './ids';
import shipped from './ingredients.json';
import type { Ingredient } from './schema';

/** Every ingredient the house knows; a test holds each row to its schema. Source: working estimates of the trade, each row with its note. */
export const INGREDIENTS = shipped as readonly (Ingredient & { readonly id: IngredientId })[];

/** Whether it is poured rather than weighed in pieces: then "oz" alone may mean two things. */
export const isLiquid = ({ family, volatileFraction }: Ingredient): boolean =>
  family !== 'wax' && family !== 'paint' && !(family === 'resin' && volatileFraction === 0);

/** Whether vapour of it can take fire: it leaves as it dries and has a flash point. */
export const givesVapour = ({ volatileFraction, flashC }: Ingredient): boolean => volatileFraction > 0 && flashC !== null;

/** A solvent that goes into oil and wax: thinner, not alcohol or water. */
export const isOilSolvent = ({ family, mixes }: Ingredient): boolean => family === 'solvent' && mixes === 'oil';

/** Whether an ingredient answers to some text: its name, another name, or its family. */
export function answersTo(ingredient: Ingredient, text: string): boolean {
  const wanted = text.trim().toLowerCase();
  return [ingredient.name, ingredient.id, ...ingredient.alsoCalled].some((name) => name.toLowerCase().includes(wanted));
}
