import type { SolidOf } from '@/core/piece';
import { saySizes } from '@/core/quantity';
import { tradeBox as wording } from '@/messages/screens/trade';
import { reads } from '@/web/here';
import { between, type Drawn, n, rounded, scaleTo } from './paths';
import { H, type Paint, W, type Where } from './picture';

/** From the front, its lid on. */
export function small({ lengthMm, heightMm, wallMm, lid }: SolidOf<'box'>): Drawn {
  const k = scaleTo(lengthMm, heightMm + wallMm);
  const [l, h, t] = [lengthMm * k, heightMm * k, Math.max(3, wallMm * k)];
  const top = lid ? t : 0;
  return {
    width: l,
    height: h + top,
    body: rounded(0, 0, l, h + top, 1.5),
    shade: lid ? `M0 ${n(top)}H${n(l)}V${n(top + 1.4)}H0Z` : `M${n(t)} 0H${n(l - t)}V${n(t)}H${n(t)}Z`,
    grain: between(3, top, h + top)
      .map((y, i) => `M2 ${n(y)}Q${n(l / 2)} ${n(y + (i % 2 ? 2 : -1.5))} ${n(l - 2)} ${n(y)}`)
      .join(''),
    hole: '',
  };
}

export function Large({ lengthMm, widthMm, heightMm, wallMm, lid, ink }: SolidOf<'box'> & Paint) {
  const top = lid ? wallMm + 12 : 0;
  const k = Math.min((W - 20) / lengthMm, (H - 40) / (heightMm + top));
  const [l, h, t] = [lengthMm * k, heightMm * k, Math.max(3, wallMm * k)];
  const y = lid ? t + 12 * k : 0;
  return (
    <g transform={`translate(${(W - l) / 2} 6)`}>
      {lid ? <rect width={l} height={t} {...ink} /> : null}
      <path d={`M0 ${y}V${y + h}H${l}V${y}H${l - t}V${y + h - t}H${t}V${y}Z`} {...ink} />
      <text x={l / 2} y={y + h + 24} textAnchor="middle" fontSize={14} fill="var(--ink)" className="reading">
        {wording.cutThrough(saySizes([lengthMm, widthMm, heightMm], reads()))}
      </text>
    </g>
  );
}

/** Where each surface's number stands in its drawing, as shares of width and height. */
export const where: Where = {
  underside: [0.5, 0.84],
  outside: [0.06, 0.5],
  inside: [0.5, 0.45],
  rim: [0.9, 0.2],
  'end-grain': [0.94, 0.6],
  lid: [0.5, 0.05],
};
