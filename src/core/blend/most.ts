/** One line of a blend as far as filling cares: its share of the mass, 0 to 1. */
type Share = { readonly ingredient: string; readonly massFraction: number };
type Jar = { readonly capacityMl: number; readonly fillFraction: number; readonly have: number };
export type Most = {
  readonly count: number;
  /** What ends it: an ingredient that runs out, or `jars`. */
  readonly endsWith: string;
};

/** What stays in a pot, g, until a shop's own pots have said it. Working estimate: a film on a litre pot and its spoon. */
export const FIRST_RESIDUE_G = 4;

/** What is weighed on top of what the jars take: what usually stays; of a shop's first pot only where jars are to come out full. */
export const residueFor = (usualG: number, forJars: boolean): number => (usualG > 0 ? usualG : forJars ? FIRST_RESIDUE_G : 0);

/** Weighing and rounding leave so little, g. */
const HAIR = 1e-6;

/**
 * How many jars of a size can be filled now, from what is in the stores (g by ingredient) and what stays in the pot (g); and what ends it.
 * Density in g/ml, capacity in ml. Where an ingredient and the jars end it alike, the ingredient is named: it is the one to buy.
 */
export function mostJars(
  lines: readonly Share[],
  stock: Readonly<Record<string, number>>,
  densityGPerMl: number,
  residueG: number,
  { capacityMl, fillFraction, have }: Jar,
): Most {
  const netG = capacityMl * fillFraction * densityGPerMl;
  const short = lines
    .filter(({ massFraction }) => massFraction > 0)
    .map(({ ingredient, massFraction }) => ({ ingredient, potG: (stock[ingredient] ?? 0) / massFraction }))
    .sort((a, b) => a.potG - b.potG)[0];
  const byStock = short && netG > 0 ? Math.max(0, Math.floor((short.potG - residueG) / netG + HAIR)) : 0;
  return short && byStock <= have ? { count: byStock, endsWith: short.ingredient } : { count: have, endsWith: 'jars' };
}
