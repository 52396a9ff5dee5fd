import { saySizes } from '@/core/quantity';
import type { ShapeWords } from './words';

export const box: ShapeWords<'box'> = {
  name: 'Box',
  size: (one, reads) => saySizes([one.lengthMm, one.widthMm, one.heightMm], reads),
};
