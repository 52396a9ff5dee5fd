import type { CautionWords } from './words';

export const hotHeater: CautionWords = {
  head: 'No water bath holds this heat back.',
  text: 'A slow cooker has no water to limit it, a microwave heats in spots, a hob or a flame runs past every ceiling: by thermometer, in short bursts, stirred, never left, well below the ceiling. Never warm a piece wet with finish by heat gun, oven or torch: it smokes, cracks and catches fire.',
};
