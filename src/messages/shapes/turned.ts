import { say } from '@/core/quantity';
import type { ShapeWords } from './words';

export const turned: ShapeWords<'turned'> = {
  name: 'Turned, hollow or solid',
  size: ({ outer }, reads) =>
    `${say(2 * Math.max(...outer.map(([r]) => r)), 'mm', reads)} across, ${say((outer.at(-1)?.[1] ?? 0) - (outer[0]?.[1] ?? 0), 'mm', reads)} high`,
};
