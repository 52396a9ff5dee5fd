import { say } from '@/core/quantity';
import type { ShapeWords } from './words';

export const ring: ShapeWords<'ring'> = {
  name: 'Ring',
  size: (one, reads) => `${say(one.outerMm, 'mm', reads)} across, ${say(one.barMm, 'mm', reads)} thick`,
};
