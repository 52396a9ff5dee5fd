import { say } from '@/core/quantity';
import type { ShapeWords } from './words';

export const plain: ShapeWords<'plain'> = {
  name: 'Only its surface is known',
  size: (one, reads) => say(one.areaMm2, 'mm²', reads),
};
