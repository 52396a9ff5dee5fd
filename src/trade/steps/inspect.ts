import type { Glyph } from './glyph';

export const inspect: Glyph = { line: 'M3 19H21M5 16L19 16M12 3V7M5 6L8 9M19 6L16 9M9 12H15' };
