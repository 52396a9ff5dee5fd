import type { PieceLook } from './look';

type Props = {
  readonly look: PieceLook;
  /** Pixels to one unit of its box. */
  readonly scale?: number;
  /** How many there are; up to three are seen, one behind the other. */
  readonly count?: number;
  /** Spoons stand in the rack. */
  readonly standing?: boolean;
};

const BEHIND = 3;
const MOST = 3;

/** A piece in outline, in the colour and grain of its wood. It is a picture beside words and says nothing by itself. */
export function PieceMark({ look, scale = 1, count = 1, standing = false }: Props) {
  const { width, height } = look;
  const behind = Math.min(count, MOST) - 1;
  const [w, h] = [width + behind * BEHIND + 2, height + behind * BEHIND + 2];
  const upright = standing && width > 2.6 * height;
  return (
    <svg
      aria-hidden="true"
      viewBox={upright ? `0 0 ${h} ${w}` : `0 0 ${w} ${h}`}
      width={(upright ? h : w) * scale}
      height={(upright ? w : h) * scale}
      className="shrink-0"
    >
      <g transform={upright ? `translate(${h} 0) rotate(90)` : undefined}>
        {Array.from({ length: behind }, (_, i) => behind - i).map((step) => (
          <path
            key={step}
            d={look.body}
            transform={`translate(${1 + step * BEHIND} ${1 + (behind - step) * BEHIND})`}
            fill={look.ground}
            stroke="var(--wood-ink)"
            strokeWidth={1.2}
          />
        ))}
        <g transform={`translate(1 ${1 + behind * BEHIND})`}>
          <path d={look.body} fill={look.ground} />
          <path d={look.grain} fill="none" stroke={look.line} strokeWidth={1} />
          <path d={look.shade} fill={look.line} fillOpacity={0.55} fillRule="evenodd" />
          <path d={look.body} fill="none" stroke="var(--wood-ink)" strokeWidth={1.6} />
          {look.hole ? <path d={look.hole} fill="var(--bench)" stroke="var(--wood-ink)" strokeWidth={1.2} /> : null}
        </g>
      </g>
    </svg>
  );
}
