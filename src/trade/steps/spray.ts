import type { Glyph } from './glyph';

export const spray: Glyph = { line: 'M4 10H9V20H4ZM9 12L13 12M15 8L20 5M15 12L21 12M15 16L20 19' };
