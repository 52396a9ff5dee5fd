import { Link } from '@/ui/link';
import { clockTime, dayAndDate } from '@/ui/when';
import type { Day } from '../week';

export type Peg = {
  readonly key: string;
  readonly number: string;
  readonly action: string;
  readonly fromMs: number;
  readonly toMs: number;
};

const LANE_PX = 25;
/** Share of the row that one letter of a peg's words takes, a little generously. */
const LETTER_SHARE = 0.0062;
/** Pegs past this share of the row have their words on their left. */
const RIGHT_FROM = 72;

type Placed = {
  readonly peg: Peg;
  readonly lane: number;
  readonly left: number;
  readonly width: number;
  readonly wordsLeft: boolean;
};

/** Pegs with their words, pulled apart into lanes where they would lie over one another: one pair of hands cannot be in two places. */
function place(pegs: readonly Peg[], at: (ms: number) => number): Placed[] {
  const ends: number[] = [];
  return [...pegs]
    .map((peg) => {
      const [left, width] = [at(peg.fromMs), Math.max(0.4, at(peg.toMs) - at(peg.fromMs))];
      const words = 100 * LETTER_SHARE * `${peg.number} ${peg.action}`.length;
      const wordsLeft = left > RIGHT_FROM;
      return {
        peg,
        left,
        width,
        wordsLeft,
        from: wordsLeft ? left - words : left,
        to: wordsLeft ? left + width : left + width + words,
      };
    })
    .sort((a, b) => a.from - b.from)
    .map(({ from, to, ...peg }) => {
      const free = ends.findIndex((end) => end <= from);
      const lane = free >= 0 ? free : ends.length;
      ends[lane] = to;
      return { ...peg, lane };
    });
}

type Bounds = { readonly from: number; readonly to: number };

/** The hours any day of the week is open or has a peg, as shares of a day. */
function boundsOf(days: readonly Day[], pegs: readonly Peg[]): Bounds {
  const shares = days.flatMap((day) => {
    const share = (ms: number): number => (ms - day.fromMs) / (day.toMs - day.fromMs);
    return [
      ...day.openings.flat(),
      ...pegs.filter((peg) => peg.fromMs >= day.fromMs && peg.fromMs < day.toMs).flatMap((peg) => [peg.fromMs, peg.toMs]),
    ].map(share);
  });
  return { from: Math.max(0, Math.min(8 / 24, ...shares) - 0.01), to: Math.min(1, Math.max(18 / 24, ...shares) + 0.01) };
}

type Props = { readonly days: readonly Day[]; readonly pegs: readonly Peg[]; readonly nowMs: number; readonly zone: string };

/** Hand-work as pegs on the shop's hours for today and the six days after, hours running to the right. */
export function DayLine({ days, pegs, nowMs, zone }: Props) {
  const bounds = boundsOf(days, pegs);
  return (
    <ol className="flex flex-col">
      {days.map((day) => (
        <DayRow
          key={day.date}
          day={day}
          pegs={pegs.filter((peg) => peg.fromMs >= day.fromMs && peg.fromMs < day.toMs)}
          bounds={bounds}
          nowMs={nowMs}
          zone={zone}
        />
      ))}
    </ol>
  );
}

function DayRow({
  day,
  pegs,
  bounds,
  nowMs,
  zone,
}: {
  readonly day: Day;
  readonly pegs: readonly Peg[];
  readonly bounds: Bounds;
  readonly nowMs: number;
  readonly zone: string;
}) {
  const span = (bounds.to - bounds.from) * (day.toMs - day.fromMs);
  const at = (ms: number): number => (100 * (ms - day.fromMs - bounds.from * (day.toMs - day.fromMs))) / span;
  const lanes = place(pegs, at);
  const height = Math.max(1, ...lanes.map(({ lane }) => lane + 1)) * LANE_PX + 8;
  const isToday = nowMs >= day.fromMs && nowMs < day.toMs;
  return (
    <li className="grid grid-cols-[6.5rem_1fr] items-stretch border-hair border-t">
      <p className={`reading py-1 ${isToday ? 'font-bold' : 'text-soft'}`}>{isToday ? 'Today' : dayAndDate(day.fromMs, zone)}</p>
      <div className="relative overflow-hidden" style={{ height }}>
        {day.openings.map(([from, to]) => (
          <div
            key={from}
            className="absolute inset-y-0 bg-paper"
            style={{ left: `${at(from)}%`, width: `${at(to) - at(from)}%` }}
          >
            <span className="reading absolute bottom-0 left-1 text-xs text-soft">{clockTime(from, zone, from)}</span>
            <span className="reading absolute right-1 bottom-0 text-xs text-soft">{clockTime(to, zone, to)}</span>
          </div>
        ))}
        {day.openings.length === 0 ? <p className="py-1 text-sm text-soft">closed</p> : null}
        {lanes.map(({ peg, lane, left, width, wordsLeft }) => (
          <Link
            key={peg.key}
            href={`/work/${peg.number}`}
            title={`${clockTime(peg.fromMs, zone, peg.fromMs)} to ${clockTime(peg.toMs, zone, peg.toMs)}: ${peg.action}, ${peg.number}`}
            className="absolute h-6 whitespace-nowrap text-xs leading-5 no-underline hover:underline"
            style={{ left: `${left}%`, width: `${width}%`, top: lane * LANE_PX }}
          >
            <span aria-hidden="true" className="block h-5 min-w-1 bg-ink" />
            <span className={`reading absolute top-0 ${wordsLeft ? 'right-full pr-1' : 'left-full pl-1'}`}>
              <span className="sr-only">{clockTime(peg.fromMs, zone, peg.fromMs)} </span>
              {peg.number} {peg.action}
            </span>
          </Link>
        ))}
        {isToday ? (
          <span aria-hidden="true" className="absolute inset-y-0 w-0.5 bg-late" style={{ left: `${at(nowMs)}%` }} />
        ) : null}
      </div>
    </li>
  );
}
