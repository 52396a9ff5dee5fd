/** One change of a lot's stock: grams signed, UTC ms. */
export type Change = { readonly at: number; readonly grams: number; readonly why: string };
/** While it was held; until null: still. */
export type HeldSpan = { readonly from: number; readonly until: number | null };

/** A lot's whole life: what was left after each change, when it was empty for good, and the spans in which it was held. */
export type Life = {
  readonly points: readonly { readonly at: number; readonly leftG: number; readonly why: string; readonly grams: number }[];
  readonly mostG: number;
  readonly emptyAt: number | null;
  readonly held: readonly HeldSpan[];
};

/** Less than this counts as nothing, g: it is under what a bench scale reads. */
const NOTHING_G = 0.05;

/** A lot's life from its ledger, in the order things happened. Of one moment the entries stand in the order they were written. */
export function lifeOf(changes: readonly Change[], held: readonly HeldSpan[]): Life {
  const inOrder = changes.map((one, i) => ({ ...one, i })).sort((a, b) => a.at - b.at || a.i - b.i);
  let leftG = 0;
  const points = inOrder.map(({ at, grams, why }) => {
    leftG += grams;
    return { at, leftG: Math.max(0, leftG), why, grams };
  });
  const last = points.at(-1);
  return {
    points,
    mostG: Math.max(0, ...points.map((one) => one.leftG)),
    emptyAt: last && last.leftG <= NOTHING_G ? last.at : null,
    held,
  };
}
