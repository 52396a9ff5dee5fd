import { fail, ok, type Result } from './issue';
import { typedText } from './typed';

/** Vulgar fractions people type or paste. */
const VULGAR: Readonly<Record<string, string>> = {
  '½': '1/2',
  '⅓': '1/3',
  '⅔': '2/3',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '⅕': '1/5',
};

/** The most anything typed at a bench may be, in any unit: past it a digit slipped. */
export const LARGEST_TYPED = 1e8;

/**
 * A number as people write it: `2.5`, `0,75`, `1 1/2`, `1½`, `1/2`, `1 250` (thin or plain space as thousands). `1,000` asks.
 * @returns the number, finite and as typed (sign kept)
 * @example parseNumber('1½') // → { ok: true, value: 1.5 }
 */
export function parseNumber(text: string): Result<number> {
  const typed = typedText(text);
  if (!typed.ok) return typed;
  const spelled = typed.value.replace(/[½⅓⅔¼¾⅛⅜⅝⅞⅕]/g, (c) => ` ${VULGAR[c]}`).trim();
  if (spelled === '') return fail('required', '');
  const fraction = /^([+-]?)(?:(\d+)\s+)?(\d+)\s*\/\s*(\d+)$/.exec(spelled);
  if (fraction) {
    const [, sign, whole = '0', top = '0', bottom = '1'] = fraction;
    if (Number(bottom) === 0) return fail('not-a-number', '', { text });
    return ok((sign === '-' ? -1 : 1) * (Number(whole) + Number(top) / Number(bottom)));
  }
  // One comma before three figures: thousands to some, a decimal comma to others. Asked, never guessed.
  if (/^[+-]?[1-9]\d{0,2},\d{3}$/.test(spelled)) {
    const [whole = '', rest = ''] = spelled.split(',');
    const decimal = `${whole}.${rest.replace(/0{1,3}$/, '') || '0'}`;
    return fail('thousand-or-one', '', { text: spelled, thousands: `${whole}${rest}`, decimal });
  }
  const grouped = spelled.replace(/(\d) (?=\d{3}(\D|$))/g, '$1');
  // 1.250,5 and 1,250.5: the last mark is the decimal one; a lone comma is a decimal comma.
  const lastComma = grouped.lastIndexOf(',');
  const lastDot = grouped.lastIndexOf('.');
  const plain =
    lastComma > lastDot ? grouped.replace(/\./g, '').replace(',', '.') : lastComma >= 0 ? grouped.replace(/,/g, '') : grouped;
  if (!/^[+-]?(?:\d+(?:\.\d*)?|\.\d+)$/.test(plain)) return fail('not-a-number', '', { text });
  return ok(Number(plain));
}

/** A typed number that must lie above zero and below a slip of the finger. */
export function parsePositive(text: string): Result<number> {
  const number = parseNumber(text);
  return number.ok ? checkPositive(number.value) : number;
}

/** A typed number that may be nothing, and not less. */
export function parseNonNegative(text: string): Result<number> {
  const number = parseNumber(text);
  if (!number.ok) return number;
  if (number.value < 0) return fail('must-not-be-negative', '', { value: number.value });
  return number.value > LARGEST_TYPED ? fail('too-large', '', { value: number.value, most: LARGEST_TYPED }) : number;
}

/** The one rule for typed amounts: above zero, and not so large that a digit must have slipped. */
export function checkPositive(value: number): Result<number> {
  if (value <= 0) return fail('must-be-positive', '', { value });
  if (value > LARGEST_TYPED) return fail('too-large', '', { value, most: LARGEST_TYPED });
  return ok(value);
}
