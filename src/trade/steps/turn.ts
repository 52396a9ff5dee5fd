import type { Glyph } from './glyph';

export const turn: Glyph = { line: 'M4 12A8 8 0 0 1 19 8M19 3V8H14M20 12A8 8 0 0 1 5 16M5 21V16H10' };
