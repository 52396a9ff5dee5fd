import type { Glyph } from './glyph';

export const scuff: Glyph = { fill: 'M3 8H21V18H3Z', line: 'M6 12L9 15M11 12L14 15M16 12L19 15' };
