import type { CheckWords } from './words';

export const touch: CheckWords = { name: 'Touch', how: 'Draw a dry finger over it.', pass: 'dry', fail: 'greasy or tacky' };
