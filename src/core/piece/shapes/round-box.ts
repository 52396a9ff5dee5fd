import { z } from 'zod';
import { atPath, parseLength } from '@/core/quantity';
import type { Surface } from '../surfaces';
import { circle, cutTooLarge, type Face, face, mm, shape, TURNED_END_SHARE } from './shape';
import { both, made, two } from './typed';

export const roundBox = shape({
  solid: z.object({ shape: z.literal('round-box'), diameterMm: mm, heightMm: mm, wallMm: mm, lid: z.boolean() }),
  called: [],
  uses: ['food-dry'],
  offFood: () => ['outside', 'underside'],
  faces: ({ diameterMm: d, heightMm: h, wallMm: t, lid }) => {
    const inside = d - 2 * t;
    const of = (surface: Surface, areaMm2: number): Face => face(surface, areaMm2, TURNED_END_SHARE);
    return [
      of('underside', circle(d)),
      of('outside', Math.PI * d * h),
      of('inside', circle(inside) + Math.PI * inside * (h - t)),
      of('rim', circle(d) - circle(inside)),
      ...(lid ? [of('lid', 2 * circle(d) + Math.PI * d * t)] : []),
    ];
  },
  unfit: (one) => (2 * one.wallMm >= one.diameterMm || one.wallMm >= one.heightMm ? cutTooLarge('wall') : null),
  woodMm3: ({ diameterMm: d, heightMm: h, wallMm: t, lid }) =>
    (Math.PI / 4) * (d ** 2 * h - (d - 2 * t) ** 2 * (h - t) + (lid ? d ** 2 * t : 0)),
  standsMm: (one) => one.diameterMm,
  read: (draft, reads) =>
    made(
      both(two('sizes', draft.sizes, 'diameter × height', reads), atPath('wall', parseLength(draft.wall, reads))),
      ([[diameterMm, heightMm], wallMm]) => ({
        shape: 'round-box' as const,
        diameterMm,
        heightMm,
        wallMm,
        lid: draft.lid,
      }),
    ),
  asPart: null,
});
