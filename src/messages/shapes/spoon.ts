import { say } from '@/core/quantity';
import type { ShapeWords } from './words';

export const spoon: ShapeWords<'spoon'> = {
  name: 'Spoon or spreader',
  size: (one, reads) => `${say(one.bowlLengthMm + one.handleLengthMm, 'mm', reads)} long`,
};
