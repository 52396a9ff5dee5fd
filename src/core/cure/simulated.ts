import { LEVELS, learnA0, nextBatch, type PastBatch, WITHIN } from './learn';

/** Numbers that look random and are the same every time, 0–1. */
export function randomFrom(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return (state + 0.5) / 4294967296;
  };
}
const normal = (random: () => number): number => Math.sqrt(-2 * Math.log(random())) * Math.cos(2 * Math.PI * random());
/** z of a band that holds eight in ten. */
const Z80 = 1.2815515655;

/**
 * Simulated shops of three formulas on two woods, twenty batches each: each batch is foretold from those before it.
 * @returns how many of the batches' true needs lay in the band of eight in ten, and how many there were
 */
export function coverage(seed: number, batches: number): { readonly held: number; readonly all: number } {
  const random = randomFrom(seed);
  let [held, all] = [0, 0];
  while (all < batches) {
    const shop = LEVELS.shop * normal(random);
    const formulas = ['a', 'b', 'c'].map((id) => ({ id, shift: shop + LEVELS.formula * normal(random) }));
    const pairs = formulas.flatMap((formula) =>
      ['x', 'y'].map((wood) => ({ formula: formula.id, wood, shift: formula.shift + LEVELS.wood * normal(random) })),
    );
    const past: PastBatch[] = [];
    for (let i = 0; i < 20; i++) {
      const pair = pairs[Math.floor(random() * pairs.length)];
      if (!pair) continue;
      const need = pair.shift + WITHIN * normal(random);
      const next = nextBatch(learnA0(past), pair.formula, pair.wood);
      all++;
      if (Math.abs(need - next.lnShift) <= Z80 * next.spread) held++;
      // What its checks said of it: its need, blurred.
      const blur = 0.1 + 0.15 * random();
      past.push({ formula: pair.formula, wood: pair.wood, lnShift: need + blur * normal(random), variance: blur ** 2 });
    }
  }
  return { held, all };
}
