import 'server-only';
import { asc, eq, sql } from 'drizzle-orm';
import { type Blend, blend } from '@/core/blend';
import { compositionOf, type LotEdge, lotsInto, type TracedLot } from '@/core/trace';
import type { Db } from '../db';
import { container, formula, formulaRevision, lot, lotEdge, movement } from '../schema';

export type Lot = typeof lot.$inferSelect;
export type Container = typeof container.$inferSelect;

/** A lot with what is left of it, what it is made of, and what that makes of it. Prices in the shop's money per kg. */
export type KnownLot = Lot & {
  readonly name: string;
  readonly leftG: number;
  readonly composition: Readonly<Record<string, number>>;
  readonly nature: Blend | null;
  readonly minorPerKg: number | null;
};

export const containers = (db: Db): Container[] => db.select().from(container).orderBy(asc(container.capacityMl)).all();

const leftByLot = (db: Db): Map<number, number> =>
  new Map(
    db
      .select({ id: movement.lotId, left: sql<number>`sum(${movement.grams})` })
      .from(movement)
      .groupBy(movement.lotId)
      .all()
      .map((row) => [row.id, row.left]),
  );

/** Grams of one lot that are left. */
export const leftOf = (db: Db, lotId: number): number =>
  db
    .select({ left: sql<number>`coalesce(sum(${movement.grams}), 0)` })
    .from(movement)
    .where(eq(movement.lotId, lotId))
    .get()?.left ?? 0;

const allEdges = (db: Db): LotEdge[] =>
  db
    .select()
    .from(lotEdge)
    .all()
    .map((row) => ({ from: row.fromLot, into: row.intoLot, grams: row.grams }));

function natureOf(composition: Readonly<Record<string, number>>): Blend | null {
  const lines = Object.entries(composition).map(([ingredient, parts]) => ({ ingredient, parts }));
  const result = blend({ lines, make: { massG: 100 } });
  return result.ok ? result.value : null;
}

/** What a kilogram of a lot cost: paid for if bought, else the cost of what went into it. Null where a price is missing. */
function costOf(id: number, lots: ReadonlyMap<number, Lot>, edges: readonly LotEdge[]): number | null {
  const found = lots.get(id);
  if (!found) return null;
  if (found.kind === 'bought') return found.priceMinor === null ? null : (found.priceMinor / found.receivedG) * 1000;
  const into = edges.filter((edge) => edge.into === id && edge.from !== id);
  const grams = into.reduce((sum, edge) => sum + edge.grams, 0);
  const costs = into.map((edge) => ({ grams: edge.grams, perKg: costOf(edge.from, lots, edges) }));
  return grams > 0 && costs.every((cost) => cost.perKg !== null)
    ? costs.reduce((sum, cost) => sum + (cost.grams / grams) * (cost.perKg ?? 0), 0)
    : null;
}

/** Every lot of the stores, newest last. Names are the ingredient's own or the formula's. */
export function allLots(db: Db): KnownLot[] {
  const rows = db.select().from(lot).orderBy(asc(lot.id)).all();
  const names = new Map(
    db
      .select({ id: formulaRevision.id, name: formula.name })
      .from(formulaRevision)
      .innerJoin(formula, eq(formula.id, formulaRevision.formulaId))
      .all()
      .map((row) => [row.id, row.name]),
  );
  const byId = new Map(rows.map((row) => [row.id, row]));
  const traced = new Map<number, TracedLot>(rows.map((row) => [row.id, { id: row.id, ingredient: row.ingredientId }]));
  const edges = allEdges(db);
  const left = leftByLot(db);
  return rows.map((row) => {
    const composition = compositionOf(row.id, traced, edges);
    return {
      ...row,
      name: row.formulaRevisionId ? (names.get(row.formulaRevisionId) ?? '') : (row.ingredientId ?? ''),
      leftG: Math.max(0, left.get(row.id) ?? 0),
      composition,
      nature: natureOf(composition),
      minorPerKg: costOf(row.id, byId, edges),
    };
  });
}

/** Lots that went into one, nearest first: what a recall would follow. */
export function originsOf(lots: readonly KnownLot[], db: Db, lotId: number): KnownLot[] {
  return lotsInto(lotId, allEdges(db)).flatMap((id) => lots.filter((one) => one.id === id));
}

/** What a kilogram of each ingredient costs from the lots that still hold some, weighted by what is left. */
export function pricesPerKg(lots: readonly KnownLot[]): Record<string, number> {
  const sums = new Map<string, { minor: number; grams: number }>();
  for (const { kind, ingredientId, leftG, minorPerKg } of lots) {
    if (kind !== 'bought' || !ingredientId || minorPerKg === null || leftG <= 0) continue;
    const sum = sums.get(ingredientId) ?? { minor: 0, grams: 0 };
    sums.set(ingredientId, { minor: sum.minor + minorPerKg * leftG, grams: sum.grams + leftG });
  }
  return Object.fromEntries([...sums].map(([id, { minor, grams }]) => [id, minor / grams]));
}
