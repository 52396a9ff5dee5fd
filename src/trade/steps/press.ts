import type { Glyph } from './glyph';

export const press: Glyph = { fill: 'M9 3H15V12H9Z', line: 'M3 19A9 4 0 0 1 21 19M12 12V15' };
