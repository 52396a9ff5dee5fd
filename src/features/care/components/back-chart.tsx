'use client';

import { Bar, BarChart, CartesianGrid, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { backChart as wording } from '@/messages/screens/care';

type Month = { readonly month: string; readonly sold: number; readonly wrong: number; readonly back: number };
const TICK = { fill: 'var(--soft)', fontSize: 13 } as const;
const monthName = (month: string): string =>
  new Intl.DateTimeFormat('en-GB', { timeZone: 'UTC', month: 'short', year: '2-digit' }).format(
    Date.parse(`${month}-15T12:00:00Z`),
  );

/** Pieces sold, and what was said of pieces, month by month. */
export function BackChart({ months, words }: { readonly months: readonly Month[]; readonly words: string }) {
  return (
    <figure aria-label={words}>
      <div className="relative h-56 w-full overflow-hidden" aria-hidden="true">
        <ResponsiveContainer width="100%" height="100%" initialDimension={{ width: 900, height: 224 }}>
          <BarChart accessibilityLayer={false} data={[...months]} margin={{ top: 8, right: 8, bottom: 4, left: 0 }} barGap={1}>
            <defs>
              <pattern id="said" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
                <rect width="5" height="5" fill="var(--paper)" />
                <rect width="2.4" height="5" fill="var(--late)" />
              </pattern>
            </defs>
            <CartesianGrid stroke="var(--hair)" vertical={false} />
            <XAxis
              dataKey="month"
              tickFormatter={monthName}
              tick={TICK}
              stroke="var(--ink)"
              interval="preserveStartEnd"
              minTickGap={10}
            />
            <YAxis allowDecimals={false} tick={TICK} stroke="var(--rule)" width={36} />
            <Bar dataKey="sold" fill="var(--rest)" isAnimationActive={false} />
            <Bar dataKey="wrong" fill="url(#said)" stroke="var(--late)" isAnimationActive={false} />
            <Bar dataKey="back" fill="var(--late)" isAnimationActive={false} />
          </BarChart>
        </ResponsiveContainer>
      </div>
      <figcaption className="text-sm text-soft">{wording.greySoldHatchedSomething(words)}</figcaption>
    </figure>
  );
}
