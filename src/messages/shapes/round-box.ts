import { say } from '@/core/quantity';
import type { ShapeWords } from './words';

export const roundBox: ShapeWords<'round-box'> = {
  name: 'Round box',
  size: (one, reads) => `${say(one.diameterMm, 'mm', reads)} across, ${say(one.heightMm, 'mm', reads)} high`,
};
