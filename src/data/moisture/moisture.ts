import 'server-only';
import { asc, eq } from 'drizzle-orm';
import { type Dampness, type DryByWeight, type DryWeighing, dampness, dryBy, dryByWeight, emc } from '@/core/piece';
import { fail, groupBy, ok, type Result } from '@/core/quantity';
import { type By, command } from '../command';
import type { Db } from '../db';
import { batch, dryWeighing, moistureReading, piece } from '../schema';
import { lastReading } from '../shop/queries';

export type Moisture = typeof moistureReading.$inferSelect;

/** What a meter said of a batch's wood. */
export function recordMoisture(
  db: Db,
  input: { readonly batchId: number; readonly percent: number; readonly spot: string; readonly isValid: boolean },
  by: By,
): Result<void> {
  return command(db, (tx) => {
    if (!tx.select().from(batch).where(eq(batch.id, input.batchId)).get()) return fail('not-found', 'batchId');
    if (!(input.percent >= 2 && input.percent <= 120)) return fail('too-large', 'percent', { least: 2, most: 120 });
    tx.insert(moistureReading)
      .values({ ...input, personId: by.personId, at: by.nowMs })
      .run();
    return ok(undefined);
  });
}

/** A blank on the scale while it dries; sent twice it is kept once. */
export function weighBlank(
  db: Db,
  input: { readonly clientId: string; readonly batchId: number; readonly pieceId: number; readonly grams: number },
  by: By,
): Result<void> {
  return command(db, (tx) => {
    if (tx.select().from(dryWeighing).where(eq(dryWeighing.clientId, input.clientId)).get()) return ok(undefined);
    const of = tx.select().from(piece).where(eq(piece.id, input.pieceId)).get();
    if (of?.batchId !== input.batchId) return fail('no-such-piece', 'piece', { tag: '' });
    tx.insert(dryWeighing)
      .values({ ...input, personId: by.personId, at: by.nowMs })
      .run();
    return ok(undefined);
  });
}

/** A blank that was weighed while it dried: its weighings, and what they say. */
export type BlankState = {
  readonly ordinal: number;
  readonly tag: string | null;
  readonly weighings: readonly DryWeighing[];
  readonly says: DryByWeight | null;
};

function blanksOf(db: Db, batchId: number, emcPercent: number | null): BlankState[] {
  const rows = db
    .select()
    .from(dryWeighing)
    .innerJoin(piece, eq(piece.id, dryWeighing.pieceId))
    .where(eq(dryWeighing.batchId, batchId))
    .orderBy(asc(dryWeighing.at))
    .all();
  return [...groupBy(rows, (row) => row.piece.id).values()].map((same) => {
    const weighings = same.map((row) => ({ atMs: row.dry_weighing.at, grams: row.dry_weighing.grams }));
    const of = same[0]?.piece;
    return { ordinal: of?.ordinal ?? 0, tag: of?.tag ?? null, weighings, says: dryByWeight(weighings, emcPercent) };
  });
}

export type WoodState = {
  readonly readings: readonly Moisture[];
  readonly emcPercent: number | null;
  readonly dampness: Dampness | null;
  readonly dryBy: ReturnType<typeof dryBy>;
  /** Blanks that were weighed while they dried. */
  readonly blanks: readonly BlankState[];
};

/** A batch's wood against the air it stands in: how damp it is, and when it will be fit. */
export function woodState(db: Db, batchId: number, placeId: number | null): WoodState {
  const readings = db
    .select()
    .from(moistureReading)
    .where(eq(moistureReading.batchId, batchId))
    .orderBy(asc(moistureReading.at))
    .all();
  const air = placeId === null ? null : lastReading(db, placeId);
  const equilibrium = air ? emc({ tempC: air.tempC, rh: air.rhFraction }) : null;
  const emcPercent = equilibrium?.ok ? equilibrium.value.emcPercent : null;
  const valid = readings.filter((one) => one.isValid).map((one) => ({ atMs: one.at, percent: one.percent }));
  return {
    readings,
    blanks: blanksOf(db, batchId, emcPercent),
    emcPercent,
    dampness: dampness(valid, emcPercent),
    dryBy: emcPercent === null ? null : dryBy(valid, emcPercent),
  };
}
