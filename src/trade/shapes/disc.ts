import type { SolidOf } from '@/core/piece';
import { between, type Drawn, n, oval, scaleTo } from './paths';
import type { Where } from './picture';

/** A round board from the front, leaning back a little: its face, and the edge under it. */
export function small({ diameterMm, thickMm, grain }: SolidOf<'disc'>): Drawn {
  const k = scaleTo(diameterMm, diameterMm * 0.8 + thickMm);
  const [r, ry, t] = [(diameterMm * k) / 2, diameterMm * k * 0.4, Math.max(2.5, thickMm * k * 0.8)];
  const face = (y: number): string => `M0 ${n(y)}a${n(r)} ${n(ry)} 0 1 1 ${n(2 * r)} 0`;
  const lines =
    grain === 'long'
      ? between(4, -ry, ry).map((y, i) => {
          const half = r * Math.sqrt(Math.max(0, 1 - (y / ry) ** 2)) - 2;
          return `M${n(r - half)} ${n(ry + y)}Q${n(r)} ${n(ry + y + (i % 2 ? 2 : -1.5))} ${n(r + half)} ${n(ry + y)}`;
        })
      : between(3, 0, 1).map((share) => oval(r, ry, r * share, ry * share));
  return {
    width: 2 * r,
    height: 2 * ry + t,
    body: `${face(ry)}v${n(t)}a${n(r)} ${n(ry)} 0 1 1 ${n(-2 * r)} 0Z`,
    shade: `M0 ${n(ry)}a${n(r)} ${n(ry)} 0 0 0 ${n(2 * r)} 0v${n(t)}a${n(r)} ${n(ry)} 0 0 1 ${n(-2 * r)} 0Z`,
    grain: lines.join(''),
    hole: '',
  };
}

/** Where each surface's number stands in its drawing, as shares of width and height. */
export const where: Where = { underside: [0.3, 0.84], edges: [0.5, 0.74], top: [0.5, 0.35] };
