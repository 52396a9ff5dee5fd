import type { Glyph } from './glyph';

export const wipe: Glyph = { fill: 'M3 4H20L21 20H4Z', line: 'M8 4L9 20M15 4L15 20M3 12H21' };
