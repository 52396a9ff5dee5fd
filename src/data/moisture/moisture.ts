import 'server-only';
import { asc, eq } from 'drizzle-orm';
import { dampness, type Dampness, dryBy, emc } from '@/core/piece';
import { fail, ok, type Result } from '@/core/quantity';
import { type By, command } from '../command';
import type { Db } from '../db';
import { batch, moistureReading } from '../schema';
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

export type WoodState = {
  readonly readings: readonly Moisture[];
  readonly emcPercent: number | null;
  readonly dampness: Dampness | null;
  readonly dryBy: ReturnType<typeof dryBy>;
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
    emcPercent,
    dampness: dampness(valid, emcPercent),
    dryBy: emcPercent === null ? null : dryBy(valid, emcPercent),
  };
}
