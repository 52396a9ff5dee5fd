import { say } from '@/core/quantity';
import type { ShapeWords } from './words';

export const scoop: ShapeWords<'scoop'> = {
  name: 'Scoop',
  size: (one, reads) => `${say(one.bowlLengthMm + one.handleLengthMm, 'mm', reads)} long`,
};
