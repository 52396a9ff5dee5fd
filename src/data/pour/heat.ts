import 'server-only';
import { eq } from 'drizzle-orm';
import { POT_HEATERS, type PotMoments } from '@/core/melt';
import { fail, MS_PER_MINUTE, ok, type Result } from '@/core/quantity';
import { type By, command } from '../command';
import type { Db } from '../db';
import { keep } from '../kept';
import { pan, potReading } from '../schema';
import { changePot, madeOf, mayPractise, openPot } from './open';
import { findPot, openPours } from './queries';

export function recordPotTemperature(
  db: Db,
  {
    practice = false,
    ...input
  }: { readonly clientId: string; readonly pourId: number; readonly tempC: number; readonly practice?: boolean },
  by: By,
): Result<void> {
  return command(db, (tx) => {
    const open = openPot(tx, input.pourId, ['heating', 'filling']);
    if (!open.ok) return open;
    if (practice && !mayPractise(tx, open.value.pot)) return fail('practice-only', 'temp');
    tx.insert(potReading)
      .values({ ...input, at: by.nowMs })
      .onConflictDoNothing({ target: potReading.clientId })
      .run();
    return ok(undefined);
  });
}

/** A reading this old no longer says how warm a pot is. Source: working choice. */
const READING_FRESH_MS = 15 * MS_PER_MINUTE;

/**
 * The pot is clear and off the heat. One in two stages goes back on the scale for its solvent, but only once the thermometer has shown it
 * below the mark: vapour of what is stirred in hotter catches fire.
 */
export function finishHeating(db: Db, pourId: number, version: number, by: By): Result<void> {
  return command(db, (tx) => {
    const open = openPot(tx, pourId, ['heating'], version);
    if (!open.ok) return open;
    const { pot } = open.value;
    const made = madeOf(tx, pot);
    if (!made.ok) return made;
    const { addBelowC } = made.value;
    if (addBelowC === undefined || pot.lotId !== null) {
      changePot(tx, pot, { state: 'filling' });
      return ok(undefined);
    }
    const last = pot.temperatures.at(-1);
    const isFresh = last !== undefined && by.nowMs - last.at <= READING_FRESH_MS;
    if (!isFresh || last.tempC >= addBelowC) return fail('too-warm-for-solvent', 'temp', { most: addBelowC });
    changePot(tx, pot, { state: 'weighing', cooledAt: by.nowMs });
    return ok(undefined);
  });
}

/** The pot goes on the heat in a pan by name. */
export function putOnHeat(db: Db, pourId: number, version: number, panId: number | null, by: By): Result<void> {
  return command(db, (tx) => {
    const open = openPot(tx, pourId, ['heating'], version);
    if (!open.ok) return open;
    if (panId !== null && !tx.select().from(pan).where(eq(pan.id, panId)).get()) return fail('not-found', 'panId');
    changePot(tx, open.value.pot, { panId, onHeatAt: by.nowMs });
    return ok(undefined);
  });
}

/** A pot that stands on the heat now. */
export type HeatedPot = PotMoments & { readonly pourId: number; readonly name: string };

/** Every pot that stands on the heat now. */
export const heatedPots = (db: Db): HeatedPot[] =>
  keep(db, 'heated pots', () =>
    openPours(db).flatMap(({ id, state }) => {
      const pot = state === 'heating' ? findPot(db, id) : null;
      const made = pot && madeOf(db, pot);
      if (!pot || !made?.ok || pot.onHeatAt === null) return [];
      const last = pot.temperatures.at(-1);
      const { clearC, pourC, holdMaxC, addBelowC } = made.value;
      return [
        {
          pourId: id,
          name: pot.revision.name,
          heater: POT_HEATERS.find((one) => one === pot.heater) ?? 'water-bath',
          heat: { clearC, pourC, holdMaxC, addBelowC },
          onHeatAt: pot.onHeatAt,
          mindedAt: pot.mindedAt,
          tempC: last?.tempC ?? null,
          readAt: last?.at ?? null,
        },
      ];
    }),
  );

/** Somebody is at the pot. */
export function minded(db: Db, pourId: number, by: By): Result<void> {
  return command(db, (tx) => {
    const open = openPot(tx, pourId, ['heating']);
    if (!open.ok) return open;
    changePot(tx, open.value.pot, { mindedAt: by.nowMs });
    return ok(undefined);
  });
}

/** How large the pieces of wax are, mm, and what water stands in the bath, g. */
export function sayPot(
  db: Db,
  pourId: number,
  facts: { readonly pieceMm?: number; readonly waterG?: number | null },
): Result<void> {
  return command(db, (tx) => {
    const open = openPot(tx, pourId, ['weighing', 'heating']);
    if (!open.ok) return open;
    changePot(tx, open.value.pot, facts);
    return ok(undefined);
  });
}

type PanInput = {
  readonly name: string;
  readonly waterG: number;
  readonly heaterW: number;
  readonly lossWPerK: number;
  readonly uaWPerK: number;
};

export function addPan(db: Db, input: PanInput): Result<void> {
  return command(db, (tx) => {
    if (tx.select().from(pan).where(eq(pan.name, input.name)).get()) return fail('name-taken', 'name', { name: input.name });
    tx.insert(pan).values(input).run();
    return ok(undefined);
  });
}

/** Takes up what a pan's logged melts say of it. */
export function fitPanTo(db: Db, panId: number, fitted: Omit<PanInput, 'name' | 'waterG'>, readings: number): Result<void> {
  return command(db, (tx) => {
    const row = tx.select().from(pan).where(eq(pan.id, panId)).get();
    if (!row) return fail('not-found', 'panId');
    tx.update(pan)
      .set({ ...fitted, fittedReadings: readings, version: row.version + 1 })
      .where(eq(pan.id, panId))
      .run();
    return ok(undefined);
  });
}
