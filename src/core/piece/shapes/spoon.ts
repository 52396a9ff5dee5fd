import { z } from 'zod';
import { HANDLED, handleMm2, handleMm3, readHandled } from './handled';
import { ellipsoid, face, shape } from './shape';
import { made } from './typed';

/** Share of a spoon that is end grain. Source: working estimate. */
export const SPOON_END_SHARE = 0.1;

export const spoon = shape({
  solid: z.object({ shape: z.literal('spoon'), ...HANDLED }),
  called: [
    {
      words: ['spoon', 'spreader', 'spatula', 'ladle', 'fork', 'server'],
      usual: {
        shape: 'spoon',
        bowlLengthMm: 70,
        bowlWidthMm: 48,
        bowlDepthMm: 14,
        handleLengthMm: 210,
        handleWidthMm: 18,
        handleThickMm: 10,
      },
    },
  ],
  uses: ['food-wet', 'mouth'],
  offFood: () => ['handle'],
  faces: (one) => {
    const bowl = ellipsoid(one.bowlLengthMm / 2, one.bowlWidthMm / 2, one.bowlDepthMm) / 2;
    return [
      face('bowl-outside', bowl, SPOON_END_SHARE),
      face('handle', handleMm2(one), SPOON_END_SHARE),
      face('bowl-inside', bowl, SPOON_END_SHARE),
      face('end-grain', 0),
    ];
  },
  unfit: () => null,
  // Half an ellipsoid skin a sixth of its depth thick, and an elliptical handle. Source: working estimate.
  woodMm3: (one) => ((2 / 3) * Math.PI * (one.bowlLengthMm / 2) * (one.bowlWidthMm / 2) * one.bowlDepthMm) / 2 + handleMm3(one),
  standsMm: (one) => one.bowlDepthMm,
  read: (draft, reads) => made(readHandled(draft, reads), (sizes) => ({ shape: 'spoon' as const, ...sizes })),
  asPart: null,
});
