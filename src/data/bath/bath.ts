import 'server-only';
import { and, desc, eq, inArray } from 'drizzle-orm';
import { volumeMl } from '@/core/piece';
import type { Db } from '../db';
import { movement, placement } from '../schema';
import type { KnownLot } from '../stores/queries';
import { loadBatch, openBatchIds, piecesIn } from '../work/batch';
import { estimatedGrams } from '../work/record';
import { progressOfBatch } from '../work/standing';

export type BathState = {
  /** Oil in the trough, and what the pieces under in it displace, millilitres. */
  readonly oilMl: number;
  readonly displacedMl: number;
  readonly inIt: readonly { readonly number: string; readonly pieces: number; readonly sinceMs: number }[];
  /** What the pieces in it will carry out, grams: an estimate. */
  readonly uptakeG: number;
  /** What was poured in since it was started, grams; what is short of it when the pieces are out. */
  readonly filledG: number;
  readonly topUpG: number;
  /** What is left once they are out, millilitres. */
  readonly leftMl: number;
};

const DEFAULT_DENSITY = 0.86;

/** How a bath stands: level from what goes in and out, the pieces under in it, what they take with them, what was seen of it. */
export function bathState(db: Db, lot: KnownLot, nowMs: number): BathState {
  const density = lot.nature?.densityGPerMl ?? DEFAULT_DENSITY;
  const inside = openBatchIds(db).flatMap((id) => {
    const batch = loadBatch(db, id, nowMs);
    const slot = batch?.lots.find((one) => one.lot.id === lot.id)?.slot;
    if (!batch || slot === undefined || batch.place?.kind !== 'bath') return [];
    const { progress } = progressOfBatch(batch);
    const last = progress.done.at(-1);
    if (last?.task.step.coatClass !== 'bath') return [];
    const since =
      db
        .select({ at: placement.at })
        .from(placement)
        .where(and(eq(placement.batchId, id), eq(placement.placeId, batch.place.id)))
        .orderBy(desc(placement.at))
        .get()?.at ?? last.fact.atMs;
    return [
      {
        number: batch.number,
        pieces: piecesIn(batch).length,
        sinceMs: since,
        ml: volumeMl(batch.design.geometry) * piecesIn(batch).length,
        grams: estimatedGrams(batch, last.task),
      },
    ];
  });
  const uptakeG = inside.reduce((sum, one) => sum + one.grams, 0);
  const filledG = db
    .select()
    .from(movement)
    .where(and(eq(movement.lotId, lot.id), inArray(movement.why, ['bath', 'receive'])))
    .all()
    .reduce((sum, row) => sum + Math.max(0, row.grams), 0);
  return {
    oilMl: lot.leftG / density,
    displacedMl: inside.reduce((sum, one) => sum + one.ml, 0),
    inIt: inside.map(({ number, pieces, sinceMs }) => ({ number, pieces, sinceMs })),
    uptakeG,
    filledG,
    topUpG: Math.max(0, filledG - lot.leftG),
    leftMl: Math.max(0, (lot.leftG - uptakeG) / density),
  };
}
