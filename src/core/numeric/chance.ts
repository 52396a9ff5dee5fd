import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';

/** Draws thrown away first: those of neighbouring small seeds are alike. */
const THROWN_AWAY = 20;

/** Numbers between 0 and 1, never either, that look random and are the same for the same seed. */
export function randomFrom(seed: number): () => number {
  const random = xoroshiro128plus(seed);
  for (let i = 0; i < THROWN_AWAY; i++) random.next();
  return () => ((random.next() >>> 0) + 0.5) / 2 ** 32;
}

/** One draw from the normal distribution, mean 0 and spread 1 (Box and Muller). */
export const normalFrom = (random: () => number): number => Math.sqrt(-2 * Math.log(random())) * Math.cos(2 * Math.PI * random());
