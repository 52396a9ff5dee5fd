import type { Glyph } from './glyph';

export const warm: Glyph = { line: 'M6 3V14M12 3V14M18 3V14M3 20H21M6 14L6 17M12 14V17M18 14V17' };
