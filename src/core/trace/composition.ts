/** A lot as far as tracing goes: bought ones are known by what is in them, others come from lots. */
export type TracedLot = { readonly id: number; readonly own: Readonly<Record<string, number>> | null };
/** So many grams of one lot went into another. */
export type LotEdge = { readonly from: number; readonly into: number; readonly grams: number };

/** Edges by the lot they go into, looked up once. */
export function edgesInto(edges: readonly LotEdge[]): ReadonlyMap<number, readonly LotEdge[]> {
  const into = new Map<number, LotEdge[]>();
  for (const edge of edges) {
    const found = into.get(edge.into);
    if (found) found.push(edge);
    else into.set(edge.into, [edge]);
  }
  return into;
}

/** Lots that went into one, itself left out, nearest first. */
export function lotsInto(lot: number, into: ReadonlyMap<number, readonly LotEdge[]>): number[] {
  const found = new Set<number>();
  const queue = [lot];
  for (let at = queue.shift(); at !== undefined; at = queue.shift()) {
    for (const { from } of into.get(at) ?? []) {
      if (from === lot || found.has(from)) continue;
      found.add(from);
      queue.push(from);
    }
  }
  return [...found];
}

/**
 * What lots are made of by ingredient, mass fractions summing to 1; each lot is reckoned once.
 * A bath is all that ever went into it: what was drawn from it is not taken off, so that an allergen stays for ever.
 * A lot that would come from itself is taken as it was before.
 */
export function compositions(
  lots: readonly TracedLot[],
  into: ReadonlyMap<number, readonly LotEdge[]>,
): (lot: number) => Readonly<Record<string, number>> {
  const own = new Map(lots.map((lot) => [lot.id, lot.own]));
  const known = new Map<number, Readonly<Record<string, number>>>();
  const under = new Set<number>();
  const of = (lot: number): Readonly<Record<string, number>> => {
    const found = own.get(lot) ?? known.get(lot);
    if (found) return found;
    under.add(lot);
    const parts = (into.get(lot) ?? []).filter((edge) => edge.grams > 0 && !under.has(edge.from));
    const total = parts.reduce((sum, edge) => sum + edge.grams, 0);
    const fractions: Record<string, number> = {};
    for (const { from, grams } of parts)
      for (const [id, share] of Object.entries(of(from))) fractions[id] = (fractions[id] ?? 0) + (share * grams) / total;
    under.delete(lot);
    known.set(lot, fractions);
    return fractions;
  };
  return of;
}
