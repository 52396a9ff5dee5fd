/** What goes into a batch, minor units; null where it is not known. */
export type Spent = {
  readonly pieces: number;
  /** Wood of one piece. */
  readonly woodMinor: number | null;
  /** Each draw of a material: grams, and its price a kilogram. */
  readonly draws: readonly { readonly grams: number; readonly minorPerKg: number | null }[];
  /** Minutes of hands for the whole batch, and what an hour of them costs. */
  readonly handsMin: number;
  readonly hourMinor: number | null;
  /** The jar that goes into the box with a piece, with what is in it: nought where none goes. */
  readonly jarMinor: number | null;
  readonly slipMinor: number | null;
  /** What one piece is to sell for. */
  readonly priceMinor: number | null;
};
export const COST_PARTS = ['wood', 'blend', 'hands', 'jar', 'slip'] as const;
export type CostPart = (typeof COST_PARTS)[number];

/** The cost of one piece, minor units, not rounded. `unknown` parts are in no sum, so a margin beside any is at most that. */
export type RecordedCost = {
  readonly parts: Readonly<Record<CostPart, number | null>>;
  readonly unknown: readonly CostPart[];
  readonly sumMinor: number;
  readonly priceMinor: number | null;
  readonly marginMinor: number | null;
  readonly handsMinPerPiece: number;
  readonly gramsPerPiece: number;
};

/**
 * What one piece cost: `wood + Σ grams·price/1000/n + minutes/60·hour/n + jar + slip`, and what is left of its price.
 * A draw without a price makes the whole of the blend unknown.
 */
export function costOf({ pieces, woodMinor, draws, handsMin, hourMinor, jarMinor, slipMinor, priceMinor }: Spent): RecordedCost {
  const n = Math.max(1, pieces);
  const blend = draws.some((draw) => draw.minorPerKg === null)
    ? null
    : draws.reduce((sum, draw) => sum + (draw.grams * (draw.minorPerKg ?? 0)) / 1000, 0) / n;
  const parts = {
    wood: woodMinor,
    blend,
    hands: hourMinor === null ? null : (handsMin / 60 / n) * hourMinor,
    jar: jarMinor,
    slip: slipMinor,
  };
  const sumMinor = COST_PARTS.reduce((sum, part) => sum + (parts[part] ?? 0), 0);
  return {
    parts,
    unknown: COST_PARTS.filter((part) => parts[part] === null),
    sumMinor,
    priceMinor,
    marginMinor: priceMinor === null ? null : priceMinor - sumMinor,
    handsMinPerPiece: handsMin / n,
    gramsPerPiece: draws.reduce((sum, draw) => sum + draw.grams, 0) / n,
  };
}
