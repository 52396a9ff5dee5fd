'use client';

import { ComposedChart, Line, ReferenceArea, ResponsiveContainer, Scatter, XAxis, YAxis } from 'recharts';
import { figure } from '@/core/quantity';
import { reads } from '@/web/here';

type Point = { readonly hours: number; readonly grams: number };
type Props = {
  readonly weighed: readonly Point[];
  readonly curve: readonly Point[];
  readonly plateau: { readonly low: number; readonly high: number } | null;
};
const TICK = { fill: 'var(--soft)', fontSize: 13 } as const;

/** A test piece's weighings with the stretches laid through them, and where it came to rest. */
export function WeighChart({ weighed, curve, plateau }: Props) {
  const all = [...weighed, ...curve].map((one) => one.grams);
  return (
    <div className="relative h-44 w-full overflow-hidden" aria-hidden="true">
      <ResponsiveContainer width="100%" height="100%" initialDimension={{ width: 560, height: 176 }}>
        <ComposedChart accessibilityLayer={false} data={[...curve]} margin={{ top: 8, right: 14, bottom: 4, left: 0 }}>
          <XAxis
            dataKey="hours"
            type="number"
            domain={[0, 'dataMax']}
            tickFormatter={(hours: number) => `${Math.round(hours / 24)} d`}
            tick={TICK}
            stroke="var(--ink)"
          />
          <YAxis
            domain={[Math.min(...all) - 0.3, Math.max(...all) + 0.3]}
            tickFormatter={(grams: number) => figure(grams, 'g', reads(), 1)}
            tickCount={4}
            tick={TICK}
            stroke="var(--rule)"
            width={56}
          />
          {plateau ? <ReferenceArea x1={plateau.low} x2={plateau.high} fill="var(--fit)" fillOpacity={0.18} /> : null}
          <Line dataKey="grams" stroke="var(--cure)" strokeWidth={3} dot={false} isAnimationActive={false} />
          <Scatter data={[...weighed]} dataKey="grams" fill="var(--ink)" isAnimationActive={false} />
        </ComposedChart>
      </ResponsiveContainer>
    </div>
  );
}
