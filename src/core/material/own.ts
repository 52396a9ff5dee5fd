import { z } from 'zod';
import { ingredientOf, likeOf, SHIPPED } from './catalogue';
import { INGREDIENTS } from './ingredients';
import { CONTACTS, DRIES } from './kinds';
import type { Ingredient } from './schema';
import { ownWoodId } from './species';

/** Figures of a sheet that may be missing; what is missing is reckoned on the safe side. */
export const UNSAID = ['contact', 'flash', 'iodine', 'allergens', 'ceiling'] as const;
export type Unsaid = (typeof UNSAID)[number];

/** What a maker says of an ingredient of their own, by its sheet; all else is as in the one it is like. °C, g/ml, shares 0–1, months. */
export const OwnMaterialFacts = z.object({
  name: z.string().min(1).max(80),
  alsoCalled: z.array(z.string().max(80)).max(10),
  densityGPerMl: z.number().positive().max(3),
  meltC: z.number().min(0).max(200).nullable(),
  maxC: z.number().min(30).max(300).nullable(),
  flashC: z.number().min(-40).max(400).nullable(),
  iodineValue: z.number().min(0).max(400).nullable(),
  volatileFraction: z.number().min(0).max(1),
  contact: z.enum(CONTACTS),
  dries: z.enum(DRIES),
  shelfMonths: z.int().min(1).max(120),
  allergens: z.array(z.string().max(60)).max(20),
  note: z.string().max(400),
  unsaid: z.array(z.enum(UNSAID)),
});
export type OwnMaterialFacts = z.output<typeof OwnMaterialFacts>;

/** Stands among allergens where a sheet says nothing of them. */
export const ALLERGENS_NOT_DECLARED = 'not all declared';
/** Allergens the house knows by name: gates and slips go by these words. */
export const ALLERGENS: readonly string[] = [...new Set(INGREDIENTS.flatMap((one) => one.allergens))].sort();
/** A vapour whose flash point nobody gives is taken to catch fire in a warm room, °C. Source: the safe side. */
const UNSAID_FLASH_C = 21;
/** From this iodine value on cloths heat. Source: calc.md, 2. */
const HEATS_FROM = 90;

/** What dries and of which nobody says how soon it gums, lies no longer than the quickest the house knows. */
const LEAST_DWELL = {
  flooded: Math.min(...INGREDIENTS.flatMap((one) => one.dwellMin?.flooded ?? [])),
  thin: Math.min(...INGREDIENTS.flatMap((one) => one.dwellMin?.thin ?? [])),
};

/** The id of an ingredient of the shop's own, from the one it is like and its name; once given it is only an id. */
export const ownMaterialId = ownWoodId;

/** An ingredient of the shop's own: as the one it is like, but for what its sheet says; what the sheet leaves out is taken on the safe side. */
export function ownMaterial(id: string, likeId: string, { unsaid, ...facts }: OwnMaterialFacts): Ingredient {
  const like = ingredientOf(likeId, SHIPPED);
  const lacks = (one: Unsaid): boolean => unsaid.includes(one);
  const isVolatile = facts.volatileFraction > 0;
  const iodine = lacks('iodine') ? Math.max(like.iodineValue, facts.dries === 'never' ? 0 : HEATS_FROM) : facts.iodineValue;
  return {
    ...like,
    ...facts,
    id,
    like: likeId,
    iodineValue: iodine ?? like.iodineValue,
    selfHeating: like.selfHeating || facts.dries !== 'never',
    dwellMin: facts.dries === 'never' ? like.dwellMin : (like.dwellMin ?? LEAST_DWELL),
    flashC: lacks('flash') ? (isVolatile ? UNSAID_FLASH_C : like.flashC) : facts.flashC,
    maxC: lacks('ceiling') ? like.maxC : facts.maxC,
    contact: lacks('contact') ? 'not-for-food' : facts.contact,
    allergens: lacks('allergens') ? [...new Set([...like.allergens, ALLERGENS_NOT_DECLARED])] : facts.allergens,
  };
}

/** What the sheet of an ingredient that is like another begins with: the other's figures, to be typed over. */
export function factsLike(like: Ingredient): OwnMaterialFacts {
  const { name: _, alsoCalled: __, ...rest } = like;
  return OwnMaterialFacts.parse({ ...rest, name: 'own', alsoCalled: [], note: '', unsaid: [] });
}

/** A whole oil that is a paste in a cool shop, by the temperature below which it sets, °C; null of any other. Source: the ingredient's own note. */
export const setsBelowC = (one: Pick<Ingredient, 'id' | 'like'>): number | null =>
  likeOf(one) === 'coconut-oil-whole' ? 24 : null;

const shipped = new Set<string>(INGREDIENTS.map((one) => one.id));
/** Whether an ingredient is one of the shop's own, or one of its bought finishes. */
export const isOwnMaterial = (id: string): boolean => !shipped.has(id);
