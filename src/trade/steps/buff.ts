import type { Glyph } from './glyph';

export const buff: Glyph = { fill: 'M12 3A9 9 0 1 0 12 21A9 9 0 1 0 12 3Z', line: 'M12 7A5 5 0 0 1 17 12M12 17A5 5 0 0 1 7 12' };
