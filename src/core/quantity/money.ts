import { fail, ok, type Result } from './issue';
import { parseNumber } from './number';
import { typedText } from './typed';
import type { Quantity } from './unit';

/** Money in minor units (cents, pence, øre), a whole number. */
export type Minor = Quantity<'minor'>;

/** Decimals of the currencies that have not two. Source: ISO 4217. */
const DECIMALS: Readonly<Record<string, number>> = { JPY: 0, KRW: 0, ISK: 0, CLP: 0, VND: 0, KWD: 3 };

/** Currencies a shop may keep its prices in, the commonest first. */
export const CURRENCIES = [
  'EUR',
  'GBP',
  'USD',
  'CHF',
  'CAD',
  'AUD',
  'NZD',
  'SEK',
  'NOK',
  'DKK',
  'ISK',
  'PLN',
  'CZK',
  'HUF',
  'RON',
  'BGN',
  'RSD',
  'UAH',
  'TRY',
  'ILS',
  'JPY',
  'KRW',
  'INR',
  'BRL',
  'MXN',
  'ARS',
  'CLP',
  'COP',
  'PEN',
  'UYU',
  'ZAR',
  'KES',
  'NGN',
  'MAD',
  'EGP',
  'KWD',
  'AED',
  'THB',
  'VND',
  'IDR',
  'MYR',
  'PHP',
  'SGD',
  'HKD',
  'TWD',
  'CNY',
] as const;

const decimalsOf = (currency: string): number => DECIMALS[currency] ?? 2;

/** A typed price in the shop's currency: `12.50`, `12,5`; not negative. Returns minor units. */
export function parseMoney(text: string, currency: string): Result<Minor> {
  const typed = typedText(text);
  if (!typed.ok) return typed;
  const figures = typed.value.replace(/[^\d.,\-\s/]/g, '').trim();
  if (figures === '' && typed.value !== '') return fail('not-a-number', '', { text });
  const number = parseNumber(figures);
  if (!number.ok) return number;
  if (number.value < 0) return fail('must-not-be-negative', '', { value: number.value });
  if (number.value > 1e7) return fail('too-large', '', { value: number.value, most: 1e7 });
  return ok(Math.round(number.value * 10 ** decimalsOf(currency)) as Minor);
}

export const toMajor = (minor: number, currency: string): number => minor / 10 ** decimalsOf(currency);

/** `12.50 EUR`: the code, never a guessed sign. */
export const formatMoney = (minor: number, currency: string): string =>
  `${toMajor(minor, currency).toFixed(decimalsOf(currency))} ${currency}`;
