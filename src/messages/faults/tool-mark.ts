import type { FaultWords } from './words';

export const toolMark: FaultWords = {
  name: 'tool mark',
  advice: 'Sand it out from 120, grit by grit: a finer one only polishes it.',
};
