import type { SolidOf } from '@/core/piece';
import { saySizes } from '@/core/quantity';
import { reads } from '@/web/here';
import { between, type Drawn, n, oval, rounded, scaleTo } from './paths';
import { H, type Paint, W, type Where } from './picture';

/** From the front, leaning back a little: its face, and the edge under it. */
export function small({ lengthMm, widthMm, thickMm, grain, groove, hole }: SolidOf<'board'>): Drawn {
  const k = scaleTo(lengthMm, widthMm + thickMm);
  const [l, w, t] = [lengthMm * k, widthMm * k, Math.max(2.5, thickMm * k * 0.8)];
  const inset = groove ? Math.min(groove.insetMm * k + 1, l / 3, w / 3) : 0;
  const lines =
    grain === 'long'
      ? between(4, 0, w).map((y, i) => `M2 ${n(y)}Q${n(l / 2)} ${n(y + (i % 2 ? 2.4 : -1.8))} ${n(l - 2)} ${n(y)}`)
      : [
          ...between(Math.max(2, Math.round(l / 9)), 0, l).map((x) => `M${n(x)} 1V${n(w - 1)}`),
          ...between(2, 0, w).map((y) => `M1 ${n(y)}H${n(l - 1)}`),
        ];
  return {
    width: l,
    height: w + t,
    body: rounded(0, 0, l, w + t, 2),
    shade: `M0 ${n(w)}H${n(l)}V${n(w + t - 1.5)}Q${n(l)} ${n(w + t)} ${n(l - 1.5)} ${n(w + t)}H1.5Q0 ${n(w + t)} 0 ${n(w + t - 1.5)}Z${
      groove
        ? `${rounded(inset, inset, l - 2 * inset, w - 2 * inset, 2)}${rounded(inset + 1.6, inset + 1.6, l - 2 * inset - 3.2, w - 2 * inset - 3.2, 1)}`
        : ''
    }`,
    grain: lines.join(''),
    hole: hole ? oval(l - 6, w / 2, 2, Math.min(w / 4, Math.max(3, (hole.lengthMm * k) / 2))) : '',
  };
}

export function Large({ lengthMm, widthMm, thickMm, grain, groove, hole, engravedShare, ink, line }: SolidOf<'board'> & Paint) {
  const k = Math.min((W - 20) / lengthMm, (H - 60) / (widthMm + thickMm));
  const [l, w, t] = [lengthMm * k, widthMm * k, Math.max(4, thickMm * k)];
  const lines = Array.from({ length: 7 }, (_, i) => (i + 1) / 8);
  return (
    <g transform={`translate(${(W - l) / 2} 8)`}>
      <rect width={l} height={w} {...ink} />
      {lines.map((share) =>
        grain === 'long' ? (
          <path key={share} d={`M4 ${w * share}Q${l / 2} ${w * share + 5} ${l - 4} ${w * share}`} stroke={line} fill="none" />
        ) : (
          <circle key={share} cx={l * share} cy={w / 2} r={Math.min(w, l) / 11} stroke={line} fill="none" />
        ),
      )}
      {groove ? (
        <rect
          x={groove.insetMm * k}
          y={groove.insetMm * k}
          width={Math.max(0, l - 2 * groove.insetMm * k)}
          height={Math.max(0, w - 2 * groove.insetMm * k)}
          rx={groove.widthMm * k}
          fill="none"
          stroke="var(--soft)"
          strokeWidth={Math.max(2, groove.widthMm * k)}
          opacity={0.55}
        />
      ) : null}
      {hole ? (
        <rect
          x={l - hole.widthMm * k * 1.8}
          y={(w - hole.lengthMm * k) / 2}
          width={hole.widthMm * k}
          height={hole.lengthMm * k}
          rx={(hole.widthMm * k) / 2}
          fill="var(--bench)"
          stroke="var(--ink)"
          strokeWidth={2}
        />
      ) : null}
      {engravedShare ? (
        <rect
          x={l * 0.08}
          y={w * 0.3}
          width={Math.sqrt(engravedShare) * l * 0.8}
          height={Math.sqrt(engravedShare) * w * 0.8}
          fill="none"
          stroke="var(--soft)"
          strokeDasharray="3 3"
        />
      ) : null}
      <rect y={w + 14} width={l} height={t} {...ink} />
      <text x={l / 2} y={w + t + 32} textAnchor="middle" fontSize={14} fill="var(--ink)" className="reading">
        {saySizes([lengthMm, widthMm, thickMm], reads())}
      </text>
    </g>
  );
}

/** Where each surface's number stands in its drawing, as shares of width and height. */
export const where: Where = {
  underside: [0.2, 0.82],
  edges: [0.5, 0.76],
  'end-grain': [0.08, 0.35],
  top: [0.5, 0.35],
  groove: [0.24, 0.14],
  hole: [0.86, 0.35],
  engraving: [0.3, 0.45],
};
