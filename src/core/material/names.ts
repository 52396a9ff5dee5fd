import { answersTo, findIngredient, INGREDIENTS } from './ingredients';
import type { Ingredient } from './schema';

/** A name that stands on tins with different liquids in them: what may really be inside. */
type Several = {
  readonly names: readonly string[];
  readonly choices: readonly { readonly inside: string; readonly ingredient: string | null }[];
};

/** Source: labels of the trade; identity comes from the ingredients, not the name on the tin. `null`: a ready-made finish. */
const SEVERAL: readonly Several[] = [
  {
    names: ['tung finish', 'tung oil finish', 'tung'],
    choices: [
      { inside: 'only oil pressed from tung nuts', ingredient: 'tung-oil' },
      { inside: 'thinner and varnish, little or no tung', ingredient: 'wiping-varnish' },
      { inside: 'the tin does not say', ingredient: null },
    ],
  },
  {
    names: ['boiled', 'boiled oil', 'boiled linseed oil', 'boiled linseed', 'linseed', 'linseed oil'],
    choices: [
      { inside: 'linseed with metal driers', ingredient: 'linseed-boiled-driers' },
      { inside: 'linseed thickened by heat alone, no driers', ingredient: 'linseed-heat-bodied' },
      { inside: 'raw linseed, pressed as food', ingredient: 'flaxseed-oil' },
      { inside: 'raw linseed, not sold as food', ingredient: 'linseed-raw-solvent' },
      { inside: 'the tin does not say', ingredient: null },
    ],
  },
  {
    names: ['board oil', 'chopping board oil', 'butcher block oil', 'cutting board oil'],
    choices: [
      { inside: 'white mineral oil and nothing else', ingredient: 'mineral-oil' },
      { inside: 'fractionated coconut oil', ingredient: 'mct-oil' },
      { inside: 'a mix, or the tin does not say', ingredient: null },
    ],
  },
  {
    names: ['danish', 'danish oil', 'antique oil', 'teak oil', 'scandinavian oil'],
    choices: [
      { inside: 'oil, varnish and thinner', ingredient: 'wiping-varnish' },
      { inside: 'heat-bodied oil, no driers declared', ingredient: 'linseed-heat-bodied' },
      { inside: 'the tin does not say', ingredient: null },
    ],
  },
  {
    names: ['baby oil'],
    choices: [
      { inside: 'mineral oil with perfume: not food grade', ingredient: null },
      { inside: 'white mineral oil, food grade, no scent', ingredient: 'mineral-oil' },
    ],
  },
  {
    names: ['walnut oil', 'walnut'],
    choices: [
      { inside: 'cold-pressed', ingredient: 'walnut-oil-raw' },
      { inside: 'heat-treated', ingredient: 'walnut-oil-heat-treated' },
      { inside: 'walnut and other things', ingredient: null },
    ],
  },
];

export type NameFound =
  | { readonly kind: 'one'; readonly ingredient: Ingredient }
  | { readonly kind: 'several'; readonly choices: Several['choices'] }
  | { readonly kind: 'none' };

const plain = (text: string): string => text.trim().toLowerCase().replace(/\s+/g, ' ');

/** The choices behind a name that means several liquids; null for a name that does not. */
export const severalMeanings = (text: string): Several['choices'] | null =>
  SEVERAL.find((one) => one.names.includes(plain(text)))?.choices ?? null;

/** What a name means: one ingredient by its id or any of its names, several liquids, or nothing the house knows. */
export function lookUpName(text: string): NameFound {
  const wanted = plain(text);
  const exact =
    findIngredient(wanted) ?? INGREDIENTS.find((one) => [one.name, ...one.alsoCalled].some((name) => plain(name) === wanted));
  if (exact) return { kind: 'one', ingredient: exact };
  const choices = severalMeanings(text);
  if (choices) return { kind: 'several', choices };
  const near = wanted.length > 2 ? INGREDIENTS.filter((one) => answersTo(one, wanted)) : [];
  return near.length === 1 && near[0] ? { kind: 'one', ingredient: near[0] } : { kind: 'none' };
}
