import { say } from '@/core/quantity';
import type { ShapeWords } from './words';

export const disc: ShapeWords<'disc'> = {
  name: 'Round board',
  size: (one, reads) => `${say(one.diameterMm, 'mm', reads)} across, ${say(one.thickMm, 'mm', reads)} thick`,
};
