import type { SolidOf } from '@/core/piece';
import { type Drawn, n } from './paths';
import type { Where } from './picture';
import { hollow } from './turned';

/** A round box from the side and a little from above, its lid on or its mouth open. */
export function small({ diameterMm, heightMm, wallMm, lid }: SolidOf<'round-box'>): Drawn {
  const r = diameterMm / 2;
  const high = heightMm + (lid ? wallMm : 0);
  const side = hollow({
    shape: 'turned',
    outer: [
      [r, 0],
      [r, high],
    ],
  });
  const at = side.height - (side.height - 3) * (heightMm / high);
  return {
    ...side,
    shade: lid
      ? `M0 ${n(at)}Q${n(side.width / 2)} ${n(at + 4)} ${n(side.width)} ${n(at)}V${n(at + 1.6)}Q${n(side.width / 2)} ${n(at + 5.6)} 0 ${n(at + 1.6)}Z`
      : side.shade,
  };
}

/** Where each surface's number stands in its drawing, as shares of width and height. */
export const where: Where = {
  underside: [0.5, 0.84],
  outside: [0.3, 0.55],
  inside: [0.5, 0.3],
  rim: [0.7, 0.2],
  lid: [0.5, 0.08],
};
