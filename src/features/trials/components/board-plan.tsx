import { classes } from '@/ui/classes';
import { LINE_LETTERS, toneOf } from '@/ui/line-look';

/** Slopes and widths of the hatches; the first, of the bare field, has none. */
const HATCH = [
  null,
  [45, 7, 2.2],
  [-45, 7, 2.2],
  [90, 6, 2],
  [0, 6, 2],
  [45, 4, 1.6],
  [-45, 4, 1.6],
  [68, 10, 4],
  [-68, 10, 4],
  [90, 3.5, 1.4],
  [0, 3.5, 1.4],
  [22, 8, 3],
] as const;

/** The hatches of so many treatments, for drawings on this page; their ids begin with `id`. */
export function Hatches({ id, count }: { readonly id: string; readonly count: number }) {
  return (
    <defs>
      {Array.from({ length: count }, (_, at) => {
        const hatch = HATCH[at % HATCH.length];
        return (
          <pattern
            // biome-ignore lint/suspicious/noArrayIndexKey: a hatch is its place
            key={at}
            id={`${id}-${at}`}
            width={hatch?.[1] ?? 8}
            height={hatch?.[1] ?? 8}
            patternUnits="userSpaceOnUse"
            patternTransform={`rotate(${hatch?.[0] ?? 0})`}
          >
            <rect width="20" height="20" fill="var(--paper)" />
            {hatch ? <rect width={hatch[2]} height="20" fill={toneOf(at)} /> : null}
          </pattern>
        );
      })}
    </defs>
  );
}

/** How wide a board is drawn, in its own units. */
const DRAWN = 300;

type Props = {
  readonly id: string;
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly fields: readonly { readonly fromMm: number; readonly lengthMm: number; readonly at: number }[];
  readonly says: string;
  readonly className?: string;
};

/** One board with its fields to scale: hatched and lettered by treatment, tape between. */
export function BoardPlan({ id, lengthMm, widthMm, fields, says, className }: Props) {
  // Drawn at one size whatever the wood is: hatches and letters stay as they are.
  const scale = DRAWN / lengthMm;
  const wide = Math.min(widthMm * scale, DRAWN * 0.45);
  return (
    <svg viewBox={`-2 -2 ${DRAWN + 4} ${wide + 4}`} role="img" aria-label={says} className={classes('block w-full', className)}>
      <Hatches id={id} count={12} />
      <rect x="0" y="0" width={DRAWN} height={wide} fill="var(--bench)" stroke="var(--ink)" strokeWidth="1.5" />
      {fields.map(({ fromMm, lengthMm: long, at }) => {
        const [from, across] = [fromMm * scale, long * scale];
        return (
          <g key={fromMm}>
            <rect x={from} y="0" width={across} height={wide} fill={`url(#${id}-${at})`} stroke="var(--ink)" strokeWidth="1" />
            <circle cx={from + across / 2} cy={wide / 2} r={Math.min(15, across / 3, wide / 3)} fill="var(--paper)" />
            <text
              x={from + across / 2}
              y={wide / 2}
              dominantBaseline="central"
              textAnchor="middle"
              fontSize={Math.min(20, across / 2.2, wide / 2.2)}
              fontWeight="700"
              fill="var(--ink)"
            >
              {LINE_LETTERS[at]}
            </text>
          </g>
        );
      })}
      {/* The end that is marked: places are counted from it. */}
      <circle cx="6" cy={wide - 6} r="3" fill="var(--ink)" />
    </svg>
  );
}
