'use client';

import { CartesianGrid, Line, LineChart, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from 'recharts';

type Props = { readonly points: readonly { readonly boards: number; readonly chance: number }[]; readonly boards: number | null };
const TICK = { fill: 'var(--soft)', fontSize: 13 } as const;

/** How likely so many boards tell a difference of one grade. */
export function PowerChart({ points, boards }: Props) {
  return (
    <div className="relative h-40 w-full overflow-hidden" aria-hidden="true">
      <ResponsiveContainer width="100%" height="100%" initialDimension={{ width: 460, height: 160 }}>
        <LineChart accessibilityLayer={false} data={[...points]} margin={{ top: 8, right: 14, bottom: 14, left: 0 }}>
          <CartesianGrid stroke="var(--hair)" vertical={false} />
          <XAxis
            dataKey="boards"
            type="number"
            domain={['dataMin', 'dataMax']}
            tickCount={8}
            allowDecimals={false}
            tick={TICK}
            stroke="var(--ink)"
            label={{ value: 'boards', position: 'insideBottomRight', offset: -8, fill: 'var(--soft)', fontSize: 13 }}
          />
          <YAxis
            domain={[0, 1]}
            ticks={[0, 0.5, 0.8, 1]}
            tickFormatter={(share: number) => `${Math.round(share * 100)} %`}
            tick={TICK}
            stroke="var(--rule)"
            width={48}
          />
          <ReferenceLine y={0.8} stroke="var(--fit)" strokeDasharray="5 4" />
          {boards === null ? null : <ReferenceLine x={boards} stroke="var(--ink)" strokeWidth={2} />}
          <Line
            dataKey="chance"
            stroke="var(--wet)"
            strokeWidth={3}
            dot={{ r: 3, fill: 'var(--wet)' }}
            isAnimationActive={false}
          />
        </LineChart>
      </ResponsiveContainer>
    </div>
  );
}
