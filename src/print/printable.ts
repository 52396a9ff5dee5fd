import 'server-only';
import anyAscii from 'any-ascii';
import * as fontkit from 'fontkit';
import { printable as wording } from '@/messages/screens/print';
import { FONT_FILES } from './fonts';

let font: fontkit.Font | null = null;

/** Whether the shipped font draws a letter. */
function isDrawn(codePoint: number): boolean {
  if (!font) {
    const opened = fontkit.openSync(FONT_FILES[0].src);
    if (!('hasGlyphForCodePoint' in opened)) throw new Error('the shipped font is a collection');
    font = opened;
  }
  return font.hasGlyphForCodePoint(codePoint);
}

const ASCII = /^[\t\n\r\x20-\x7e]*$/;
/** A sign that has a name instead of a sound: `:evergreen_tree:`. */
const NAMED = /:([a-z0-9_+&-]+):/g;

/** One text with every letter the shipped font cannot draw said in Latin letters: `Иван` is Ivan, a drawn tree is (evergreen tree). */
function printableText(text: string): string {
  if (ASCII.test(text)) return text;
  const said = [...text.normalize('NFC')]
    .map((letter) => {
      if (isDrawn(letter.codePointAt(0) ?? 0)) return letter;
      return anyAscii(letter).replace(NAMED, (_, name: string) => `(${name.replaceAll('_', ' ')})`);
    })
    .join('');
  // Nothing is left where only joiners and shades of signs stood.
  return said.trim() === '' ? wording.aSign : said;
}

/** The same with every text in it as the shipped font can print it; addresses and numbers stay as they are. */
export function printable<T>(value: T): T {
  if (typeof value === 'string') return printableText(value) as T;
  if (Array.isArray(value)) return value.map(printable) as T;
  if (value !== null && typeof value === 'object' && Object.getPrototypeOf(value) === Object.prototype)
    return Object.fromEntries(Object.entries(value).map(([key, one]) => [key, printable(one)])) as T;
  return value;
}
