import { z } from 'zod';
import { above, MOST } from '@/core/contract';
import { atPath, parseArea } from '@/core/quantity';
import { face, PLAIN_THICK_MM, shape } from './shape';
import { both, made, readShare } from './typed';

const read = (path: string, surface: string, endShare: string) =>
  made(both(atPath(path, parseArea(surface)), readShare('endShare', endShare)), ([areaMm2, endGrainShare]) => ({
    shape: 'plain' as const,
    areaMm2,
    endGrainShare,
  }));

export const plain = shape({
  /** Something of which only its surface is known. */
  solid: z.object({
    shape: z.literal('plain'),
    areaMm2: above(MOST.squareMillimetres),
    endGrainShare: z.number().min(0).max(1),
  }),
  called: [{ words: ['stool', 'seat'], usual: { shape: 'plain', areaMm2: 600_000, endGrainShare: 0.1 } }],
  uses: ['food-wet'],
  offFood: () => [],
  faces: ({ areaMm2, endGrainShare }) => [face('everywhere', areaMm2, endGrainShare)],
  unfit: () => null,
  woodMm3: ({ areaMm2 }) => (areaMm2 / 2) * PLAIN_THICK_MM,
  standsMm: () => PLAIN_THICK_MM,
  read: (draft) => read('surface', draft.surface, draft.endShare),
  asPart: { sizes: 'surface', read: (path, sizes) => read(path, sizes, '0') },
});
