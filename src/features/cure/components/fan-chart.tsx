'use client';

import {
  Area,
  CartesianGrid,
  ComposedChart,
  Line,
  ReferenceArea,
  ReferenceDot,
  ReferenceLine,
  ResponsiveContainer,
  XAxis,
  YAxis,
} from 'recharts';
import { dayMonth } from '@/ui/when';
import type { FanPoint } from '../fan';

type Mark = { readonly atMs: number; readonly ready: number; readonly pass: boolean; readonly name: string };
type Props = {
  readonly points: readonly FanPoint[];
  readonly marks: readonly Mark[];
  readonly nowMs: number;
  readonly p10: number;
  readonly p90: number;
  readonly zone: string;
  readonly words: string;
};

const TICK = { fill: 'var(--soft)', fontSize: 13 } as const;

/** The cure fan: the probability of fit-for-use, the band from the early to the late date, each check as a mark, the room's warmth behind. */
export function FanChart({ points, marks, nowMs, p10, p90, zone, words }: Props) {
  const first = points[0]?.atMs ?? 0;
  const last = points.at(-1)?.atMs ?? 1;
  return (
    <figure aria-label={words}>
      <div className="relative h-72 w-full overflow-hidden" aria-hidden="true">
        <ResponsiveContainer width="100%" height="100%" initialDimension={{ width: 700, height: 288 }}>
          <ComposedChart accessibilityLayer={false} data={[...points]} margin={{ top: 12, right: 8, bottom: 4, left: 0 }}>
            <CartesianGrid stroke="var(--hair)" vertical={false} />
            <XAxis
              dataKey="atMs"
              type="number"
              domain={[first, last]}
              tickFormatter={(ms: number) => dayMonth(ms, zone)}
              tick={TICK}
              stroke="var(--ink)"
              tickCount={7}
            />
            <YAxis
              yAxisId="ready"
              domain={[0, 1]}
              ticks={[0, 0.25, 0.5, 0.75, 0.9, 1]}
              tickFormatter={(share: number) => `${Math.round(share * 100)} %`}
              tick={TICK}
              stroke="var(--ink)"
              width={48}
            />
            <YAxis
              yAxisId="air"
              orientation="right"
              domain={[0, 60]}
              ticks={[10, 20, 30]}
              tickFormatter={(t: number) => `${t} °C`}
              tick={TICK}
              stroke="var(--rule)"
              width={48}
            />
            <ReferenceArea yAxisId="ready" x1={p10} x2={Math.min(p90, last)} fill="var(--cure)" fillOpacity={0.16} />
            <Area
              yAxisId="air"
              dataKey="tempC"
              stroke="var(--rule)"
              fill="var(--hair)"
              isAnimationActive={false}
              connectNulls={false}
            />
            <ReferenceLine
              yAxisId="ready"
              y={0.9}
              stroke="var(--fit)"
              strokeDasharray="6 4"
              label={{ value: 'fit from here', position: 'insideTopRight', fill: 'var(--fit)', fontSize: 13 }}
            />
            <Line yAxisId="ready" dataKey="ready" stroke="var(--ink)" strokeWidth={3} dot={false} isAnimationActive={false} />
            <ReferenceLine
              yAxisId="ready"
              x={nowMs}
              stroke="var(--late)"
              strokeWidth={2}
              label={{ value: 'now', position: 'insideTopLeft', fill: 'var(--late)', fontSize: 13 }}
            />
            {marks.map((mark) => (
              <ReferenceDot
                key={`${mark.atMs}-${mark.name}`}
                yAxisId="ready"
                x={mark.atMs}
                y={mark.ready}
                r={7}
                fill={mark.pass ? 'var(--fit)' : 'var(--paper)'}
                stroke={mark.pass ? 'var(--fit)' : 'var(--late)'}
                strokeWidth={3}
                label={{ value: mark.name, position: mark.ready < 0.15 ? 'top' : 'bottom', fill: 'var(--ink)', fontSize: 12 }}
              />
            ))}
          </ComposedChart>
        </ResponsiveContainer>
      </div>
      <figcaption className="text-sm text-soft">
        {words} Filled mark: a check that passed; hollow: one that did not. Grey: the room’s warmth. Band: early to late date.
      </figcaption>
    </figure>
  );
}
