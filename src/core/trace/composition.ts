/** A lot as far as tracing goes: bought lots are one ingredient, made ones come from others. */
export type TracedLot = { readonly id: number; readonly ingredient: string | null };
/** So many grams of one lot went into another. */
export type LotEdge = { readonly from: number; readonly into: number; readonly grams: number };

/** Lots that went into one, itself left out, nearest first. */
export function lotsInto(lot: number, edges: readonly LotEdge[]): number[] {
  const found: number[] = [];
  const queue = [lot];
  for (let at = queue.shift(); at !== undefined; at = queue.shift()) {
    for (const { from } of edges.filter((edge) => edge.into === at)) {
      if (from === lot || found.includes(from)) continue;
      found.push(from);
      queue.push(from);
    }
  }
  return found;
}

/**
 * What a lot is made of by ingredient, mass fractions summing to 1; a bought lot is all itself.
 * A lot that would come from itself is taken as it was before.
 */
export function compositionOf(
  lot: number,
  lots: ReadonlyMap<number, TracedLot>,
  edges: readonly LotEdge[],
  above: readonly number[] = [],
): Readonly<Record<string, number>> {
  const own = lots.get(lot)?.ingredient;
  if (own) return { [own]: 1 };
  const into = edges.filter((edge) => edge.into === lot && edge.grams > 0 && !above.includes(edge.from) && edge.from !== lot);
  const total = into.reduce((sum, edge) => sum + edge.grams, 0);
  const fractions: Record<string, number> = {};
  for (const { from, grams } of into) {
    for (const [id, share] of Object.entries(compositionOf(from, lots, edges, [...above, lot]))) {
      fractions[id] = (fractions[id] ?? 0) + (share * grams) / total;
    }
  }
  return fractions;
}
