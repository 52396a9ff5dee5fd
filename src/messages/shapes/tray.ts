import { say, saySizes } from '@/core/quantity';
import type { ShapeWords } from './words';

export const tray: ShapeWords<'tray'> = {
  name: 'Tray',
  size: (one, reads) =>
    `${saySizes([one.lengthMm, one.widthMm, one.thickMm], reads)}, ${say(one.recessDepthMm, 'mm', reads)} deep inside`,
};
