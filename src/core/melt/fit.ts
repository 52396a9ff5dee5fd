import { leastSquares, sum } from '@/core/numeric';
import { melt } from './melt';

/** A pan and heater: the constants of the rehearsal. Power W, losses and coupling W/K. */
export type PanConstants = { readonly heaterW: number; readonly lossWPerK: number; readonly uaWPerK: number };

/** One logged melt: what stood on the heat, and the pot's temperatures by minute. */
export type LoggedMelt = {
  readonly waterG: number;
  readonly ambientC: number;
  readonly potG: number;
  readonly waxFraction: number;
  readonly pieceMm: number;
  readonly clearC: number;
  readonly readings: readonly { readonly min: number; readonly tempC: number }[];
};

/** Spread of a thermometer dipped by hand, °C, and of each constant about where it started, as a natural logarithm. Working estimates. */
export const READING_SD_C = 3;
export const CONSTANT_SD_LN = 0.6;
const ROUNDS = 12;
const NUDGE = 1e-3;

type Triple = readonly [number, number, number];

/** The pot's temperature at each reading, straight between the trace's rows. */
function predict([heaterW, lossWPerK, uaWPerK]: Triple, one: LoggedMelt): number[] {
  const minutes = Math.min(1440, Math.max(...one.readings.map((reading) => reading.min)) + 1);
  const run = melt({ ...one, heaterW, lossWPerK, uaWPerK, minutes });
  const trace = run.ok ? run.value.trace : [];
  return one.readings.map(({ min }) => {
    const after = trace.findIndex((row) => row.min >= min);
    const [a, b] = [trace[after - 1], trace[after]];
    if (!b) return trace.at(-1)?.potC ?? one.ambientC;
    return a ? a.potC + ((b.potC - a.potC) * (min - a.min)) / (b.min - a.min) : b.potC;
  });
}

const toPan = (from: PanConstants, x: Triple): Triple => [
  from.heaterW * Math.exp(x[0]),
  from.lossWPerK * Math.exp(x[1]),
  from.uaWPerK * Math.exp(x[2]),
];

/** Misfits of the readings in their spread, and of the constants in theirs. */
function residuals(from: PanConstants, x: Triple, melts: readonly LoggedMelt[]): number[] {
  const pan = toPan(from, x);
  return [
    ...melts.flatMap((one) => {
      const found = predict(pan, one);
      return one.readings.map((reading, i) => (reading.tempC - (found[i] ?? 0)) / READING_SD_C);
    }),
    ...x.map((value) => value / CONSTANT_SD_LN),
  ];
}

const costOf = (r: readonly number[]): number => sum(r.map((value) => value * value));

/**
 * The constants of a pan from the maker's own logged melts: least squares over the logarithms of all three, with a prior where they stand.
 * Damped Gauss–Newton with a numeric Jacobian.
 * @returns the fitted pan, the typical misfit before and after in °C, and how many readings it rests on
 */
export function fitPan(
  from: PanConstants,
  melts: readonly LoggedMelt[],
): { readonly pan: PanConstants; readonly misfitBeforeC: number; readonly misfitAfterC: number; readonly readings: number } {
  const used = melts.filter((one) => one.readings.length > 0);
  const readings = sum(used.map((one) => one.readings.length));
  const misfit = (x: Triple): number =>
    readings === 0 ? 0 : READING_SD_C * Math.sqrt(costOf(residuals(from, x, used).slice(0, readings)) / readings);
  let x: Triple = [0, 0, 0];
  let damping = 1e-3;
  for (let round = 0; round < ROUNDS && readings > 0; round++) {
    const r = residuals(from, x, used);
    const jacobian = [0, 1, 2].map((k) => {
      const nudged = x.map((value, i) => (i === k ? value + NUDGE : value)) as unknown as Triple;
      return residuals(from, nudged, used).map((value, i) => (value - (r[i] ?? 0)) / NUDGE);
    });
    // `(JᵀJ + λI) d = −Jᵀr`.
    const d =
      leastSquares(
        r.map((value, i) => ({ of: jacobian.map((column) => column[i] ?? 0), y: -value })),
        damping,
      ) ?? [];
    const next = x.map((value, i) => value + (d[i] ?? 0)) as unknown as Triple;
    if (costOf(residuals(from, next, used)) < costOf(r)) {
      x = next;
      damping /= 5;
    } else damping *= 10;
  }
  const [heaterW, lossWPerK, uaWPerK] = toPan(from, x);
  return { pan: { heaterW, lossWPerK, uaWPerK }, misfitBeforeC: misfit([0, 0, 0]), misfitAfterC: misfit(x), readings };
}
