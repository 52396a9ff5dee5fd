import type { SolidOf } from '@/core/piece';
import { say } from '@/core/quantity';
import { spoon as wording } from '@/messages/screens/trade';
import { reads } from '@/web/here';
import { type Drawn, n, oval, scaleTo } from './paths';
import { H, type Paint, W, type Where } from './picture';

/** Lying, seen from above. */
export function small({ bowlLengthMm, bowlWidthMm, handleLengthMm, handleWidthMm }: SolidOf<'spoon'> | SolidOf<'scoop'>): Drawn {
  const k = scaleTo(bowlLengthMm + handleLengthMm, bowlWidthMm);
  const [bl, bw, hl, hw] = [bowlLengthMm * k, Math.max(9, bowlWidthMm * k), handleLengthMm * k, Math.max(3, handleWidthMm * k)];
  const [cx, cy, end] = [bl / 2, bw / 2, bl + hl];
  const half = Math.min(hw / 2, bw / 2 - 1);
  return {
    width: end,
    height: bw,
    // The bowl runs over into the handle: one outline from neck to neck.
    body: `M${n(bl - 2)} ${n(cy - half)}C${n(bl - bl / 5)} 0 ${n(cx + bl / 6)} 0 ${n(cx)} 0A${n(cx)} ${n(cy)} 0 0 0 ${n(cx)} ${n(bw)}C${n(cx + bl / 6)} ${n(bw)} ${n(bl - bl / 5)} ${n(bw)} ${n(bl - 2)} ${n(cy + half)}L${n(end - half)} ${n(cy + half)}a${n(half)} ${n(half)} 0 0 0 0 ${n(-2 * half)}Z`,
    shade: oval(cx, cy, Math.max(2, cx - 3), Math.max(2, cy - 2.6)),
    grain: `M${n(bl + 3)} ${n(cy - half / 3)}H${n(end - 4)}M${n(bl)} ${n(cy + half / 2.4)}H${n(end - 6)}`,
    hole: '',
  };
}

export function Large({
  bowlLengthMm,
  bowlWidthMm,
  handleLengthMm,
  handleWidthMm,
  ink,
  line,
}: (SolidOf<'spoon'> | SolidOf<'scoop'>) & Paint) {
  const k = Math.min((W - 20) / (bowlLengthMm + handleLengthMm), (H - 50) / bowlWidthMm);
  const [bl, bw, hl, hw] = [bowlLengthMm * k, bowlWidthMm * k, handleLengthMm * k, handleWidthMm * k];
  return (
    <g transform={`translate(${(W - bl - hl) / 2} ${H / 2 - 10})`}>
      <rect x={bl - 6} y={-hw / 2} width={hl + 6} height={hw} rx={hw / 2} {...ink} />
      <ellipse cx={bl / 2} cy={0} rx={bl / 2} ry={bw / 2} {...ink} />
      <ellipse cx={bl / 2} cy={0} rx={bl / 2 - 6} ry={bw / 2 - 6} fill="none" stroke={line} />
      <text x={(bl + hl) / 2} y={bw / 2 + 26} textAnchor="middle" fontSize={14} fill="var(--ink)" className="reading">
        {wording.long(say(bowlLengthMm + handleLengthMm, 'mm', reads()))}
      </text>
    </g>
  );
}

/** Where each surface's number stands in its drawing, as shares of width and height. */
export const where: Where = {
  'bowl-outside': [0.14, 0.66],
  handle: [0.68, 0.45],
  'bowl-inside': [0.18, 0.45],
  'end-grain': [0.95, 0.45],
};
