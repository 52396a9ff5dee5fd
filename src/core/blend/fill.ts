import { check } from '@/core/contract';
import { fail, ok, type Result } from '@/core/quantity';
import { FillInput } from './schema';

/** Masses within this many grams of each other count as equal. */
const EQUAL_G = 1e-6;
/** Most ways of filling one half of the sizes that are looked through. */
const MOST_WAYS = 3_000_000;
/** Expansion of oil per K above 20 °C. Source: working estimate for vegetable and mineral oils. */
export const EXPANSION_PER_K = 0.00075;
/** Extra volume of molten wax over solid, as a share. Source: working estimate. */
export const MOLTEN_WAX_EXPANSION = 0.1;
/** Hot level as a share of the brim past which a jar is filled in two goes. Source: working estimate. */
export const HOT_BRIM_LIMIT = 0.98;

export type Fill = {
  readonly counts: Readonly<Record<string, number>>;
  readonly netG: Readonly<Record<string, number>>;
  readonly leftG: number;
  readonly hotBrim?: Readonly<Record<string, number>>;
};

type Size = { readonly id: string; readonly netG: number; readonly most: number };
type JarMix = { readonly sumG: number; readonly jars: number; readonly counts: readonly number[] };

/** Every way of taking jars of some sizes without passing the mass, by ascending mass. */
function waysOf(sizes: readonly Size[], massG: number): Result<readonly JarMix[]> {
  let ways: JarMix[] = [{ sumG: 0, jars: 0, counts: [] }];
  for (const { netG, most } of sizes) {
    const next: JarMix[] = [];
    for (const way of ways) {
      for (let n = 0; n <= most && way.sumG + n * netG <= massG + EQUAL_G; n++) {
        next.push({ sumG: way.sumG + n * netG, jars: way.jars + n, counts: [...way.counts, n] });
      }
      if (next.length > MOST_WAYS) return fail('too-many-combinations', 'sizes', { most: MOST_WAYS });
    }
    ways = next;
  }
  return ok(ways.sort((a, b) => a.sumG - b.sumG));
}

/** Index of the last way whose mass is at most `limit`; −1 when none is. */
function lastWithin(ways: readonly JarMix[], limit: number): number {
  let [low, high] = [0, ways.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((ways[middle] as JarMix).sumG <= limit) low = middle + 1;
    else high = middle;
  }
  return low - 1;
}

/** Fewer containers first, then more of the earlier size. */
function isBetter(jars: number, counts: readonly number[], than: JarMix | undefined): boolean {
  if (!than) return true;
  if (jars !== than.jars) return jars < than.jars;
  const differs = counts.findIndex((count, index) => count !== than.counts[index]);
  return differs >= 0 && (counts[differs] ?? 0) > (than.counts[differs] ?? 0);
}

/** The best pairing of ways of two halves: least left, then the tie rules. */
function bestPair(first: readonly JarMix[], second: readonly JarMix[], massG: number): JarMix | undefined {
  let most = 0;
  for (const a of first) {
    const b = second[lastWithin(second, massG + EQUAL_G - a.sumG)];
    if (b) most = Math.max(most, a.sumG + b.sumG);
  }
  let best: JarMix | undefined;
  for (const a of first) {
    for (let i = lastWithin(second, massG + EQUAL_G - a.sumG); i >= 0; i--) {
      const b = second[i] as JarMix;
      if (a.sumG + b.sumG < most - EQUAL_G) break;
      const counts = [...a.counts, ...b.counts];
      if (isBetter(a.jars + b.jars, counts, best)) best = { sumG: a.sumG + b.sumG, jars: a.jars + b.jars, counts };
    }
  }
  return best;
}

/**
 * Which jars to fill from a pot so that least is left (calc.md, 3): least left, then fewest jars, then more of the earlier size.
 * A filled container holds `capacityMl·fill·density` grams. Exact: the sizes are halved and every pair of ways is met in the middle.
 * `hotBrim = fill·(1 + 0.00075·(pourC − 20) + 0.10·waxFraction)`, the level while hot as a share of the brim.
 */
export function fill(input: unknown): Result<Fill> {
  const checked = check(FillInput, input);
  if (!checked.ok) return checked;
  const { massG, lossG, densityGPerMl, sizes, pourC, waxFraction } = checked.value;
  const repeated = sizes.findIndex((size, index) => sizes.findIndex((other) => other.id === size.id) !== index);
  if (repeated >= 0) return fail('duplicate-id', `sizes.${repeated}.id`, { id: sizes[repeated]?.id ?? '' });
  const potG = massG - lossG;
  if (potG <= 0) return fail('nothing-to-fill', 'lossG', { massG, lossG });
  const filled = sizes.map((size) => ({ ...size, netG: size.capacityMl * size.fill * densityGPerMl, most: size.have }));
  const half = Math.ceil(filled.length / 2);
  const first = waysOf(filled.slice(0, half), potG);
  const second = waysOf(filled.slice(half), potG);
  if (!first.ok) return first;
  if (!second.ok) return second;
  const best = bestPair(first.value, second.value, potG);
  const counts = best?.counts ?? [];
  const byId = <T>(value: (size: (typeof filled)[number], index: number) => T): Record<string, T> =>
    Object.fromEntries(filled.map((size, index) => [size.id, value(size, index)]));
  return ok({
    counts: byId((_, index) => counts[index] ?? 0),
    netG: byId((size) => size.netG),
    leftG: Math.max(0, potG - (best?.sumG ?? 0)),
    ...(pourC === undefined
      ? {}
      : { hotBrim: byId((size) => size.fill * (1 + EXPANSION_PER_K * (pourC - 20) + MOLTEN_WAX_EXPANSION * waxFraction)) }),
  });
}
