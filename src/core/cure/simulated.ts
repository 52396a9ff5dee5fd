import { normalFrom, randomFrom } from '@/core/numeric';
import { neededHours, quantile, TAIL_DF, Z_VARIANCE } from './cure';
import { LEVELS, learnA0, nextBatch, type PastBatch, WITHIN } from './learn';

/** Student's t of the prior's tails, drawn until it lies on the prior's grid, in standard deviations. */
function heavyTailed(random: () => number): number {
  for (;;) {
    let chi = 0;
    for (let i = 0; i < TAIL_DF; i++) chi += normalFrom(random) ** 2;
    const t = normalFrom(random) / Math.sqrt(chi / TAIL_DF);
    if (Math.abs(t) <= 6) return t / Math.sqrt(Z_VARIANCE);
  }
}

/** Quantiles of ln A around a shift, from the very grid the screens take them from; never left out. */
function lnBand(scale: number): { readonly low: number; readonly high: number } {
  const prior = neededHours(1, [], 'oxidise', scale);
  const ever = 1 - prior.never;
  return { low: Math.log(quantile(prior, 0.1 * ever) ?? 1), high: Math.log(quantile(prior, 0.9 * ever) ?? 1) };
}

/**
 * Simulated shops of three formulas on two woods, twenty batches each: each batch is foretold from those before it.
 * @returns how many of the batches' true needs lay in the band of eight in ten, and how many there were
 */
export function coverage(seed: number, batches: number): { readonly held: number; readonly all: number } {
  const random = randomFrom(seed);
  let [held, all] = [0, 0];
  while (all < batches) {
    const shop = LEVELS.shop * normalFrom(random);
    const formulas = ['a', 'b', 'c'].map((id) => ({ id, shift: shop + LEVELS.formula * normalFrom(random) }));
    const pairs = formulas.flatMap((formula) =>
      ['x', 'y'].map((wood) => ({ formula: formula.id, wood, shift: formula.shift + LEVELS.wood * normalFrom(random) })),
    );
    const past: PastBatch[] = [];
    for (let i = 0; i < 20; i++) {
      const pair = pairs[Math.floor(random() * pairs.length)];
      if (!pair) continue;
      const need = pair.shift + WITHIN * heavyTailed(random);
      const next = nextBatch(learnA0(past), pair.formula, pair.wood);
      all++;
      const { low, high } = lnBand(next.scale);
      if (need - next.lnShift >= low && need - next.lnShift <= high) held++;
      // What its checks said of it: its need, blurred.
      const blur = 0.1 + 0.15 * random();
      past.push({ formula: pair.formula, wood: pair.wood, lnShift: need + blur * normalFrom(random), variance: blur ** 2 });
    }
  }
  return { held, all };
}
