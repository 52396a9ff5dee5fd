/** Letters and figures that no one takes for another, chalked or read aloud. */
export const CODE_ALPHABET = '23456789ABCDEFGHJKMNPQRSTUVWXYZ';
/** 13 of 31 letters: 64 bits, which nobody guesses. Codes of ten that were printed before stay good. */
export const CODE_LENGTH = 13;

/** A piece's code from random bytes (at least thirteen). Bytes that would favour some letters are passed over; null when too few are left. */
export function codeFrom(bytes: Uint8Array): string | null {
  const fair = Math.floor(256 / CODE_ALPHABET.length) * CODE_ALPHABET.length;
  const letters = [...bytes].filter((byte) => byte < fair).map((byte) => CODE_ALPHABET[byte % CODE_ALPHABET.length]);
  return letters.length >= CODE_LENGTH ? letters.slice(0, CODE_LENGTH).join('') : null;
}

/** A number short enough to chalk: `B31-07`, `31-014`. */
export const chalkNumber = (prefix: string, year: number, counter: number, digits: number): string =>
  `${prefix}${String(year % 100).padStart(2, '0')}-${String(counter).padStart(digits, '0')}`;
