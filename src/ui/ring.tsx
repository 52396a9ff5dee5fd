import type { RingFacts } from '@/core/batch';
import { uiRing as wording } from '@/messages/screens/ui';

/** A fixed scatter of numbers for one batch: the same log end every time it is drawn. */
function grain(seed: number): (n: number) => number {
  return (n) => {
    const x = Math.sin(seed * 127.1 + n * 311.7) * 43758.5453;
    return x - Math.floor(x);
  };
}

const POINTS = 40;
const round = (value: number): number => Math.round(value * 10) / 10;

type Log = { readonly at: (angle: number, share: number) => readonly [number, number]; readonly path: (share: number) => string };

/** The shape of a log end: an uneven bark and a pith off the middle; a share of 0 is the pith, 1 the bark. */
export function logOf(seed: number): Log {
  const g = grain(seed);
  const pith = [(g(1) - 0.5) * 22, (g(2) - 0.5) * 22] as const;
  const waves = [1, 2, 3, 5].map((n, i) => ({
    n,
    size: (g(10 + i) - 0.5) * (i === 0 ? 0.02 : 0.07),
    turn: g(20 + i) * 2 * Math.PI,
  }));
  const bark = (angle: number): number =>
    43 * (1 + waves.reduce((sum, wave) => sum + wave.size * Math.cos(wave.n * angle + wave.turn), 0));
  const at = (angle: number, share: number): readonly [number, number] => {
    const r = bark(angle) * share;
    return [round(pith[0] * (1 - share) + r * Math.cos(angle)), round(pith[1] * (1 - share) + r * Math.sin(angle))];
  };
  const path = (share: number): string => {
    const points = Array.from({ length: POINTS }, (_, i) => at((i / POINTS) * 2 * Math.PI, share));
    return outline(points);
  };
  return { at, path };
}

/** Points joined by straight lines, each as the step from the one before: half as long as their places, and there are hundreds on a rack. */
function outline(points: readonly (readonly [number, number])[]): string {
  const steps = points.map(([x, y], i) => {
    const [fromX, fromY] = points[i - 1] ?? [0, 0];
    const [dx, dy] = [String(round(x - fromX)), String(round(y - fromY))];
    return `${dx.startsWith('-') || i < 2 ? '' : ' '}${dx}${dy.startsWith('-') ? '' : ' '}${dy}`;
  });
  return `M${steps[0]}l${steps.slice(1).join('')}Z`;
}

const COLOUR: Readonly<Record<RingFacts['state'], string>> = {
  prep: 'var(--plain)',
  wet: 'var(--wet)',
  resting: 'var(--rest)',
  curing: 'var(--cure)',
  fit: 'var(--fit)',
  released: 'var(--fit)',
  refused: 'var(--late)',
};

const SAY: Readonly<Record<RingFacts['state'], string>> = {
  prep: wording.inPreparation,
  wet: 'wet',
  resting: 'resting',
  curing: wording.curingOrSettling,
  fit: wording.fitForRelease,
  released: 'released',
  refused: 'refused',
};

/** The check runs from before the first notch (−120°) over it (−50°) to the second (50°) and past it. */
const checkAngle = (travel: number): number =>
  ((travel < 1 ? -120 + 70 * travel : travel < 2 ? -50 + 100 * (travel - 1) : 50 + 40 * (travel - 2)) * Math.PI) / 180 -
  Math.PI / 2;
const NOTCHES = [checkAngle(1), checkAngle(2)];

export function ringWords(facts: RingFacts): string {
  const coats = facts.coatsPlanned > 0 ? wording.ofCoats(facts.coats, facts.coatsPlanned) : wording.noCoatsPlanned;
  return `${SAY[facts.state]}, ${coats}${facts.overdue ? wording.overdue : ''}`;
}

/** Where the growth ring of a coat lies between pith and bark, of so many. */
export const ringShare = (coat: number, total: number): number => 0.1 + (0.68 * coat) / Math.max(total, 1);

type Props = { readonly facts: RingFacts; readonly seed: number; readonly size: number; readonly title?: string };

/**
 * The sign of a batch: the end of a log. A darker growth ring for each coat done, a faint one for each to come;
 * a drying check that travels between two notches while something is waited for; sapwood that darkens as it cures; whole bark when released.
 */
export function Ring({ facts, seed, size, title }: Props) {
  const { at, path } = logOf(seed);
  const colour = facts.overdue ? 'var(--late)' : COLOUR[facts.state];
  const total = Math.max(facts.coatsPlanned, 1);
  const isWet = facts.state === 'wet';
  const isWhole = facts.state === 'released';
  const [pithX, pithY] = at(0, 0);
  const coats = (from: number, to: number): string =>
    Array.from({ length: Math.max(0, to - from + 1) }, (_, i) => path(ringShare(from + i, total))).join('');
  return (
    <svg
      width={size}
      height={size}
      viewBox="-52 -52 104 104"
      role="img"
      aria-label={`${title ? `${title}: ` : ''}${ringWords(facts)}`}
      className="shrink-0"
    >
      <path d={path(1)} fill={isWet ? colour : 'var(--paper)'} fillOpacity={isWet ? 0.28 : 1} stroke="none" />
      {facts.cured > 0 ? (
        <path
          d={path(0.12 + 0.86 * facts.cured)}
          fill={facts.state === 'curing' ? 'var(--cure)' : 'var(--fit)'}
          fillOpacity={0.35}
        />
      ) : null}
      <path d={coats(1, Math.min(facts.coats, total))} fill="none" stroke={colour} strokeWidth={6.5} />
      <path d={coats(facts.coats + 1, total)} fill="none" stroke="var(--rule)" strokeWidth={1.8} />
      <circle cx={pithX} cy={pithY} r={2.6} fill="var(--ink)" />
      <path
        d={path(1)}
        fill="none"
        stroke={facts.state === 'prep' || facts.state === 'resting' ? 'var(--soft)' : colour}
        strokeWidth={isWhole ? 8 : 4}
        strokeDasharray={facts.state === 'resting' ? '9 6' : undefined}
      />
      {facts.travel === null || facts.state === 'fit' || isWhole
        ? null
        : NOTCHES.map((angle) => {
            const [[x1, y1], [x2, y2]] = [at(angle, 0.9), at(angle, 1.13)];
            return <line key={angle} x1={x1} y1={y1} x2={x2} y2={y2} stroke="var(--ink)" strokeWidth={4.5} />;
          })}
      {facts.travel === null || isWhole ? null : <Check at={at} travel={facts.travel} />}
      {facts.overdue ? <Splinters at={at} /> : null}
    </svg>
  );
}

/** The drying check: a thin wedge from the pith out. */
function Check({ at, travel }: { readonly at: Log['at']; readonly travel: number }) {
  const angle = checkAngle(travel);
  const [px, py] = at(0, 0);
  const [[ax, ay], [bx, by]] = [at(angle - 0.07, 0.98), at(angle + 0.07, 0.98)];
  return <path d={`M${px} ${py}L${ax} ${ay}L${bx} ${by}Z`} fill="var(--ink)" />;
}

/** Overdue: the bark breaks outward past the second notch. */
function Splinters({ at }: { readonly at: Log['at'] }) {
  const spikes = [0.15, 0.4, 0.65].map((turn) => {
    const angle = (NOTCHES[1] ?? 0) + turn;
    const [[x1, y1], [x2, y2], [x3, y3]] = [at(angle, 0.97), at(angle + 0.1, 1.2), at(angle + 0.2, 0.97)];
    return `M${x1} ${y1}L${x2} ${y2}L${x3} ${y3}Z`;
  });
  return <path d={spikes.join('')} fill="var(--late)" />;
}
