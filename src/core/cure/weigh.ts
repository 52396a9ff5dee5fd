import { mean } from '@/core/numeric';

/** A test piece on the scale: hours since its last coat, grams. */
export type Weighing = { readonly hours: number; readonly grams: number };

/** What a weighed piece went through: solvent leaving, oxygen coming, rest. A part that did not happen has no grams. */
export type WeighCurve = {
  /** Grams that left, and when that ended, hours. */
  readonly lostG: number;
  readonly lostUntil: number | null;
  /** Grams that came from the air. */
  readonly gainedG: number;
  /** From when on it no longer changes, with the span nine in ten; null while it still does, or too little was weighed to say. */
  readonly plateau: { readonly fromHours: number; readonly low: number; readonly high: number } | null;
  /** Spread of single weighings about the curve, grams. */
  readonly spreadG: number;
  /** The curve at any hour, grams. */
  readonly at: (hours: number) => number;
};

/** Fewer weighings than this say nothing. Source: three stretches want two points each, less their shared joints. */
export const LEAST_WEIGHINGS = 4;
/** A kitchen scale shows no less; the spread is never taken for smaller. Source: 0.1 g steps, uniform: 0.1/√12. */
export const SCALE_SPREAD_G = 0.03;
/** Points that must lie on a plateau before it is one. Source: working rule. */
export const PLATEAU_POINTS = 3;
/** Ends of the last stretch that are tried for its span, evenly over the time weighed. */
const ENDS_TRIED = 96;
/** The normal's point above which one in twenty lies: nine in ten lie within it on both sides. */
const Z = 1.6449;

/** The same point of Student's t, by its expansion in 1/ν (Cornish and Fisher); under 2 % low from two degrees of freedom on. */
const tPoint = (free: number): number =>
  Z +
  (Z ** 3 + Z) / (4 * free) +
  (5 * Z ** 5 + 16 * Z ** 3 + 3 * Z) / (96 * free ** 2) +
  (3 * Z ** 7 + 19 * Z ** 5 + 17 * Z ** 3 - 15 * Z) / (384 * free ** 3);

type Shape = { readonly falls: boolean; readonly rises: boolean };
const SHAPES: readonly Shape[] = [
  { falls: false, rises: false },
  { falls: true, rises: false },
  { falls: false, rises: true },
  { falls: true, rises: true },
];
type Fit = Shape & {
  readonly t1: number;
  readonly t2: number;
  readonly b: readonly [number, number, number];
  readonly sse: number;
};

/** Sum of products about both means. */
function spread(x: readonly number[], y: readonly number[], meanX: number, meanY: number): number {
  let sum = 0;
  for (let i = 0; i < x.length; i++) sum += ((x[i] as number) - meanX) * ((y[i] as number) - meanY);
  return sum;
}

/** `y = a + b1·min(t, t1) + b2·clamp(t − t1, 0, t2 − t1)` by least squares; null where the slopes have the wrong sign or cannot be told. */
function fitAt(points: readonly Weighing[], { falls, rises }: Shape, t1: number, t2: number): Fit | null {
  const y = points.map((p) => p.grams);
  const x1 = points.map((p) => Math.min(p.hours, t1));
  const x2 = points.map((p) => Math.min(Math.max(p.hours - t1, 0), t2 - t1));
  const [my, m1, m2] = [mean(y), mean(x1), mean(x2)];
  const [s11, s12, s22] = [spread(x1, x1, m1, m1), spread(x1, x2, m1, m2), spread(x2, x2, m2, m2)];
  const [s1y, s2y] = [spread(x1, y, m1, my), spread(x2, y, m2, my)];
  const det = s11 * s22 - s12 * s12;
  if ((falls && s11 < 1e-9) || (rises && s22 < 1e-9) || (falls && rises && det < 1e-9 * s11 * s22)) return null;
  const b1 = falls ? (rises ? (s1y * s22 - s2y * s12) / det : s1y / s11) : 0;
  const b2 = rises ? (falls ? (s2y * s11 - s1y * s12) / det : s2y / s22) : 0;
  if (b1 > 0 || b2 < 0) return null;
  const sse = y.reduce(
    (sum, grams, i) => sum + (grams - my - b1 * ((x1[i] as number) - m1) - b2 * ((x2[i] as number) - m2)) ** 2,
    0,
  );
  return { falls, rises, t1, t2, b: [my - b1 * m1 - b2 * m2, b1, b2], sse };
}

const gramsAt = ({ t1, t2, b }: Pick<Fit, 't1' | 't2' | 'b'>, hours: number): number =>
  b[0] + b[1] * Math.min(hours, t1) + b[2] * Math.min(Math.max(hours - t1, 0), t2 - t1);

/** Joints are tried at every weighing and half-way between two. */
const jointsOf = (points: readonly Weighing[]): number[] =>
  points.flatMap((p, i) => {
    const next = points[i + 1];
    return next ? [p.hours, (p.hours + next.hours) / 2] : [p.hours];
  });

function fitsOf(points: readonly Weighing[], shape: Shape): Fit[] {
  const joints = jointsOf(points);
  const [first, last] = [points[0]?.hours ?? 0, points.at(-1)?.hours ?? 0];
  const pairs: readonly (readonly [number, number])[] =
    shape.falls && shape.rises
      ? joints.flatMap((t1) => joints.filter((t2) => t2 > t1).map((t2) => [t1, t2] as const))
      : shape.falls
        ? joints.map((t1) => [t1, t1] as const)
        : shape.rises
          ? joints.map((t2) => [first, t2] as const)
          : [[first, first]];
  return pairs
    .filter(([t1, t2]) => (!shape.falls || t1 > first) && (!shape.rises || t2 > t1) && t2 <= last)
    .flatMap(([t1, t2]) => fitAt(points, shape, t1, t2) ?? []);
}

/** Moves the joints of the best of a shape between the weighings, in halving steps, while the fit gets better. */
function refined(points: readonly Weighing[], coarse: readonly Fit[]): Fit[] {
  let best = [...coarse].sort((a, b) => a.sse - b.sse)[0];
  if (!best || !(best.falls || best.rises)) return best ? [best] : [];
  const [first, last] = [points[0]?.hours ?? 0, points.at(-1)?.hours ?? 0];
  for (let step = (last - first) / points.length; step > (last - first) / 500; step /= 2)
    for (const [d1, d2] of [
      [step, 0],
      [-step, 0],
      [0, step],
      [0, -step],
      [step, step],
      [-step, -step],
    ] as const) {
      const t1 = best.falls ? best.t1 + d1 : best.t1;
      const t2 = best.rises ? best.t2 + d2 : t1;
      if (t1 < first || t2 > last || (best.falls && t1 <= first) || (best.rises && t2 <= t1)) continue;
      const tried = fitAt(points, best, t1, t2);
      if (tried && tried.sse < best.sse - 1e-12) best = tried;
    }
  return [best];
}

const endOf = (fit: Fit): number => (fit.rises ? fit.t2 : fit.t1);

/**
 * Where the last stretch may have ended, nine in ten: its profile. Each end is tried with the best start of that stretch for it; an end
 * stays likely while its fit is worse by no more than `t²·s²`. Rounded outward to the ends tried, so never finer than it was looked at.
 */
function spanOf(
  points: readonly Weighing[],
  best: Fit,
  spreadG: number,
  free: number,
): { readonly low: number; readonly high: number } {
  const [first, last] = [points[0]?.hours ?? 0, points.at(-1)?.hours ?? 0];
  const starts = best.falls && best.rises ? [...jointsOf(points), best.t1] : [first];
  const sseAt = (end: number): number => {
    const fits = best.rises
      ? starts.filter((t1) => t1 < end && (!best.falls || t1 > first)).map((t1) => fitAt(points, best, t1, end)?.sse ?? Infinity)
      : [fitAt(points, best, end, end)?.sse ?? Infinity];
    return Math.min(Infinity, ...fits);
  };
  const limit = best.sse + tPoint(free) ** 2 * spreadG ** 2;
  const ends = [
    ...Array.from({ length: ENDS_TRIED }, (_, i) => first + ((last - first) * (i + 1)) / ENDS_TRIED),
    endOf(best),
  ].sort((a, b) => a - b);
  const likely = ends.map((end) => sseAt(end) <= limit);
  return {
    low: ends[Math.max(0, likely.indexOf(true) - 1)] as number,
    high: ends[Math.min(ends.length - 1, likely.lastIndexOf(true) + 1)] as number,
  };
}

/**
 * Reads a curing test piece's weighings as straight stretches: solvent leaving, oxygen taken up, plateau. The shape is chosen by
 * `BIC = n·ln(sse/n) + k·ln n`, the plateau's start has a span by its profile (see `spanOf`).
 * Returns null with fewer than four weighings.
 */
export function weighCurve(weighings: readonly Weighing[]): WeighCurve | null {
  const points = [...weighings].sort((a, b) => a.hours - b.hours);
  const n = points.length;
  if (n < LEAST_WEIGHINGS) return null;
  const floor = n * SCALE_SPREAD_G ** 2;
  const score = (fit: Fit): number =>
    n * Math.log(Math.max(fit.sse, floor) / n) + (1 + 2 * (Number(fit.falls) + Number(fit.rises))) * Math.log(n);
  const coarse = SHAPES.map((shape) => fitsOf(points, shape));
  const all = [...coarse.flat(), ...coarse.flatMap((fits) => refined(points, fits))];
  const best = [...all].sort((a, b) => score(a) - score(b) || a.sse - b.sse)[0];
  if (!best) return null;
  const free = Math.max(1, n - 1 - 2 * (Number(best.falls) + Number(best.rises)));
  const spreadG = Math.max(SCALE_SPREAD_G, Math.sqrt(best.sse / free));
  const onIt = points.filter((p) => p.hours >= endOf(best)).length;
  const moved = best.falls || best.rises;
  const { low, high } = moved ? spanOf(points, best, spreadG, free) : { low: 0, high: 0 };
  const rests = moved ? onIt >= PLATEAU_POINTS && high < (points.at(-1)?.hours ?? 0) : true;
  const startHours = points[0]?.hours ?? 0;
  return {
    lostG: best.falls ? -best.b[1] * (best.t1 - startHours) : 0,
    lostUntil: best.falls ? best.t1 : null,
    gainedG: best.b[2] * (best.t2 - best.t1),
    plateau: rests
      ? { fromHours: moved ? endOf(best) : startHours, low: moved ? low : startHours, high: moved ? high : startHours }
      : null,
    spreadG,
    at: (hours) => gramsAt(best, hours),
  };
}
