import type { Glyph } from './glyph';

export const wet: Glyph = { line: 'M2 9Q5 5 8 9T14 9T20 9L22 8M2 16Q5 12 8 16T14 16T20 16L22 15' };
