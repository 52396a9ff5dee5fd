import { fail, type Result } from './issue';
import type { Grams } from './mass';
import { parseTerms, sumTerms, type Term } from './measure';
import type { Reads } from './reads';
import { perUnitOf, type Quantity, type UnitRow } from './unit';

/** Volume in millilitres. */
export type Millilitres = Quantity<'ml'>;
/** Density in grams per millilitre. */
export type GramsPerMl = Quantity<'g/ml'>;

/** Millilitres in each unit of volume. Source: US gallon of 231 cubic inches and the UK Weights and Measures Act (exact). */
export const VOLUME_UNITS = [
  { names: ['ml', 'millilitre', 'milliliter', 'cc'], perUnit: 1 },
  { names: ['cl', 'centilitre', 'centiliter'], perUnit: 10 },
  { names: ['dl', 'decilitre', 'deciliter'], perUnit: 100 },
  { names: ['l', 'litre', 'liter'], perUnit: 1000 },
  { names: ['us fl oz', 'fl oz', 'fluid ounce', 'us fluid ounce', 'floz'], perUnit: 29.5735295625 },
  { names: ['imp fl oz', 'imperial fl oz', 'uk fl oz', 'imperial fluid ounce'], perUnit: 28.4130625 },
  { names: ['cup', 'us cup'], perUnit: 236.5882365 },
  { names: ['tbsp', 'tablespoon', 'us tbsp'], perUnit: 236.5882365 / 16 },
  { names: ['tsp', 'teaspoon', 'us tsp'], perUnit: 236.5882365 / 48 },
  { names: ['pint', 'pt', 'us pint'], perUnit: 473.176473 },
  { names: ['quart', 'qt', 'us quart'], perUnit: 946.352946 },
  { names: ['gallon', 'gal', 'us gallon'], perUnit: 3785.411784 },
  { names: ['imp pint', 'imperial pint', 'uk pint'], perUnit: 20 * 28.4130625 },
  { names: ['imp gallon', 'imp gal', 'imperial gallon', 'uk gallon'], perUnit: 160 * 28.4130625 },
] as const satisfies readonly UnitRow[];

/** Millilitres in one of a unit of the table. */
export const millilitresPer = (unit: string): number => perUnitOf(VOLUME_UNITS, unit);

/** @public */
export const millilitres = (value: number): Millilitres => value as Millilitres;

const BARE = { ml: 'ml', us: 'us fl oz', imperial: 'imp fl oz' } as const;
/** Measures that are larger in one country than in the other. */
const OF_TWO_SIZES = /^(fl ?oz|fluid ounces?|pints?|pt|quarts?|qt|gal|gallons?)\.?$/i;

/** Whether a measure's country must be asked: where imperial ones are read, a fluid ounce by itself may be either. */
export const asksCountry = (terms: readonly Term[], reads: Reads): boolean =>
  reads.volume === 'imperial' && terms.some(({ unit }) => OF_TWO_SIZES.test(unit.replace(/\./g, '')));

/** A typed volume: `0,75 l`, `1/2 cup`, `8 fl oz`; a bare number is in what the shop's jug shows. Returns ml, above 0. */
export function parseVolume(text: string, reads: Reads): Result<Millilitres> {
  const terms = parseTerms(text);
  if (!terms.ok) return terms;
  if (asksCountry(terms.value, reads)) return fail('country-ambiguous', '', { text });
  return sumTerms(terms.value, VOLUME_UNITS, BARE[reads.volume]) as Result<Millilitres>;
}

/** m = V·ρ */
export const massOf = (volume: Millilitres, density: GramsPerMl): Grams => (volume * density) as Grams;
/** V = m/ρ @public */
export const volumeOf = (mass: Grams, density: GramsPerMl): Millilitres => (mass / density) as Millilitres;
