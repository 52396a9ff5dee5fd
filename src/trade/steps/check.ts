import type { Glyph } from './glyph';

export const check: Glyph = { fill: 'M2 12Q12 2 22 12Q12 22 2 12Z', line: 'M12 9A3 3 0 1 0 12 15A3 3 0 1 0 12 9Z' };
