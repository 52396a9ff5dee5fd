'use client';

import { CartesianGrid, Line, LineChart, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import type { HeatLadder } from '@/core/blend';
import { figure } from '@/core/quantity';
import { potCurve as wording } from '@/messages/screens/pour';
import { reads } from '@/web/here';

export type CurvePoint = { readonly min: number; readonly pot?: number; readonly rehearsed?: number };
type Props = { readonly points: readonly CurvePoint[]; readonly heat: HeatLadder };

const MARKS = [
  { key: 'clearC', name: 'clear', tone: 'var(--wax)' },
  { key: 'pourC', name: 'pour', tone: 'var(--fit)' },
  { key: 'holdMaxC', name: 'ceiling', tone: 'var(--late)' },
] as const;
const AXIS = { fill: 'var(--ink)', fontSize: 13, fontFamily: 'inherit' };

/** The pot over time: what the thermometer said in ink, the rehearsal in pencil, against clear, pour and ceiling. */
export function PotCurve({ points, heat }: Props) {
  const top = Math.max(90, (heat.holdMaxC ?? 0) + 8, ...points.flatMap((point) => [point.pot ?? 0, point.rehearsed ?? 0]));
  const longest = Math.max(20, ...points.map((point) => point.min));
  return (
    <figure>
      <div className="h-64 w-full" aria-hidden="true">
        <ResponsiveContainer width="100%" height="100%">
          <LineChart data={[...points]} margin={{ top: 8, right: 64, bottom: 4, left: -18 }}>
            <CartesianGrid stroke="var(--hair)" vertical={false} />
            <XAxis
              dataKey="min"
              type="number"
              domain={[0, Math.ceil(longest / 5) * 5]}
              tick={AXIS}
              stroke="var(--ink)"
              unit=" min"
              tickCount={5}
            />
            <YAxis
              domain={[15, Math.ceil(top / 5) * 5]}
              tick={AXIS}
              tickFormatter={(tempC: number) => figure(tempC, '°C', reads(), 0)}
              stroke="var(--ink)"
            />
            {MARKS.map(({ key, name, tone }) =>
              heat[key] === null ? null : (
                <ReferenceLine
                  key={key}
                  y={heat[key] ?? 0}
                  stroke={tone}
                  strokeWidth={2}
                  label={{
                    value: `${name} ${figure(heat[key] ?? 0, '°C', reads(), 0)}`,
                    position: 'right',
                    fill: 'var(--ink)',
                    fontSize: 13,
                  }}
                />
              ),
            )}
            <Line
              dataKey="rehearsed"
              stroke="var(--soft)"
              strokeWidth={2}
              strokeDasharray="5 4"
              dot={false}
              connectNulls
              isAnimationActive={false}
            />
            <Line
              dataKey="pot"
              stroke="var(--ink)"
              strokeWidth={3}
              dot={{ r: 4, fill: 'var(--ink)' }}
              connectNulls
              isAnimationActive={false}
            />
          </LineChart>
        </ResponsiveContainer>
      </div>
      <figcaption className="text-sm text-soft">{wording.inkWhatTheThermometer}</figcaption>
    </figure>
  );
}
