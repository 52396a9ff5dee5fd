import type { Language } from '@/core/care';

export const LANGUAGE_NAMES: Readonly<Record<Language, string>> = { en: 'English', de: 'Deutsch', fr: 'Français', es: 'Español' };

const NAMES = new Intl.DisplayNames('en-GB', { type: 'region' });
export const countryName = (id: string): string => NAMES.of(id) ?? id;

/** What can be said of a piece once it is sold. */
export const REPORT_WORDS = {
  're-oiled': 're-oiled',
  wrong: 'something is wrong',
  refill: 'a refill is asked for',
  given: 'given away',
  ended: 'is no more',
  returned: 'came back',
} as const;

/** What stands for a buyer without a name. */
const NAMELESS = ['erased', 'not named'];

/** A buyer shown as little as possible: the first letters; the whole name stands on the piece's own page. */
export const initialsOf = (name: string): string =>
  NAMELESS.find((one) => one === name) ??
  name
    .split(/[\s-]+/)
    .filter((word, i) => i === 0 || /^\p{Lu}/u.test(word))
    .slice(0, 3)
    .map((word) => `${word.charAt(0).toUpperCase()}.`)
    .join(' ');
