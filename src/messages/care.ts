import type { Language } from '@/core/care';
import { formatMoney } from '@/core/quantity';

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

/** A tin that can go into the box with a piece. */
export type SaidBottle = {
  readonly lotId: number;
  readonly number: string;
  readonly title: string;
  readonly size: string;
  readonly left: number;
  readonly treatments: number;
  readonly costMinor: number | null;
  readonly brings: readonly string[];
  readonly isBest: boolean;
};

export const bottleWords = (
  { size, number, title, left, treatments, costMinor, brings, isBest }: SaidBottle,
  currency: string,
): string =>
  [
    `${isBest ? 'give this: ' : ''}${size || number}, ${title}`,
    `${Math.floor(treatments)} treatments`,
    costMinor === null ? 'cost not known' : `costs ${formatMoney(costMinor, currency)}`,
    `${left} left`,
    brings.length > 0 ? `brings ${brings.join(', ')}` : '',
  ]
    .filter(Boolean)
    .join(', ');
