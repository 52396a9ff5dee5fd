import type { Language } from '@/core/care';
import { findSpecies, INGREDIENTS, type IngredientId, type Species } from '@/core/material';
import { REGIMENS } from '@/core/regimen';
import { de } from './de';
import { en } from './en';
import { es } from './es';
import { fr } from './fr';
import { type Allergen, SHIPPED_CARE, type SlipWords } from './shape';

export { LABEL_CAUTIONS, type LabelCaution, type SlipWords } from './shape';

/** Slips, letters and owners' pages in every language that ships. */
export const SLIP_WORDS: Readonly<Record<Language, SlipWords>> = { en, de, fr, es };

const INGREDIENT_ID = new Map<string, IngredientId>(INGREDIENTS.map((one) => [one.name, one.id]));

/** An ingredient's name, as the core gives it, in a language; what a maker named stays as it is. */
export function ingredientIn(language: Language, name: string): string {
  const id = INGREDIENT_ID.get(name);
  return (id && SLIP_WORDS[language].ingredients?.[id]) ?? name;
}

/** A wood as slips name it: the house's, or the shop's own with the names it was given. */
export type NamedWood = { readonly id: string; readonly name: string; readonly names?: Species['names'] };

/** A name out of an id, where nothing else is known of a wood any more. */
const fromId = (id: string): string => {
  const name = (id.split('~')[1] ?? id).replaceAll('-', ' ');
  return name.charAt(0).toUpperCase() + name.slice(1);
};

/** A wood's name in a language; one that nobody translated keeps the name its maker gave it. */
export function woodIn(language: Language, id: string, woods: readonly NamedWood[] = []): string {
  const named = woods.length > 0 ? woods : [findSpecies(id) ?? { id, name: fromId(id) }];
  const shipped: Readonly<Record<string, string>> = SLIP_WORDS[language].woods ?? {};
  return named.map((wood) => wood.names?.[language] || shipped[wood.id] || wood.name).join(' + ');
}

export const allergenIn = (language: Language, name: string): string =>
  SLIP_WORDS[language].allergenNames[name as Allergen] ?? name;

/** A word, its colon and what it says, as a language sets them: French puts a space that does not break before the colon. */
export const saying = (language: Language, word: string, says: string): string =>
  `${word}${language === 'fr' ? '\u00a0:' : ':'} ${says}`;

/** Names in a row. Some hold commas themselves: a semicolon keeps them apart. */
export const namesIn = (language: Language, names: readonly string[]): string =>
  names.map((name) => ingredientIn(language, name)).join('; ');

/** What lies on a piece, then what it was made with and has left. */
export function finishIn(language: Language, names: readonly string[]): string {
  const words = SLIP_WORDS[language];
  const leaves = (name: string): boolean => INGREDIENTS.some((one) => one.name === name && one.volatileFraction >= 1);
  const [stays, left] = [names.filter((name) => !leaves(name)), names.filter(leaves)];
  return [
    namesIn(language, stays) || words.nothing,
    ...(left.length > 0 ? [saying(language, words.madeWith, namesIn(language, left))] : []),
  ].join('. ');
}

/** Allergens by name: what is not declared is never called none. */
export function allergenNames(language: Language, allergens: readonly string[], undeclared: readonly string[]): string {
  const words = SLIP_WORDS[language];
  const known = allergens.map((name) => allergenIn(language, name));
  const isOpen = undeclared.length > 0 && !allergens.includes('not all declared');
  return [...known, ...(isOpen ? [words.allergenNames['not all declared']] : [])].join(', ') || words.noneKnown;
}

/** Allergens in a line, and what is not all declared. */
export function allergensIn(language: Language, allergens: readonly string[], undeclared: readonly string[]): string {
  const words = SLIP_WORDS[language];
  const open = undeclared.length > 0 ? ` ${saying(language, words.undeclared, undeclared.join('; '))}.` : '';
  return `${saying(language, words.allergens, allergenNames(language, allergens, undeclared))}.${open}`;
}

const LOCALES: Readonly<Record<Language, string>> = { en: 'en-GB', de: 'de-DE', fr: 'fr-FR', es: 'es-ES' };

/** A calendar date in a language: `4 March 2031`, `4. März 2031`. */
export const dateIn = (language: Language, date: string): string =>
  new Intl.DateTimeFormat(LOCALES[language], { timeZone: 'UTC', day: 'numeric', month: 'long', year: 'numeric' }).format(
    Date.parse(`${date}T12:00:00Z`),
  );

/** Grams as a language writes them: one decimal. */
export const gramsIn = (language: Language, grams: number): string =>
  new Intl.NumberFormat(LOCALES[language], { minimumFractionDigits: 1, maximumFractionDigits: 1 }).format(grams);

/** What a piece is called in a language; the design's name is the maker's own and is never translated. */
export const titleIn = (
  language: Language,
  {
    speciesId,
    design,
    woods = [],
  }: { readonly speciesId: string; readonly design: string; readonly woods?: readonly NamedWood[] },
): string =>
  language === 'en'
    ? `${woodIn('en', speciesId, woods)} ${design.toLowerCase()}`
    : `${design}, ${woodIn(language, speciesId, woods)}`;

/** What a regimen that ships with a care of its own says in a language; null for a care that a shop wrote itself, or for none. */
export function shippedIn(language: Language, ownWords: string): SlipWords['shipped']['soap'] | null {
  const id = SHIPPED_CARE.find((one) => REGIMENS.find((regimen) => regimen.id === one)?.ownCare?.words === ownWords);
  return id && ownWords !== '' ? SLIP_WORDS[language].shipped[id] : null;
}
