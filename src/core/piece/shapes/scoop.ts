import { z } from 'zod';
import { atPath, parseLength } from '@/core/quantity';
import { HANDLED, handleMm2, handleMm3, readHandled } from './handled';
import { cutTooLarge, ellipsoid, face, mm, shape } from './shape';
import { both, made } from './typed';

/** Share of a scoop that is end grain: its bowl is cut across the grain more than a spoon's. Source: working estimate. */
export const SCOOP_END_SHARE = 0.25;

export const scoop = shape({
  solid: z.object({ shape: z.literal('scoop'), ...HANDLED, wallMm: mm }),
  called: [
    {
      words: ['scoop'],
      usual: {
        shape: 'scoop',
        bowlLengthMm: 80,
        bowlWidthMm: 60,
        bowlDepthMm: 35,
        wallMm: 5,
        handleLengthMm: 80,
        handleWidthMm: 20,
        handleThickMm: 14,
      },
    },
  ],
  uses: ['food-wet'],
  offFood: () => ['handle'],
  faces: (one) => {
    const [a, b, c, wall] = [one.bowlLengthMm / 2, one.bowlWidthMm / 2, one.bowlDepthMm, one.wallMm];
    const rim = Math.PI * (a * b - (a - wall) * (b - wall));
    return [
      face('bowl-outside', ellipsoid(a, b, c) / 2, SCOOP_END_SHARE),
      face('handle', handleMm2(one), SCOOP_END_SHARE),
      face('bowl-inside', ellipsoid(a - wall, b - wall, c - wall) / 2 + rim, SCOOP_END_SHARE),
      face('end-grain', 0),
    ];
  },
  unfit: (one) =>
    2 * one.wallMm >= Math.min(one.bowlLengthMm, one.bowlWidthMm, 2 * one.bowlDepthMm) ? cutTooLarge('wall') : null,
  woodMm3: (one) => {
    const [a, b, c, t] = [one.bowlLengthMm / 2, one.bowlWidthMm / 2, one.bowlDepthMm, one.wallMm];
    return (2 / 3) * Math.PI * (a * b * c - (a - t) * (b - t) * (c - t)) + handleMm3(one);
  },
  standsMm: (one) => one.bowlDepthMm,
  read: (draft, reads) =>
    made(both(readHandled(draft, reads), atPath('wall', parseLength(draft.wall, reads))), ([sizes, wallMm]) => ({
      shape: 'scoop' as const,
      ...sizes,
      wallMm,
    })),
  asPart: null,
});
