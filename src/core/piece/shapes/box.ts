import { z } from 'zod';
import { atPath, parseLength } from '@/core/quantity';
import type { Surface } from '../surfaces';
import { cutTooLarge, type Face, face, mm, shape } from './shape';
import { both, made, three } from './typed';

/** Share of a lidded box that is end grain. Source: working estimate for mitred or jointed sides. */
export const BOX_END_SHARE = 0.12;

export const box = shape({
  solid: z.object({ shape: z.literal('box'), lengthMm: mm, widthMm: mm, heightMm: mm, wallMm: mm, lid: z.boolean() }),
  called: [
    {
      words: ['box', 'chest', 'caddy'],
      usual: { shape: 'box', lengthMm: 160, widthMm: 110, heightMm: 80, wallMm: 8, lid: true },
    },
  ],
  uses: ['food-dry'],
  offFood: () => ['outside', 'underside', 'end-grain'],
  faces: ({ lengthMm: l, widthMm: w, heightMm: h, wallMm: t, lid }) => {
    const [il, iw, ih] = [l - 2 * t, w - 2 * t, h - t];
    const of = (surface: Surface, areaMm2: number): Face => face(surface, areaMm2, BOX_END_SHARE);
    return [
      of('underside', l * w),
      of('outside', 2 * (l + w) * h),
      of('inside', il * iw + 2 * (il + iw) * ih),
      of('rim', l * w - il * iw),
      of('end-grain', 0),
      ...(lid ? [of('lid', 2 * l * w + 2 * (l + w) * t)] : []),
    ];
  },
  unfit: (one) =>
    2 * one.wallMm >= Math.min(one.lengthMm, one.widthMm) || one.wallMm >= one.heightMm ? cutTooLarge('wall') : null,
  woodMm3: ({ lengthMm: l, widthMm: w, heightMm: h, wallMm: t, lid }) =>
    l * w * h - (l - 2 * t) * (w - 2 * t) * (h - t) + (lid ? l * w * t : 0),
  standsMm: (one) => one.widthMm,
  read: (draft, reads) =>
    made(
      both(three('sizes', draft.sizes, 'length × width × height', reads), atPath('wall', parseLength(draft.wall, reads))),
      ([[lengthMm, widthMm, heightMm], wallMm]) => ({
        shape: 'box' as const,
        lengthMm,
        widthMm,
        heightMm,
        wallMm,
        lid: draft.lid,
      }),
    ),
  asPart: null,
});
