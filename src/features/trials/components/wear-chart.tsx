'use client';

import { CartesianGrid, Line, LineChart, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { endLetter } from '@/ui/end-letter';

type Props = {
  readonly rows: readonly { readonly cycle: number; readonly means: Readonly<Record<string, number | null>> }[];
  readonly lines: readonly { readonly id: string; readonly name: string; readonly tone: string; readonly dash: string }[];
  readonly threshold: number;
  /** The highest a grade may be; null where it has no top. */
  readonly top: number | null;
  readonly cycleName: string;
};
const TICK = { fill: 'var(--soft)', fontSize: 13 } as const;

/** How each finish wears from cycle to cycle; each line ends in its own letter, the broken line is where it must be renewed. */
export function WearChart({ rows, lines, threshold, top, cycleName }: Props) {
  return (
    <div className="relative h-64 w-full overflow-hidden" aria-hidden="true">
      <ResponsiveContainer width="100%" height="100%" initialDimension={{ width: 560, height: 256 }}>
        <LineChart
          accessibilityLayer={false}
          data={rows.map(({ cycle, means }) => ({ cycle, ...means }))}
          margin={{ top: 10, right: 26, bottom: 16, left: 0 }}
        >
          <CartesianGrid stroke="var(--hair)" vertical={false} />
          <XAxis
            dataKey="cycle"
            type="number"
            domain={[0, 'dataMax']}
            allowDecimals={false}
            tick={TICK}
            stroke="var(--ink)"
            label={{ value: cycleName, position: 'insideBottomRight', offset: -10, fill: 'var(--soft)', fontSize: 13 }}
          />
          <YAxis
            tick={TICK}
            stroke="var(--rule)"
            width={44}
            domain={top === null ? [0, 'auto'] : [1, top]}
            tickCount={top ?? 5}
          />
          <ReferenceLine y={threshold} stroke="var(--late)" strokeDasharray="6 4" />
          {lines.map(({ id, name, tone, dash }) => (
            <Line
              key={id}
              dataKey={id}
              stroke={tone}
              strokeWidth={3}
              strokeDasharray={dash}
              connectNulls
              isAnimationActive={false}
              dot={{ r: 3.5, fill: tone, strokeDasharray: '0' }}
              label={endLetter(name, rows.length - 1)}
            />
          ))}
        </LineChart>
      </ResponsiveContainer>
    </div>
  );
}
