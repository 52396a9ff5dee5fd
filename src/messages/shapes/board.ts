import { saySizes } from '@/core/quantity';
import type { ShapeWords } from './words';

export const board: ShapeWords<'board'> = {
  name: 'Board',
  size: (one, reads) => saySizes([one.lengthMm, one.widthMm, one.thickMm], reads),
};
