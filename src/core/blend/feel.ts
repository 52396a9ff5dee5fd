/** Bands of feel, softest first. */
export const FEELS = ['liquid', 'cream', 'soft-paste', 'firm-paste', 'soap', 'bar', 'block'] as const;
/** One band of feel: blends whose wax equivalent at the shop's temperature lies below `below`. */
export type Consistency = (typeof FEELS)[number];

/** Upper bounds of the bands. Source: working estimate for beeswax in liquid oil, thumb-tested at 20 °C. */
export const FEEL_BANDS: readonly { readonly feel: Consistency; readonly below: number }[] = [
  { feel: 'liquid', below: 0.06 },
  { feel: 'cream', below: 0.14 },
  { feel: 'soft-paste', below: 0.24 },
  { feel: 'firm-paste', below: 0.4 },
  { feel: 'soap', below: 0.58 },
  { feel: 'bar', below: 0.85 },
  { feel: 'block', below: Number.POSITIVE_INFINITY },
];

/** Softening per °C above 20. Source: working estimate. */
export const SOFTENING_PER_C = 0.012;

/** A share within this of a bound is the bound: 6 parts in 100 are 0.06, whatever the arithmetic left behind. */
const BOUND_TOLERANCE = 1e-12;

/** `e_T = e·(1 − 0.012·(T − 20))` */
export const waxEquivalentAt = (waxEquivalent: number, ambientC: number): number =>
  waxEquivalent * (1 - SOFTENING_PER_C * (ambientC - 20));

/** The band a blend falls in at a room temperature; where it is warm enough to be clear it runs, whatever its wax: a tin in a hot car. */
export function feelOf(waxEquivalent: number, ambientC: number, clearC: number | null): Consistency {
  if (clearC !== null && ambientC >= clearC) return 'liquid';
  const e = waxEquivalentAt(waxEquivalent, ambientC);
  return FEEL_BANDS.find((band) => e < band.below - BOUND_TOLERANCE)?.feel ?? 'block';
}
