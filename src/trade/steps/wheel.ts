import type { Glyph } from './glyph';

export const wheel: Glyph = { fill: 'M12 2A10 10 0 1 0 12 22A10 10 0 1 0 12 2Z', line: 'M12 2V22M2 12H22M5 5L19 19M19 5L5 19' };
