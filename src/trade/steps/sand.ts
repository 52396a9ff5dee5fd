import type { Glyph } from './glyph';

export const sand: Glyph = { fill: 'M3 5H21V17L17 21H3Z', line: 'M7 9H8M12 9H13M17 9H18M7 13H8M12 13H13M7 17H8M12 17H13' };
