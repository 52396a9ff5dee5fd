import { z } from 'zod';
import { cutTooLarge, face, mm, shape } from './shape';
import { made, two } from './typed';

/** Share of a ring that is end grain: two stretches of its round. Source: working estimate. */
export const RING_END_SHARE = 1 / 3;
const SIZES = 'diameter × thickness of the bar';

export const ring = shape({
  /** A torus. */
  solid: z.object({ shape: z.literal('ring'), outerMm: mm, barMm: mm }),
  called: [{ words: ['ring', 'teether'], usual: { shape: 'ring', outerMm: 70, barMm: 12 } }],
  uses: ['mouth', 'toy'],
  offFood: () => [],
  faces: ({ outerMm, barMm: d }) => {
    // Torus of bar d and outer D: π²·d·(D − d), its outer half larger than its inner one by 4π·d²/2.
    const whole = Math.PI ** 2 * d * (outerMm - d);
    const more = Math.PI * d ** 2;
    return [face('outside', whole / 2 + more, RING_END_SHARE), face('inside', whole / 2 - more, RING_END_SHARE)];
  },
  unfit: (one) => (2 * one.barMm >= one.outerMm ? cutTooLarge('barMm') : null),
  woodMm3: ({ outerMm, barMm: d }) => (Math.PI ** 2 / 4) * d ** 2 * (outerMm - d),
  standsMm: (one) => one.barMm,
  read: (draft, reads) => read('sizes', draft.sizes, reads),
  asPart: { sizes: SIZES, read: (path, sizes, reads) => read(path, sizes, reads) },
});

const read = (path: string, sizes: string, reads: Parameters<typeof two>[3]) =>
  made(two(path, sizes, SIZES, reads), ([outerMm, barMm]) => ({ shape: 'ring' as const, outerMm, barMm }));
