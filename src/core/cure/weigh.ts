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
/** χ² at nine in ten, one degree of freedom: by so many squared spreads a joint may worsen the fit and still be likely. */
const NINE_IN_TEN = 2.706;

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

/** `y = a + b1·min(t, t1) + b2·clamp(t − t1, 0, t2 − t1)` by least squares (normal equations, at most 3 × 3); null where the slopes have the wrong sign. */
function fitAt(points: readonly Weighing[], { falls, rises }: Shape, t1: number, t2: number): Fit | null {
  const basis = ({ hours }: Weighing): number[] => [
    1,
    ...(falls ? [Math.min(hours, t1)] : []),
    ...(rises ? [Math.min(Math.max(hours - t1, 0), t2 - t1)] : []),
  ];
  const size = 1 + Number(falls) + Number(rises);
  const rows = Array.from({ length: size }, (_, i) => [
    ...Array.from({ length: size }, (__, j) =>
      points.reduce((sum, p) => sum + (basis(p)[i] as number) * (basis(p)[j] as number), 0),
    ),
    points.reduce((sum, p) => sum + (basis(p)[i] as number) * p.grams, 0),
  ]);
  for (let col = 0; col < size; col++) {
    const pivot = rows.slice(col).sort((a, b) => Math.abs(b[col] as number) - Math.abs(a[col] as number))[0] as number[];
    if (Math.abs(pivot[col] as number) < 1e-12) return null;
    rows.splice(rows.indexOf(pivot), 1);
    rows.splice(col, 0, pivot);
    for (const row of rows)
      if (row !== pivot) {
        const factor = (row[col] as number) / (pivot[col] as number);
        for (let k = col; k <= size; k++) row[k] = (row[k] as number) - factor * (pivot[k] as number);
      }
  }
  const found = rows.map((row, i) => (row[size] as number) / (row[i] as number));
  const b = [found[0] as number, falls ? (found[1] as number) : 0, rises ? (found.at(-1) as number) : 0] as const;
  if (b[1] > 0 || b[2] < 0) return null;
  const fit = { falls, rises, t1, t2, b, sse: 0 };
  return { ...fit, sse: points.reduce((sum, p) => sum + (p.grams - gramsAt(fit, p.hours)) ** 2, 0) };
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
 * Reads a curing test piece's weighings as straight stretches: solvent leaving, oxygen taken up, plateau. The shape is chosen by
 * `BIC = n·ln(sse/n) + k·ln n`, the plateau's start has a span from every joint whose fit is not worse by more than χ².
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
  const alike = all.filter(
    (fit) => fit.falls === best.falls && fit.rises === best.rises && fit.sse <= best.sse + NINE_IN_TEN * spreadG ** 2,
  );
  const ends = alike.map(endOf);
  const [low, high] = [Math.min(...ends), Math.max(...ends)];
  const onIt = points.filter((p) => p.hours >= endOf(best)).length;
  const moved = best.falls || best.rises;
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
