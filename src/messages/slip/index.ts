import type { Language } from '@/core/care';
import { findSpecies, type IngredientId, INGREDIENTS } from '@/core/material';
import { de } from './de';
import { en } from './en';
import { es } from './es';
import { fr } from './fr';
import type { Allergen, SlipWords } from './shape';

export { LABEL_CAUTIONS, type LabelCaution, type SlipWords } from './shape';

/** Slips, letters and owners' pages in every language that ships. */
export const SLIP_WORDS: Readonly<Record<Language, SlipWords>> = { en, de, fr, es };

const INGREDIENT_ID = new Map<string, IngredientId>(INGREDIENTS.map((one) => [one.name, one.id]));

/** An ingredient's name, as the core gives it, in a language; what a maker named stays as it is. */
export function ingredientIn(language: Language, name: string): string {
  const id = INGREDIENT_ID.get(name);
  return (id && SLIP_WORDS[language].ingredients?.[id]) ?? name;
}

export function woodIn(language: Language, id: string): string {
  const wood = findSpecies(id);
  return wood ? (SLIP_WORDS[language].woods?.[wood.id] ?? wood.name) : id;
}

export const allergenIn = (language: Language, name: string): string =>
  SLIP_WORDS[language].allergenNames[name as Allergen] ?? name;

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
  { speciesId, design }: { readonly speciesId: string; readonly design: string },
): string =>
  language === 'en' ? `${woodIn('en', speciesId)} ${design.toLowerCase()}` : `${design}, ${woodIn(language, speciesId)}`;
