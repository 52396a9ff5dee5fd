import { ok, type Result } from './issue';
import { parseTerms, sumTerms } from './measure';
import type { Reads } from './reads';
import { perUnitOf, type Quantity, type UnitRow } from './unit';

/** Mass in grams. */
export type Grams = Quantity<'g'>;

/** Grams in each unit of mass. Source: international avoirdupois pound, 1959 agreement (exact). */
export const MASS_UNITS = [
  { names: ['g', 'gram', 'gramme', 'gr'], perUnit: 1 },
  { names: ['kg', 'kilo', 'kilogram', 'kilogramme'], perUnit: 1000 },
  { names: ['mg', 'milligram'], perUnit: 0.001 },
  { names: ['oz', 'ounce', 'oz wt', 'oz weight', 'weight oz'], perUnit: 28.349523125 },
  { names: ['lb', 'pound'], perUnit: 453.59237 },
] as const satisfies readonly UnitRow[];

/** Grams in one of a unit of the table. */
export const gramsPer = (unit: string): number => perUnitOf(MASS_UNITS, unit);

export const grams = (value: number): Grams => value as Grams;

/**
 * A typed mass: `2.5 kg`, `1 lb 2 oz`, `7.5oz`; a bare number is in what the shop's scale shows.
 * @returns grams, above 0
 * @example parseMass('1 lb 2 oz') // → { ok: true, value: 510.29141625 }
 */
export function parseMass(text: string, reads: Reads): Result<Grams> {
  const terms = parseTerms(text);
  return (terms.ok ? sumTerms(terms.value, MASS_UNITS, reads.mass) : terms) as Result<Grams>;
}

/** A typed mass that may be nothing: `0`, `0 g`. Returns grams, not negative. */
export const parseMassOrNone = (text: string, reads: Reads): Result<Grams> =>
  /^0{1,20}([.,]0{0,20})? ?(g|kg|oz|lb)?$/i.test(text.trim()) ? ok(grams(0)) : parseMass(text, reads);
