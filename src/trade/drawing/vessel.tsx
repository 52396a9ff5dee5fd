import { useId } from 'react';

/** What a lot is kept in, as far as a picture shows it. */
export const VESSELS = ['bottle', 'bag', 'bar', 'can', 'tin', 'jar', 'trough'] as const;
export type VesselKind = (typeof VESSELS)[number];

type Props = {
  readonly kind: VesselKind;
  /** How full it is, 0 to 1. */
  readonly level: number;
  /** What is in it. */
  readonly colour: string;
  /** Pixels high. */
  readonly size?: number;
};

type Shape = { readonly body: string; readonly top: number; readonly bottom: number; readonly extra?: string };

/** Each in a box 40 wide and 56 high; what is in it stands between top and bottom. */
const SHAPES: Readonly<Record<VesselKind, Shape>> = {
  bottle: {
    body: 'M15 10V18C15 22 7 23 7 29V53H33V29C33 23 25 22 25 18V10Z',
    top: 16,
    bottom: 53,
    extra: 'M13.5 4H26.5V10H13.5Z',
  },
  bag: { body: 'M8 14L6 51Q6 53 8 53H32Q34 53 34 51L32 14Z', top: 15, bottom: 53, extra: 'M7 8Q20 12 33 8L32 14H8Z' },
  bar: { body: 'M5 28H30L35 33V53H5Z', top: 28, bottom: 53, extra: 'M5 28H30V53M30 28L35 33' },
  can: { body: 'M6 14H34V53H6Z', top: 14, bottom: 53, extra: 'M11 8H19V14H11ZM24 11H30V14H24Z' },
  tin: { body: 'M4 32H36V51Q36 53 34 53H6Q4 53 4 51Z', top: 32, bottom: 53, extra: 'M3 27H37V33H3Z' },
  trough: { body: 'M2 26H38L34 53H6Z', top: 26, bottom: 53, extra: 'M0 24H40V28H0Z' },
  jar: { body: 'M7 20H33V50Q33 53 30 53H10Q7 53 7 50Z', top: 20, bottom: 53, extra: 'M9 12H31V20H9Z' },
};

/** A bottle, bag, bar, can, tin or jar with what is left in it. It stands beside the figure and says nothing by itself. */
export function Vessel({ kind, level, colour, size = 56 }: Props) {
  const { body, top, bottom, extra } = SHAPES[kind];
  const full = Math.min(1, Math.max(0, level));
  const y = bottom - full * (bottom - top);
  const clip = useId();
  return (
    <svg aria-hidden="true" viewBox="0 0 40 56" width={(size * 40) / 56} height={size} className="shrink-0">
      <path d={body} fill="var(--paper)" />
      <clipPath id={clip}>
        <path d={body} />
      </clipPath>
      <rect x="0" y={y} width="40" height={56 - y} fill={colour} clipPath={`url(#${clip})`} />
      {full > 0 && full < 1 ? <path d={`M4 ${y}H36`} stroke="var(--ink)" strokeWidth={1} strokeDasharray="3 2" /> : null}
      <path d={body} fill="none" stroke="var(--ink)" strokeWidth={2} />
      {extra ? <path d={extra} fill={kind === 'bar' ? 'none' : 'var(--bench)'} stroke="var(--ink)" strokeWidth={2} /> : null}
    </svg>
  );
}
