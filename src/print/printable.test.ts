import fc from 'fast-check';
import * as fontkit from 'fontkit';
import { describe, expect, it } from 'vitest';
import { FONT_FILES } from './fonts';
import { printable } from './printable';

const font = fontkit.openSync(FONT_FILES[0].src) as fontkit.Font;

describe('what goes on paper', () => {
  it.each([
    ['Spoon, 12 g', 'Spoon, 12 g'],
    ['Löffel für Zoë', 'Löffel für Zoë'],
    ['Loffel\u0308', 'Loffel\u0308'.normalize('NFC')],
    ['Иван', 'Ivan'],
    ['Board \u{1F332}', 'Board (evergreen tree)'],
    ['\u{1F44D}\u{1F3FD} Anna', '(thumbsup) Anna'],
    ['\u200d', '(a sign)'],
  ])('says “%s” in letters the font has', (typed, printed) => expect(printable(typed)).toBe(printed));
  it('reaches every text of what is printed and leaves numbers, dates and pictures as they are', () => {
    const slip = {
      shop: '木',
      grams: 4.25,
      dates: ['2031-03-05'],
      of: { code: 'ABC', none: null },
      picture: Buffer.from([1, 2]),
    };
    expect(printable(slip)).toEqual({ ...slip, shop: printable('木') });
    expect(printable('木')).toMatch(/^[A-Za-z]+$/);
  });
  it('never leaves a letter the font cannot draw, whatever is typed', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme', minLength: 1, maxLength: 30 }), (typed) => {
        const printed = printable(typed);
        expect(printed.length).toBeGreaterThan(0);
        for (const letter of printed)
          expect(font.hasGlyphForCodePoint(letter.codePointAt(0) ?? 0) || /\s/.test(letter), JSON.stringify(printed)).toBe(true);
      }),
    );
  });
});
