import type { Glyph } from './glyph';

export const coat: Glyph = { fill: 'M12 2C16 8 19 11 19 15A7 7 0 0 1 5 15C5 11 8 8 12 2Z' };
