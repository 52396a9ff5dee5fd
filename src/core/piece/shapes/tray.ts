import { z } from 'zod';
import { cutTooLarge, face, mm, shape } from './shape';
import { both, made, three } from './typed';

export const tray = shape({
  /** A board with a recess as wide as its walls leave it. */
  solid: z.object({
    shape: z.literal('tray'),
    lengthMm: mm,
    widthMm: mm,
    thickMm: mm,
    recessLengthMm: mm,
    recessWidthMm: mm,
    recessDepthMm: mm,
  }),
  called: [
    {
      words: ['tray'],
      usual: {
        shape: 'tray',
        lengthMm: 400,
        widthMm: 250,
        thickMm: 28,
        recessLengthMm: 360,
        recessWidthMm: 210,
        recessDepthMm: 14,
      },
    },
  ],
  uses: ['food-dry'],
  offFood: () => ['underside', 'edges', 'end-grain'],
  faces: ({ lengthMm: l, widthMm: w, thickMm: t, recessLengthMm: a, recessWidthMm: b, recessDepthMm: c }) => [
    face('underside', l * w),
    face('edges', 2 * l * t),
    face('end-grain', 2 * w * t, 1),
    face('top', l * w),
    { surface: 'recess', areaMm2: 2 * (a + b) * c, endGrainMm2: 2 * b * c },
  ],
  unfit: (one) =>
    one.recessLengthMm >= one.lengthMm || one.recessWidthMm >= one.widthMm || one.recessDepthMm >= one.thickMm
      ? cutTooLarge('recess')
      : null,
  woodMm3: (one) => one.lengthMm * one.widthMm * one.thickMm - one.recessLengthMm * one.recessWidthMm * one.recessDepthMm,
  standsMm: (one) => one.thickMm,
  read: (draft, reads) =>
    made(
      both(
        three('sizes', draft.sizes, 'length × width × thickness', reads),
        three('recess', draft.recess, 'length × width × depth of the recess', reads),
      ),
      ([[lengthMm, widthMm, thickMm], [recessLengthMm, recessWidthMm, recessDepthMm]]) => ({
        shape: 'tray' as const,
        lengthMm,
        widthMm,
        thickMm,
        recessLengthMm,
        recessWidthMm,
        recessDepthMm,
      }),
    ),
  asPart: null,
});
