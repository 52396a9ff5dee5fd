import { z } from 'zod';
import { circle, face, mm, shape } from './shape';
import { made, two } from './typed';

const PART_SIZES = 'diameter × thickness, or length of a rod';

export const disc = shape({
  solid: z.object({ shape: z.literal('disc'), diameterMm: mm, thickMm: mm, grain: z.enum(['long', 'end']) }),
  called: [
    {
      words: ['plate', 'platter', 'round board', 'trivet', 'coaster'],
      usual: { shape: 'disc', diameterMm: 250, thickMm: 20, grain: 'long' },
    },
  ],
  uses: ['food-wet', 'knife'],
  offFood: () => [],
  faces: ({ diameterMm: d, thickMm: t, grain }) => [
    face('underside', circle(d), grain === 'end' ? 1 : 0),
    face('edges', Math.PI * d * t, grain === 'end' ? 0 : 0.5),
    face('top', circle(d), grain === 'end' ? 1 : 0),
  ],
  unfit: () => null,
  woodMm3: ({ diameterMm: d, thickMm: t }) => (Math.PI / 4) * d ** 2 * t,
  standsMm: (one) => one.thickMm,
  read: (draft, reads) =>
    made(two('sizes', draft.sizes, 'diameter × thickness', reads), ([diameterMm, thickMm]) => ({
      shape: 'disc' as const,
      diameterMm,
      thickMm,
      grain: draft.grain,
    })),
  asPart: {
    sizes: PART_SIZES,
    read: (path, sizes, reads) =>
      made(two(path, sizes, PART_SIZES, reads), ([diameterMm, thickMm]) => ({
        shape: 'disc' as const,
        diameterMm,
        thickMm,
        grain: 'long' as const,
      })),
  },
});
