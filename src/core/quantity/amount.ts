import { fail, ok, type Result } from './issue';
import { parseTerms, sumTerms } from './measure';
import { type Grams, MASS_UNITS } from './mass';
import { lookUpUnit } from './unit';
import { type GramsPerMl, massOf, type Millilitres, VOLUME_UNITS } from './volume';

/** What an ounce on its own was said to mean, once the maker has been asked. */
export type OunceMeaning = 'weight' | 'us-fluid' | 'imperial-fluid';

const OUNCE_UNIT: Readonly<Record<OunceMeaning, string>> = {
  weight: 'oz',
  'us-fluid': 'us fl oz',
  'imperial-fluid': 'imp fl oz',
};

const isBareOunce = (unit: string): boolean => /^(oz|ounces?)\.?$/i.test(unit);

/**
 * An amount of one material, by weight or by volume as typed, in grams.
 * A bare "oz" on a liquid may be weight or volume: an issue asks, and `ounce` carries the answer.
 * Beside a pound it is weight. A bare number is grams.
 * @returns grams (above 0) and whether it was typed as a volume
 * @example parseAmount('0,75 l', { densityGPerMl: 0.86, liquid: true }) // → 645 g, byVolume
 */
export function parseAmount(
  text: string,
  material: { readonly densityGPerMl: number; readonly liquid: boolean },
  ounce?: OunceMeaning,
): Result<{ readonly massG: Grams; readonly byVolume: boolean }> {
  const split = parseTerms(text);
  if (!split.ok) return split;
  const hasPound = split.value.some((term) => /^(lb|pound)s?\.?$/i.test(term.unit));
  const asks = material.liquid && !hasPound && split.value.some((term) => isBareOunce(term.unit));
  if (asks && !ounce) return fail('ounce-ambiguous', '', { text });
  const terms = split.value.map((term) =>
    asks && ounce && isBareOunce(term.unit) ? { ...term, unit: OUNCE_UNIT[ounce] } : term,
  );
  const byVolume = terms.some((term) => term.unit !== '' && lookUpUnit(VOLUME_UNITS, term.unit) !== undefined);
  const total = byVolume ? sumTerms(terms, VOLUME_UNITS) : sumTerms(terms, MASS_UNITS, 'g');
  if (!total.ok) return total;
  const massG = byVolume ? massOf(total.value as Millilitres, material.densityGPerMl as GramsPerMl) : (total.value as Grams);
  return ok({ massG, byVolume });
}
