import { parseTerms, sumTerms } from './measure';
import type { Grams } from './mass';
import type { Result } from './issue';
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
] as const satisfies readonly UnitRow[];

/** Millilitres in one of a unit of the table. */
export const millilitresPer = (unit: string): number => perUnitOf(VOLUME_UNITS, unit);

export const millilitres = (value: number): Millilitres => value as Millilitres;

/** A typed volume: `0,75 l`, `1/2 cup`, `8 fl oz`; a bare number is millilitres. Returns ml, above 0. */
export function parseVolume(text: string): Result<Millilitres> {
  const terms = parseTerms(text);
  return (terms.ok ? sumTerms(terms.value, VOLUME_UNITS, 'ml') : terms) as Result<Millilitres>;
}

/** m = V·ρ */
export const massOf = (volume: Millilitres, density: GramsPerMl): Grams => (volume * density) as Grams;
/** V = m/ρ */
export const volumeOf = (mass: Grams, density: GramsPerMl): Millilitres => (mass / density) as Millilitres;
