import type { SolidOf } from '@/core/piece';
import { type Drawn, oval, scaleTo } from './paths';
import type { Where } from './picture';

export function small({ outerMm, barMm }: SolidOf<'ring'>): Drawn {
  const k = scaleTo(outerMm, outerMm);
  const [r, bar] = [(outerMm * k) / 2, Math.max(3, barMm * k)];
  return {
    width: 2 * r,
    height: 2 * r,
    body: oval(r, r, r, r),
    shade: '',
    grain: `${oval(r, r, r - bar / 3, r - bar / 3)}${oval(r, r, r - (2 * bar) / 3, r - (2 * bar) / 3)}`,
    hole: oval(r, r, Math.max(1, r - bar), Math.max(1, r - bar)),
  };
}

/** Where each surface's number stands in its drawing, as shares of width and height. */
export const where: Where = { outside: [0.33, 0.4], inside: [0.44, 0.4] };
