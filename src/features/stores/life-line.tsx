import type { Life } from '@/core/material';
import { dateOf, instantOf, MS_PER_DAY, say } from '@/core/quantity';
import { lifeLine as wording } from '@/messages/screens/stores';
import { longDate } from '@/ui/when';
import { reads } from '@/web/here';

type Props = {
  readonly life: Life;
  readonly openedOn: string | null;
  readonly goodUntil: string | null;
  readonly checkedAt: readonly number[];
  readonly zone: string;
  readonly nowMs: number;
};

const SIZE = { w: 960, h: 190, left: 70, right: 30, top: 34, floor: 150 } as const;
/** A best-before this far off would flatten the rest: the line ends sooner. */
const AHEAD_MS = 60 * MS_PER_DAY;

const times = (n: number, one: string): string => (n === 1 ? wording.once(one) : wording.times(one, n));

/** A lot's life in a sentence: what the line shows, for those who cannot see it. */
function lifeWords({ life, openedOn, goodUntil, zone }: Props): string {
  const [first] = life.points;
  if (!first) return '';
  const day = (at: number): string => longDate(dateOf(at, zone));
  const drawn = life.points.filter((one) => one.grams < 0 && one.why !== 'count').length;
  const counted = life.points.filter((one) => one.why === 'count').length;
  return [
    wording.itCameOnWith(day(first.at), say(first.leftG, 'g', reads())),
    openedOn ? wording.wasOpenedOn(longDate(openedOn)) : '',
    drawn > 0 ? wording.was(times(drawn, wording.drawnFrom)) : wording.wasNeverDrawnFrom,
    counted > 0 ? wording.was2(times(counted, 'counted')) : '',
    ...life.held.map(({ from, until }) => wording.wasHeldFrom(day(from), until === null ? wording.still : ` to ${day(until)}`)),
    life.emptyAt === null
      ? wording.holdsNow(say(life.points.at(-1)?.leftG ?? 0, 'g', reads()))
      : wording.wasEmptyOn(day(life.emptyAt)),
    goodUntil && life.emptyAt === null ? wording.isGoodUntil(longDate(goodUntil)) : '',
  ]
    .filter(Boolean)
    .join(', ')
    .concat('.');
}

/** When the lot was held. */
function HeldSpans({ life, x, lastAt }: { readonly life: Life; readonly x: (at: number) => number; readonly lastAt: number }) {
  return (
    <>
      {life.held.map(({ from, until: to }) => (
        <g key={from}>
          <rect
            x={x(from)}
            y={SIZE.top}
            width={Math.max(3, x(to ?? lastAt) - x(from))}
            height={SIZE.floor - SIZE.top}
            fill="var(--late)"
            fillOpacity="0.22"
          />
          <text x={x(from) + 3} y={SIZE.top + 14} fontSize="14" fontWeight="600" fill="var(--late)">
            {wording.held}
          </text>
        </g>
      ))}
    </>
  );
}

/** A lot's whole life as a line: it came, was opened, drawn from, counted, held, and is empty. */
export function LifeLine(props: Props) {
  const { life, openedOn, goodUntil, checkedAt, zone, nowMs } = props;
  const [first] = life.points;
  if (!first || life.mostG <= 0) return null;
  const noon = (date: string): number => {
    const at = instantOf(`${date}T12:00`, zone);
    return at.ok ? at.value : nowMs;
  };
  const lastAt = life.emptyAt ?? nowMs;
  const endsAt = goodUntil && life.emptyAt === null ? Math.min(Math.max(noon(goodUntil), nowMs), nowMs + AHEAD_MS) : lastAt;
  const until = Math.max(endsAt, first.at + MS_PER_DAY);
  const x = (at: number): number =>
    SIZE.left + ((Math.min(Math.max(at, first.at), until) - first.at) / (until - first.at)) * (SIZE.w - SIZE.left - SIZE.right);
  const y = (grams: number): number => SIZE.floor - (grams / life.mostG) * (SIZE.floor - SIZE.top);
  const steps = life.points.map(({ at, leftG }, i) => `${i === 0 ? '' : `H${x(at).toFixed(1)} `}V${y(leftG).toFixed(1)}`);
  const area = `M${x(first.at).toFixed(1)} ${SIZE.floor} ${steps.join(' ')} H${x(lastAt).toFixed(1)} V${SIZE.floor} Z`;
  const counts = life.points.filter((one) => one.why === 'count');
  return (
    <figure>
      <svg viewBox={`0 0 ${SIZE.w} ${SIZE.h}`} className="w-full max-w-4xl" aria-hidden="true">
        <path d={area} fill="var(--wet)" fillOpacity="0.28" stroke="var(--wet)" strokeWidth="2" />
        <HeldSpans life={life} x={x} lastAt={lastAt} />
        <path d={`M${SIZE.left} ${SIZE.floor} H${SIZE.w - SIZE.right}`} stroke="var(--ink)" strokeWidth="3" />
        {counts.map(({ at, leftG, grams }) => (
          <circle
            key={`${at} ${grams}`}
            cx={x(at)}
            cy={y(leftG)}
            r="6"
            fill="var(--paper)"
            stroke="var(--ink)"
            strokeWidth="2.5"
          />
        ))}
        {checkedAt.map((at) => (
          <path key={at} d={`M${x(at)} ${SIZE.floor} v-10`} stroke="var(--ink)" strokeWidth="2.5" />
        ))}
        {openedOn ? <Mark x={x(noon(openedOn))} says={wording.opened} /> : null}
        {goodUntil && life.emptyAt === null && noon(goodUntil) <= until ? (
          <path
            d={`M${x(noon(goodUntil))} ${SIZE.top} V${SIZE.floor}`}
            stroke="var(--late)"
            strokeWidth="2"
            strokeDasharray="6 5"
          />
        ) : null}
        {life.emptyAt === null ? (
          <Mark x={x(nowMs)} says={wording.now} />
        ) : (
          <text x={x(life.emptyAt)} y={SIZE.floor - 8} fontSize="15" textAnchor="end" fill="var(--ink)">
            {wording.empty}
          </text>
        )}
        <text x={SIZE.left - 8} y={y(life.mostG) + 5} fontSize="15" textAnchor="end" fill="var(--ink)">
          {say(life.mostG, 'g', reads())}
        </text>
        <text x={SIZE.left} y={SIZE.floor + 22} fontSize="15" fill="var(--ink)">
          {longDate(dateOf(first.at, zone))}
        </text>
        <text x={SIZE.w - SIZE.right} y={SIZE.floor + 22} fontSize="15" textAnchor="end" fill="var(--ink)">
          {longDate(dateOf(until, zone))}
        </text>
      </svg>
      <figcaption className="max-w-prose text-soft">
        {lifeWords(props)} {counts.length > 0 ? wording.aRingIsA : ''}
        {checkedAt.length > 0 ? wording.aStrokeOnThe : ''}
      </figcaption>
    </figure>
  );
}

function Mark({ x, says }: { readonly x: number; readonly says: string }) {
  return (
    <g>
      <path d={`M${x} ${SIZE.top - 8} V${SIZE.floor}`} stroke="var(--ink)" strokeWidth="1.5" strokeDasharray="2 4" />
      <text x={x} y={SIZE.top - 13} fontSize="15" textAnchor="middle" fill="var(--ink)">
        {says}
      </text>
    </g>
  );
}
