import { fail, ok, type Result } from './issue';
import { type Grams, MASS_UNITS } from './mass';
import { parseTerms, sumTerms } from './measure';
import { checkPositive, parsePositive } from './number';
import type { Reads } from './reads';
import { typedText } from './typed';
import { lookUpUnit } from './unit';
import { asksCountry, type GramsPerMl, type Millilitres, massOf, VOLUME_UNITS } from './volume';

/** What an ounce on its own was said to mean, once the maker has been asked. */
export type OunceMeaning = 'weight' | 'us-fluid' | 'imperial-fluid';

const OUNCE_UNIT: Readonly<Record<OunceMeaning, string>> = {
  weight: 'oz',
  'us-fluid': 'us fl oz',
  'imperial-fluid': 'imp fl oz',
};

const isBareOunce = (unit: string): boolean => /^(oz|ounces?)\.?$/i.test(unit);

/** An amount as it was measured: on a scale, or in a jug. */
export type Measured = { readonly by: 'mass'; readonly g: Grams } | { readonly by: 'volume'; readonly ml: Millilitres };

/** `4 x 16 fl oz`, `1/2 x 1 lb`, `2½ × 1 cup`: how often, and what. */
function countedIn(text: string): { readonly often: string; readonly what: string } {
  const at = text.search(/[x×*]/i);
  const often = text.slice(0, Math.max(0, at)).trim();
  const what = text.slice(at + 1).trim();
  return often !== '' && what !== '' && /^[\d.,/\s½⅓⅔¼¾⅛⅜⅝⅞⅕]+$/.test(often) ? { often, what } : { often: '1', what: text };
}

type Reading = {
  /** Whether an ounce by itself is asked about. */
  readonly asks: boolean;
  readonly ounce?: OunceMeaning | undefined;
  /** What a number alone is meant in; without it a unit is asked for. */
  readonly bare?: 'g' | 'oz' | undefined;
};

/**
 * An amount as people measure: `[count ×] number unit`, by weight or by volume.
 * @returns grams or millilitres, above 0; an issue for an ounce that may be either, where that is asked
 * @example parseMeasured('1/2 x 1 lb', { asks: true }) // → { by: 'mass', g: 226.796185 }
 */
export function parseMeasured(text: string, { asks, ounce, bare }: Reading, reads: Reads): Result<Measured> {
  const typed = typedText(text);
  if (!typed.ok) return typed;
  const { often, what } = countedIn(typed.value);
  const count = parsePositive(often);
  if (!count.ok) return count;
  const split = parseTerms(what);
  if (!split.ok) return split;
  const hasPound = split.value.some((term) => /^(lb|pound)s?\.?$/i.test(term.unit));
  const isAsked = asks && !hasPound && split.value.some((term) => isBareOunce(term.unit));
  if (isAsked && !ounce) return fail('ounce-ambiguous', '', { text });
  const terms = split.value.map((term) =>
    isAsked && ounce && isBareOunce(term.unit) ? { ...term, unit: OUNCE_UNIT[ounce] } : term,
  );
  if (asksCountry(terms, reads)) return fail('country-ambiguous', '', { text });
  const byVolume = terms.some((term) => term.unit !== '' && lookUpUnit(VOLUME_UNITS, term.unit) !== undefined);
  const total = byVolume ? sumTerms(terms, VOLUME_UNITS) : sumTerms(terms, MASS_UNITS, bare);
  const whole = total.ok ? checkPositive(total.value * count.value) : total;
  if (!whole.ok) return whole;
  return ok(byVolume ? { by: 'volume', ml: whole.value as Millilitres } : { by: 'mass', g: whole.value as Grams });
}

/**
 * An amount of one material, by weight or by volume as typed, in grams.
 * A bare "oz" on a liquid may be weight or volume: an issue asks, and `ounce` carries the answer.
 * Beside a pound it is weight. A bare number is in what the shop's scale shows.
 * @returns grams (above 0) and whether it was typed as a volume
 * @example parseAmount('0,75 l', { densityGPerMl: 0.86, liquid: true }) // → 645 g, byVolume
 */
export function parseAmount(
  text: string,
  material: { readonly densityGPerMl: number; readonly liquid: boolean },
  reads: Reads,
  ounce?: OunceMeaning,
): Result<{ readonly massG: Grams; readonly byVolume: boolean }> {
  const read = parseMeasured(text, { asks: material.liquid, ounce, bare: reads.mass }, reads);
  if (!read.ok) return read;
  const byVolume = read.value.by === 'volume';
  return ok({
    massG: read.value.by === 'mass' ? read.value.g : massOf(read.value.ml, material.densityGPerMl as GramsPerMl),
    byVolume,
  });
}
