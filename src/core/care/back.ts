/** A share with its span, four in five. */
export type BackShare = {
  readonly of: number;
  readonly n: number;
  readonly share: number;
  readonly low: number;
  readonly high: number;
};

/** Pieces below which a share says next to nothing. Source: at ten, four in five spans still cover a third of the scale. */
export const FEW = 10;
/** z of a two-sided span of 0.8. */
const Z = 1.2815515655446004;

/** How many of how many, with the span the true share lies in four times in five (Wilson's score interval). With none looked at it is anything. */
export function shareOf(of: number, n: number): BackShare {
  if (n === 0) return { of, n, share: 0, low: 0, high: 1 };
  const p = of / n;
  const middle = (p + Z ** 2 / (2 * n)) / (1 + Z ** 2 / n);
  const half = (Z * Math.sqrt((p * (1 - p)) / n + Z ** 2 / (4 * n ** 2))) / (1 + Z ** 2 / n);
  return { of, n, share: p, low: Math.max(0, middle - half), high: Math.min(1, middle + half) };
}
