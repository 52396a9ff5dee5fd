import { LN_SPREAD, type NeededHours, Z_VARIANCE } from './cure';

/**
 * What a past batch said of its own need: the mean and variance of ln A after its checks, as its own estimate had it from the shipped A0,
 * and whose it was.
 */
export type PastBatch = { readonly formula: string; readonly wood: string; readonly lnShift: number; readonly variance: number };
/** How much longer than shipped a finish needs here, in logarithms, and how sure that is. */
export type Learned = { readonly mean: number; readonly variance: number; readonly records: number };
export type Learning = {
  readonly shop: Learned;
  readonly formula: Readonly<Record<string, Learned>>;
  readonly pair: Readonly<Record<string, Learned>>;
};

/** How far a shop lies from the shipped figures, a formula from its shop, a wood from its formula: standard deviations of ln A. Source: working estimates. */
export const LEVELS = { shop: 0.25, formula: 0.2, wood: 0.12 } as const;
/** What is left between batches of one formula and wood, so that all levels together make the shipped spread. */
export const WITHIN = Math.sqrt(LN_SPREAD ** 2 - LEVELS.shop ** 2 - LEVELS.formula ** 2 - LEVELS.wood ** 2);

/** Checks that leave more than this of the shipped variance have said nothing. */
const SILENT = 0.98;

/**
 * What the checks of a batch alone say of its need, the shipped belief they began from taken out again:
 * `1/v = 1/σ² − 1/σ0²`, `y = v·μ/σ²`, μ and σ² those of ln(A/A0). Null where they said nothing.
 * @param needed the batch's estimate from the shipped A0
 */
export function saidBy(
  { hours, weights }: NeededHours,
  a0Hours: number,
): { readonly lnShift: number; readonly variance: number } | null {
  // A batch that came to be fit: the belief that it never would is left out.
  const ever = weights.reduce((sum, weight) => sum + weight, 0);
  const ln = hours.map((value) => Math.log(value / a0Hours));
  const mean = ln.reduce((sum, value, i) => sum + (value * (weights[i] ?? 0)) / ever, 0);
  const variance = ln.reduce((sum, value, i) => sum + ((value - mean) ** 2 * (weights[i] ?? 0)) / ever, 0);
  if (variance >= SILENT * LN_SPREAD ** 2) return null;
  const own = 1 / (1 / variance - 1 / LN_SPREAD ** 2);
  return { lnShift: (own * mean) / variance, variance: own };
}

const key = (formula: string, wood: string): string => `${formula} · ${wood}`;

/** Precision-weighted mean of normal sayings about one quantity with a prior: `(μ0/τ² + Σ y/v) / (1/τ² + Σ 1/v)`. */
function combine(
  prior: { readonly mean: number; readonly variance: number },
  said: readonly { readonly y: number; readonly v: number }[],
): { readonly mean: number; readonly variance: number } {
  const precision = 1 / prior.variance + said.reduce((sum, { v }) => sum + 1 / v, 0);
  const mean = (prior.mean / prior.variance + said.reduce((sum, { y, v }) => sum + y / v, 0)) / precision;
  return { mean, variance: 1 / precision };
}

/** What a group of batches says of the level above it: its mean, and the variance of that mean with the level's own spread on top. */
const sayingOf = (
  of: readonly { readonly y: number; readonly v: number }[],
  spread: number,
): { readonly y: number; readonly v: number } => {
  const precision = of.reduce((sum, { v }) => sum + 1 / v, 0);
  return { y: of.reduce((sum, { y, v }) => sum + y / v, 0) / precision, v: 1 / precision + spread ** 2 };
};

/**
 * The shop's own A0, by three nested normal levels, exact for known variances: `y_b = s + f + w + e_b`, `e_b ~ N(0, WITHIN² + v_b)`.
 * Upwards, pairs speak for formulas and formulas for the shop; downwards, each is drawn towards the level above it.
 */
export function learnA0(past: readonly PastBatch[]): Learning {
  const pairs = new Map<string, { formula: string; said: { y: number; v: number }[] }>();
  for (const { formula, wood, lnShift, variance } of past) {
    const pair = pairs.get(key(formula, wood)) ?? { formula, said: [] };
    pair.said.push({ y: lnShift, v: variance + WITHIN ** 2 });
    pairs.set(key(formula, wood), pair);
  }
  const formulas = new Map<string, { y: number; v: number }[]>();
  for (const { formula, said } of pairs.values())
    formulas.set(formula, [...(formulas.get(formula) ?? []), sayingOf(said, LEVELS.wood)]);
  const count = (of: (one: PastBatch) => boolean): number => past.filter(of).length;
  const shop = combine(
    { mean: 0, variance: LEVELS.shop ** 2 },
    [...formulas.values()].map((said) => sayingOf(said, LEVELS.formula)),
  );
  const formula: Record<string, Learned> = {};
  for (const [name, said] of formulas) {
    // The shop without this formula's own saying, so that nothing is counted twice.
    const others = combine(
      { mean: 0, variance: LEVELS.shop ** 2 },
      [...formulas].filter(([one]) => one !== name).map(([, one]) => sayingOf(one, LEVELS.formula)),
    );
    formula[name] = {
      ...combine({ mean: others.mean, variance: others.variance + LEVELS.formula ** 2 }, said),
      records: count((one) => one.formula === name),
    };
  }
  const pair: Record<string, Learned> = {};
  for (const [name, { formula: of, said }] of pairs) {
    const shopWithout = combine(
      { mean: 0, variance: LEVELS.shop ** 2 },
      [...formulas].filter(([one]) => one !== of).map(([, one]) => sayingOf(one, LEVELS.formula)),
    );
    const siblings = [...pairs]
      .filter(([one, row]) => row.formula === of && one !== name)
      .map(([, row]) => sayingOf(row.said, LEVELS.wood));
    const above = combine({ mean: shopWithout.mean, variance: shopWithout.variance + LEVELS.formula ** 2 }, siblings);
    pair[name] = { ...combine({ mean: above.mean, variance: above.variance + LEVELS.wood ** 2 }, said), records: said.length };
  }
  return { shop: { ...shop, records: past.length }, formula, pair };
}

/** A standard deviation of ln A as the scale of the prior's own shape. */
const scaleOf = (variance: number): number => Math.sqrt(variance / Z_VARIANCE);

/** What is known of the next batch of a formula on a wood: the shift of ln A and the scale of its prior, from `variance + within²`. */
export function nextBatch(
  { shop, formula, pair }: Learning,
  of: string,
  wood: string,
): { readonly lnShift: number; readonly scale: number; readonly records: number } {
  const known = pair[key(of, wood)];
  if (known) return { lnShift: known.mean, scale: scaleOf(known.variance + WITHIN ** 2), records: known.records };
  const above = formula[of];
  if (above)
    return { lnShift: above.mean, scale: scaleOf(above.variance + LEVELS.wood ** 2 + WITHIN ** 2), records: above.records };
  return {
    lnShift: shop.mean,
    scale: scaleOf(shop.variance + LEVELS.formula ** 2 + LEVELS.wood ** 2 + WITHIN ** 2),
    records: shop.records,
  };
}
