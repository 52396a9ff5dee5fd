import type { Glyph } from './glyph';

export const paint: Glyph = { fill: 'M7 12H17V21H7Z', line: 'M9 12V4H15V12M7 16H17' };
