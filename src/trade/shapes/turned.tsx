import type { SolidOf } from '@/core/piece';
import { say } from '@/core/quantity';
import { tradeTurned as wording } from '@/messages/screens/trade';
import { reads } from '@/web/here';
import { type Drawn, HIGH, n, oval, WIDE } from './paths';
import { H, type Paint, W, type Where } from './picture';

/** How far a profile reaches out at a height, between its points. */
function reachAt(profile: SolidOf<'turned'>['outer'], height: number): number {
  const above = profile.findIndex(([, z]) => z >= height);
  const [b, a] = [profile[above < 0 ? profile.length - 1 : above], profile[Math.max(0, above - 1)]];
  if (!a || !b) return 0;
  const share = b[1] === a[1] ? 1 : (height - a[1]) / (b[1] - a[1]);
  return a[0] + (b[0] - a[0]) * Math.min(1, Math.max(0, share));
}

const LEVELS = 14;

/** Turned work from the side and a little from above, so that its mouth is seen. */
export function hollow({ outer }: SolidOf<'turned'>): Drawn {
  const radius = Math.max(...outer.map(([r]) => r), 1);
  const [low, high] = [outer[0]?.[1] ?? 0, Math.max(...outer.map(([, z]) => z), 1)];
  const tall = Math.max(1, high - low);
  const k = Math.min(WIDE / (2 * radius), HIGH / (tall + radius * 0.26));
  const mouth = reachAt(outer, high) * k;
  const lip = Math.max(1.5, mouth * 0.22);
  const [cx, top] = [radius * k, lip];
  const levels = Array.from({ length: LEVELS + 1 }, (_, i) => high - (tall * i) / LEVELS);
  const sides = levels.map((z) => [reachAt(outer, z) * k, top + (high - z) * k] as const);
  const foot = sides.at(-1) ?? [0, top];
  const right = sides.map(([r, y]) => `L${n(cx + r)} ${n(y)}`).join('');
  const left = [...sides]
    .reverse()
    .map(([r, y]) => `L${n(cx - r)} ${n(y)}`)
    .join('');
  return {
    width: 2 * radius * k,
    height: foot[1] + 1,
    body: `M${n(cx - mouth)} ${n(top)}a${n(mouth)} ${n(lip)} 0 0 1 ${n(2 * mouth)} 0${right}${left}Z`,
    shade: oval(cx, top, Math.max(1, mouth - 1.2), Math.max(0.8, lip - 0.8)),
    grain: [3, 6, 9, 12]
      .map((level) => sides[level])
      .flatMap((side) =>
        side && side[0] > 3
          ? [
              `M${n(cx - side[0] + 1.5)} ${n(side[1])}Q${n(cx)} ${n(side[1] + side[0] * 0.22)} ${n(cx + side[0] - 1.5)} ${n(side[1])}`,
            ]
          : [],
      )
      .join(''),
    hole: '',
  };
}

/** A solid form shows no mouth. */
export const small = (piece: SolidOf<'turned'>): Drawn => (piece.inner ? hollow(piece) : { ...hollow(piece), shade: '' });

/** How cut wood is hatched. */
const CutWood = ({ ink, line }: Paint) => (
  <defs>
    <pattern id="cut" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
      <rect width="8" height="8" fill={ink.fill} />
      <path d="M0 0V8" stroke={line} strokeWidth="3" />
    </pattern>
  </defs>
);

function CutThrough({ outer, inner, ink, line }: Required<SolidOf<'turned'>> & Paint) {
  const radius = Math.max(...outer.map(([r]) => r), 1);
  const [low, high] = [outer[0]?.[1] ?? 0, outer.at(-1)?.[1] ?? 1];
  const k = Math.min((W - 30) / (2 * radius), (H - 44) / Math.max(1, high - low));
  const point = (side: 1 | -1) => (one: readonly [number, number]) =>
    `${(W / 2 + side * one[0] * k).toFixed(1)} ${(H - 30 - (one[1] - low) * k).toFixed(1)}`;
  const half = (side: 1 | -1): string => `M${[...outer.map(point(side)), ...[...inner].reverse().map(point(side))].join('L')}`;
  const floor = inner[0] ?? [0, low];
  return (
    <g>
      {([1, -1] as const).map((side) => (
        <path
          key={side}
          d={`${half(side)}L${W / 2} ${H - 30 - (floor[1] - low) * k}L${W / 2} ${H - 30}Z`}
          {...ink}
          fill="url(#cut)"
        />
      ))}
      <CutWood ink={ink} line={line} />
      <path d={`M${W / 2} 6V${H - 22}`} stroke="var(--soft)" strokeDasharray="6 4" />
      <text x={W / 2} y={H - 6} textAnchor="middle" fontSize={14} fill="var(--ink)" className="reading">
        {wording.acrossHighCutThrough(say(2 * radius, 'mm', reads()), say(high - low, 'mm', reads()))}
      </text>
    </g>
  );
}

/** Cut through, where it is hollow. */
export const Large = ({ inner, ...of }: SolidOf<'turned'> & Paint) => (inner ? <CutThrough {...of} inner={inner} /> : null);

/** Where each surface's number stands in its drawing, as shares of width and height. */
export const where: Where = { foot: [0.5, 0.84], outside: [0.86, 0.45], inside: [0.5, 0.3], rim: [0.2, 0.06] };
