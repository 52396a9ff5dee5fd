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
