import type { Glyph } from './glyph';

export const colour: Glyph = { fill: 'M6 3H18V9L15 21H9L6 9Z', line: 'M6 9H18M9 13L14 18M14 13L10 17' };
