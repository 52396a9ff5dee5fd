import type { Glyph } from './glyph';

export const fill: Glyph = { fill: 'M3 4H21V20H3Z', line: 'M8 4L11 10L8 14L12 20M15 12L16 20' };
