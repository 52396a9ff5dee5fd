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
import { say } from '@/core/quantity';
import { fanChart as wording } from '@/messages/screens/cure';
import { dayMonth } from '@/ui/when';
import { reads } from '@/web/here';
import type { FanPoint } from '../fan';

type Mark = { readonly atMs: number; readonly ready: number; readonly pass: boolean; readonly name: string };
type Props = {
  readonly points: readonly FanPoint[];
  readonly marks: readonly Mark[];
  readonly gaps: readonly { readonly fromMs: number; readonly toMs: number }[];
  readonly nowMs: number;
  readonly p10: number | null;
  readonly p90: number | null;
  readonly zone: string;
  readonly words: string;
  /** How it would go elsewhere, when that is asked. */
  readonly there: readonly { readonly atMs: number; readonly there: number }[];
};

const TICK = { fill: 'var(--soft)', fontSize: 13 } as const;
const LEFT = 48;
/** What every line of it shares: it is drawn at once, without dots. */
const DRAWN = { dot: false, isAnimationActive: false } as const;

type Days = { readonly dataKey: 'atMs'; readonly type: 'number'; readonly domain: [number, number]; readonly tickCount: number };

/** How likely it is fit over time, the band from the early to the late date, each check as a mark. */
function LikelyChart({
  points,
  marks,
  nowMs,
  p10,
  p90,
  there,
  days,
}: Omit<Props, 'gaps' | 'zone' | 'words'> & { readonly days: Days }) {
  const line = [...points, ...there].sort((a, b) => a.atMs - b.atMs);
  const isBent = points.some((point) => point.unchecked !== null);
  const last = days.domain[1];
  return (
    <ResponsiveContainer width="100%" height="100%" initialDimension={{ width: 700, height: 240 }}>
      <ComposedChart accessibilityLayer={false} data={line} margin={{ top: 12, right: 14, bottom: 0, left: 0 }}>
        <CartesianGrid stroke="var(--hair)" vertical={false} />
        <XAxis {...days} tick={false} stroke="var(--ink)" height={6} />
        <YAxis
          yAxisId="ready"
          domain={[0, 1]}
          ticks={[0, 0.25, 0.5, 0.75, 0.9, 1]}
          tickFormatter={(share: number) => say(share, 'fraction', reads())}
          tick={TICK}
          stroke="var(--ink)"
          width={LEFT}
        />
        {p10 === null ? null : (
          <ReferenceArea yAxisId="ready" x1={p10} x2={Math.min(p90 ?? last, last)} fill="var(--cure)" fillOpacity={0.16} />
        )}
        <ReferenceLine
          yAxisId="ready"
          y={0.9}
          stroke="var(--fit)"
          strokeDasharray="6 4"
          label={{ value: wording.fitFromHere, position: 'insideTopRight', fill: 'var(--fit)', fontSize: 13 }}
        />
        {isBent ? (
          <Line yAxisId="ready" dataKey="unchecked" stroke="var(--soft)" strokeWidth={1.5} {...DRAWN} connectNulls />
        ) : null}
        <Line yAxisId="ready" dataKey="ready" stroke="var(--ink)" strokeWidth={3} {...DRAWN} connectNulls />
        {there.length > 0 ? (
          <Line
            yAxisId="ready"
            dataKey="there"
            stroke="var(--cure)"
            strokeWidth={3}
            strokeDasharray="3 5"
            {...DRAWN}
            connectNulls
          />
        ) : null}
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
  );
}

/** The air it stood in: temperature as read or expected, the humidity, and where nothing was read. */
function AirChart({
  points,
  gaps,
  nowMs,
  zone,
  days,
}: Pick<Props, 'points' | 'gaps' | 'nowMs' | 'zone'> & { readonly days: Days }) {
  const warmth = points.flatMap((point) => point.tempC ?? point.likelyC ?? []);
  const [low, high] = [Math.floor(Math.min(...warmth, 15) - 1), Math.ceil(Math.max(...warmth, 20) + 1)];
  return (
    <ResponsiveContainer width="100%" height="100%" initialDimension={{ width: 700, height: 112 }}>
      <ComposedChart accessibilityLayer={false} data={[...points]} margin={{ top: 6, right: 14, bottom: 4, left: 0 }}>
        <XAxis {...days} tick={TICK} tickFormatter={(ms: number) => dayMonth(ms, zone)} stroke="var(--ink)" />
        <YAxis
          domain={[low, high]}
          tickCount={3}
          allowDecimals={false}
          tickFormatter={(t: number) => `${t}°`}
          tick={TICK}
          stroke="var(--rule)"
          width={LEFT}
          yAxisId="air"
        />
        <YAxis yAxisId="damp" orientation="right" domain={[0, 1]} hide />
        {gaps.map((gap) => (
          <ReferenceArea key={gap.fromMs} yAxisId="air" x1={gap.fromMs} x2={gap.toMs} fill="var(--late)" fillOpacity={0.14} />
        ))}
        <Area
          yAxisId="damp"
          dataKey="rh"
          stroke="none"
          fill="var(--rest)"
          fillOpacity={0.22}
          isAnimationActive={false}
          connectNulls={false}
        />
        <Line yAxisId="air" dataKey="tempC" stroke="var(--ink)" strokeWidth={2} {...DRAWN} connectNulls={false} />
        <Line
          yAxisId="air"
          dataKey="likelyC"
          stroke="var(--soft)"
          strokeWidth={2}
          strokeDasharray="2 4"
          {...DRAWN}
          connectNulls={false}
        />
        <ReferenceLine yAxisId="air" x={nowMs} stroke="var(--late)" strokeWidth={2} />
      </ComposedChart>
    </ResponsiveContainer>
  );
}

/** The cure fan: how likely it is fit; beneath it, on the same days, the air it stood in. */
export function FanChart(props: Props) {
  const { points, marks, gaps, nowMs, zone, words } = props;
  const days: Days = { dataKey: 'atMs', type: 'number', domain: [points[0]?.atMs ?? 0, points.at(-1)?.atMs ?? 1], tickCount: 7 };
  return (
    <figure aria-label={words}>
      <div className="relative h-60 w-full overflow-hidden" aria-hidden="true">
        <LikelyChart {...props} days={days} />
      </div>
      <div className="relative h-28 w-full overflow-hidden" aria-hidden="true">
        <AirChart points={points} gaps={gaps} nowMs={nowMs} zone={zone} days={days} />
      </div>
      <figcaption className="text-sm text-soft">
        {wording.bandEarlyToLate(
          words,
          marks.length > 0 ? wording.filledMarkACheck : '',
          points.some((point) => point.unchecked !== null) ? wording.thinLineTheEstimate : '',
          gaps.length > 0 ? wording.redNothingWasRead : '',
        )}
      </figcaption>
    </figure>
  );
}
