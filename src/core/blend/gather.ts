/** A lot that could be drawn from. */
export type GatherLot = {
  readonly id: number;
  readonly ingredient: string;
  readonly leftG: number;
  readonly bestBefore: string | null;
};

export type Gathered = {
  readonly ingredient: string;
  readonly needG: number;
  readonly takes: readonly { readonly lotId: number; readonly grams: number }[];
  readonly shortG: number;
};

/** Grams this few are nothing on a bench scale. */
const NOTHING_G = 1e-6;

/** Which lots a pot draws from: earliest best-before first, split over lots where one is not enough; undated ones last. */
export function gather(needs: Readonly<Record<string, number>>, lots: readonly GatherLot[]): Gathered[] {
  return Object.entries(needs).map(([ingredient, needG]) => {
    let open = needG;
    const takes: { lotId: number; grams: number }[] = [];
    const shelf = lots
      .filter((lot) => lot.ingredient === ingredient && lot.leftG > NOTHING_G)
      .sort((a, b) => (a.bestBefore ?? '9999').localeCompare(b.bestBefore ?? '9999') || a.id - b.id);
    for (const lot of shelf) {
      if (open <= NOTHING_G) break;
      const grams = Math.min(lot.leftG, open);
      takes.push({ lotId: lot.id, grams });
      open -= grams;
    }
    return { ingredient, needG, takes, shortG: open > NOTHING_G ? open : 0 };
  });
}

/**
 * A slip spread over the next pot: what goes into it so that both pots together hold the ratio.
 * `n_i = w_i·(T1 + T2) − p_i`
 * @param fractions the formula's mass fractions; `poured` what the first pot holds, g; `nextG` the next pot's size
 * @returns grams by ingredient; null where the next pot is too small to take the slip up
 */
export function spreadOver(
  fractions: Readonly<Record<string, number>>,
  poured: Readonly<Record<string, number>>,
  nextG: number,
): Readonly<Record<string, number>> | null {
  const first = Object.values(poured).reduce((sum, grams) => sum + grams, 0);
  const next = Object.entries(fractions).map(([id, w]) => [id, w * (first + nextG) - (poured[id] ?? 0)] as const);
  return next.some(([, grams]) => grams <= 0) ? null : Object.fromEntries(next);
}
