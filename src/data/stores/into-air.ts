import 'server-only';
import { eq } from 'drizzle-orm';
import type { Went } from '@/core/blend';
import { type Catalogue, findIngredient } from '@/core/material';
import { fail, ok, type Result } from '@/core/quantity';
import { compositions, edgesInto, lotsInto } from '@/core/trace';
import { type By, command } from '../command';
import type { Db } from '../db';
import { lot, lotEdge } from '../schema';
import { catalogueOf } from './catalogue';
import { LEAST_EDGE_G } from './combine';
import { countLot, move } from './commands';
import { type KnownLot, lotOf } from './queries';

/** What was found of a vessel: weighed, g, or read off as a volume, ml. */
type Found = { readonly grams: number } | { readonly ml: number };

/** From this share of solvent on what is missing may have gone through the lid. Working estimate. */
const ASKS_FROM = 0.02;
/** Less missing than this is how a scale and a ruler differ: a gram, or one in a hundred. Working estimate. */
const SLACK = { grams: 1, share: 0.01 } as const;
const isVolatile = (id: string, catalogue: Catalogue): boolean => findIngredient(id, catalogue)?.volatileFraction === 1;

/** The solvent in a mix: its share of the mass, and its density, g/ml. */
function solventIn(
  { composition }: Pick<KnownLot, 'composition'>,
  catalogue: Catalogue,
): { readonly share: number; readonly gPerMl: number } {
  const own = Object.entries(composition).filter(([id]) => isVolatile(id, catalogue));
  const share = own.reduce((sum, [, w]) => sum + w, 0);
  const ml = own.reduce((sum, [id, w]) => sum + w / (findIngredient(id, catalogue)?.densityGPerMl ?? 1), 0);
  return { share, gPerMl: ml > 0 ? share / ml : 1 };
}

/** Whether it may have lost solvent through its lid, so that what is left is another mix: a mix of the shop's own with solvent in it. */
export const mayDryOut = (one: Pick<KnownLot, 'kind' | 'composition'>, catalogue: Catalogue): boolean =>
  (one.kind === 'made' || one.kind === 'bottle') && solventIn(one, catalogue).share >= ASKS_FROM;

/** What each bought lot is of a mix, g of each in one gram. */
function rootsOf(tx: Db, lotId: number): ReadonlyMap<number, number> {
  const edges = edgesInto(tx.select({ from: lotEdge.fromLot, into: lotEdge.intoLot, grams: lotEdge.grams }).from(lotEdge).all());
  const within = [lotId, ...lotsInto(lotId, edges)];
  const roots = compositions(
    within.map((id) => ({ id, own: (edges.get(id) ?? []).length === 0 ? { [id]: 1 } : null })),
    edges,
  )(lotId);
  return new Map(Object.entries(roots).map(([id, w]) => [Number(id), w]));
}

/** Solvent left a mix: what is in it is written anew from the lots it comes from, less the solvent, and none of them is forgotten. */
function dryOut(tx: Db, one: KnownLot, lostG: number): void {
  const catalogue = catalogueOf(tx);
  const stays = 1 - lostG / (one.leftG * solventIn(one, catalogue).share);
  const roots = new Map(
    [...rootsOf(tx, one.id)].map(([id, w]) => {
      const from = tx.select().from(lot).where(eq(lot.id, id)).get();
      return [id, w * one.leftG * (isVolatile(from?.ingredientId ?? '', catalogue) ? stays : 1)] as const;
    }),
  );
  for (const { fromLot } of tx.select().from(lotEdge).where(eq(lotEdge.intoLot, one.id)).all())
    if (!roots.has(fromLot)) roots.set(fromLot, 0);
  for (const [fromLot, left] of roots) {
    const grams = Math.max(LEAST_EDGE_G, left);
    tx.insert(lotEdge)
      .values({ fromLot, intoLot: one.id, grams })
      .onConflictDoUpdate({ target: [lotEdge.fromLot, lotEdge.intoLot], set: { grams } })
      .run();
  }
}

/**
 * Puts a lot's stock to what was found. Where a mix with solvent holds less than the book says, it must be known whether that was used or
 * went into the air: what is left after that is a stronger mix.
 */
export function foundLeft(db: Db, lotId: number, found: Found, went: Went, by: By): Result<{ readonly grams: number }> {
  return command(db, (tx) => {
    const one = lotOf(tx, lotId);
    if (!one) return fail('not-found', 'lotId');
    const density = one.nature?.densityGPerMl;
    if (!('grams' in found) && density === undefined) return fail('not-found', 'lotId');
    const asUsedG = 'grams' in found ? found.grams : found.ml * (density ?? 1);
    const missingG = one.leftG - asUsedG;
    const isLess = missingG > Math.max(SLACK.grams, SLACK.share * one.leftG);
    if (!isLess || !mayDryOut(one, catalogueOf(tx)) || went === 'used') {
      const counted = countLot(tx, lotId, asUsedG, by);
      return counted.ok ? ok({ grams: asUsedG }) : counted;
    }
    if (went === '') return fail('used-or-air', 'went', { missing: missingG });
    const solvent = solventIn(one, catalogueOf(tx));
    // A level tells a volume: what is missing of it weighed as solvent does.
    const lostG = 'grams' in found ? missingG : (one.leftG / (density ?? 1) - found.ml) * solvent.gPerMl;
    const solventG = one.leftG * solvent.share;
    if (lostG > solventG) return fail('lost-more-than-solvent', 'went', { lostG, solventG });
    dryOut(tx, one, lostG);
    const lost = move(tx, { lotId, grams: -lostG, why: 'loss' }, by);
    return lost.ok ? ok({ grams: one.leftG - lostG }) : lost;
  });
}
