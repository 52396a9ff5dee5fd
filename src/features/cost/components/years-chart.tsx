'use client';

import { CartesianGrid, Line, LineChart, ReferenceDot, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { endLetter } from '@/ui/end-letter';

export type YearLine = {
  readonly id: string;
  readonly letter: string;
  readonly first: number;
  readonly perYear: number;
  readonly tone: string;
  readonly dash: string;
};
type Props = {
  readonly lines: readonly YearLine[];
  readonly years: number;
  readonly crossings: readonly { readonly years: number; readonly at: number }[];
};
const TICK = { fill: 'var(--soft)', fontSize: 13 } as const;
const STEPS = 24;

/** What each finish has cost over the years; rings stand where the dearer at first becomes the cheaper. */
export function YearsChart({ lines, years, crossings }: Props) {
  const data = Array.from({ length: STEPS + 1 }, (_, i) => {
    const year = (years * i) / STEPS;
    return { year, ...Object.fromEntries(lines.map(({ id, first, perYear }) => [id, first + perYear * year])) };
  });
  return (
    <div className="relative h-80 w-full overflow-hidden" aria-hidden="true">
      <ResponsiveContainer width="100%" height="100%" initialDimension={{ width: 640, height: 320 }}>
        <LineChart accessibilityLayer={false} data={data} margin={{ top: 10, right: 30, bottom: 16, left: 0 }}>
          <CartesianGrid stroke="var(--hair)" vertical={false} />
          <XAxis
            dataKey="year"
            type="number"
            domain={[0, years]}
            tickFormatter={(year: number) => String(Math.round(year * 10) / 10)}
            tick={TICK}
            stroke="var(--ink)"
            label={{ value: 'years', position: 'insideBottomRight', offset: -10, fill: 'var(--soft)', fontSize: 13 }}
          />
          <YAxis tick={TICK} stroke="var(--rule)" width={52} domain={[0, 'auto']} />
          {lines.map(({ id, letter, tone, dash }) => (
            <Line
              key={id}
              dataKey={id}
              stroke={tone}
              strokeWidth={3}
              strokeDasharray={dash}
              dot={false}
              isAnimationActive={false}
              label={endLetter(letter, STEPS)}
            />
          ))}
          {crossings.map(({ years: x, at }) => (
            <ReferenceDot key={`${x} ${at}`} x={x} y={at} r={7} fill="var(--paper)" stroke="var(--ink)" strokeWidth={2.5} />
          ))}
        </LineChart>
      </ResponsiveContainer>
    </div>
  );
}
