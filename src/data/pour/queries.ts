import 'server-only';
import { and, asc, desc, eq, inArray, isNotNull, isNull } from 'drizzle-orm';
import { middle } from '@/core/numeric';
import { MS_PER_MINUTE } from '@/core/quantity';
import { findRevision, type Revision, type StoredLine } from '../blends/queries';
import type { Db } from '../db';
import { keep } from '../kept';
import { container, fill, lot, movement, pan, potReading, pour, pourEntry, slip } from '../schema';

export type Pour = typeof pour.$inferSelect;
export type PourEntry = typeof pourEntry.$inferSelect;

/** A pot being made: its formula, what was weighed (corrections applied), its temperatures and what was filled from it. */
export type Pot = Pour & {
  readonly revision: Revision & { readonly name: string };
  readonly entries: readonly PourEntry[];
  readonly struck: readonly PourEntry[];
  readonly temperatures: readonly (typeof potReading.$inferSelect)[];
  readonly fills: readonly {
    readonly container: string;
    readonly count: number;
    readonly netG: number;
    readonly samplesG: readonly number[];
    readonly lotId: number;
  }[];
  readonly lotNumber: string | null;
  /** What this pot is weighed to: the formula's parts, or the grams a slip changed them to. */
  readonly weighTo: { readonly lines: readonly StoredLine[]; readonly basis: 'mass' | 'volume' };
  readonly slips: readonly (typeof slip.$inferSelect)[];
};

export function findPot(db: Db, id: number): Pot | null {
  const row = db.select().from(pour).where(eq(pour.id, id)).get();
  const revision = row && findRevision(db, row.formulaRevisionId);
  if (!row || !revision) return null;
  const all = db.select().from(pourEntry).where(eq(pourEntry.pourId, id)).orderBy(asc(pourEntry.id)).all();
  const replaced = new Set(all.map((entry) => entry.corrects));
  return {
    ...row,
    revision,
    weighTo: row.lines ? { lines: row.lines, basis: 'mass' } : { lines: revision.lines, basis: revision.basis },
    slips: db.select().from(slip).where(eq(slip.pourId, id)).orderBy(asc(slip.at)).all(),
    entries: all.filter((entry) => !replaced.has(entry.clientId)),
    struck: all.filter((entry) => replaced.has(entry.clientId)),
    temperatures: db.select().from(potReading).where(eq(potReading.pourId, id)).orderBy(asc(potReading.at)).all(),
    fills: db
      .select({ container: container.name, count: fill.count, netG: fill.netG, samplesG: fill.samplesG, lotId: fill.lotId })
      .from(fill)
      .innerJoin(container, eq(container.id, fill.containerId))
      .where(eq(fill.pourId, id))
      .all(),
    lotNumber:
      row.lotId === null
        ? null
        : (db.select({ number: lot.number }).from(lot).where(eq(lot.id, row.lotId)).get()?.number ?? null),
  };
}

/** Pots that are not finished, newest first. */
export const openPours = (db: Db): Pour[] => keep(db, 'open pours', () => readPours(db));

const readPours = (db: Db): Pour[] =>
  db
    .select()
    .from(pour)
    .where(inArray(pour.state, ['weighing', 'heating', 'filling']))
    .orderBy(desc(pour.at))
    .all();

export type PanRow = typeof pan.$inferSelect;
export const pans = (db: Db): PanRow[] => db.select().from(pan).orderBy(asc(pan.name)).all();

/** The pot of this formula whose overpour waits to be taken up by the next one; null when none does. */
export function spreadWaiting(db: Db, revisionId: number): Pot | null {
  const slips = db
    .select({ pourId: slip.pourId, lotId: slip.lotId, made: pour.lotId, revisionId: pour.formulaRevisionId, state: pour.state })
    .from(slip)
    .innerJoin(pour, eq(pour.id, slip.pourId))
    .where(eq(slip.kind, 'spread'))
    .orderBy(desc(slip.at))
    .all();
  const taken = new Set(slips.flatMap((one) => one.lotId ?? []));
  const waits = slips.find(
    (one) =>
      one.lotId === null &&
      one.revisionId === revisionId &&
      one.state !== 'abandoned' &&
      one.made !== null &&
      !taken.has(one.made),
  );
  return waits?.pourId ? findPot(db, waits.pourId) : null;
}

/** Melts of one pan as they were logged: the pot's temperatures from when it went on the heat. */
export function meltsOf(
  db: Db,
  panId: number,
): {
  readonly pourId: number;
  readonly potG: number;
  readonly revisionId: number;
  readonly readings: { min: number; tempC: number }[];
}[] {
  return db
    .select()
    .from(pour)
    .where(and(eq(pour.panId, panId), eq(pour.practice, false)))
    .all()
    .flatMap((row) => {
      const { onHeatAt } = row;
      if (onHeatAt === null) return [];
      const readings = db.select().from(potReading).where(eq(potReading.pourId, row.id)).orderBy(asc(potReading.at)).all();
      return [
        {
          pourId: row.id,
          potG: row.targetG,
          revisionId: row.formulaRevisionId,
          readings: readings.flatMap(({ at, tempC }) =>
            at >= onHeatAt ? [{ min: (at - onHeatAt) / MS_PER_MINUTE, tempC }] : [],
          ),
        },
      ];
    });
}

/** How long filled jars take to turn opaque, and until they may be lidded, minutes. Working estimates of the trade. */
export const COOLS_MIN = { opaque: 30, lid: 180 } as const;

/** Filled pots that still stand open, for the clocks on the hand strip. */
type OpenJars = { readonly pourId: number; readonly number: string; readonly filledAt: number };
export const openJars = (db: Db): OpenJars[] => keep(db, 'open jars', () => readJars(db));

const readJars = (db: Db): OpenJars[] =>
  db
    .select({ pourId: pour.id, number: lot.number, filledAt: pour.filledAt })
    .from(pour)
    .innerJoin(lot, eq(lot.id, pour.lotId))
    .where(and(isNotNull(pour.filledAt), isNull(pour.liddedAt)))
    .all()
    .flatMap((row) => (row.filledAt === null ? [] : [{ ...row, filledAt: row.filledAt }]));

/** What stayed in the pots of the last weeks, g: the middle of the last few, so that the next jars come out full. */
export function usualResidue(db: Db): number {
  const lost = db
    .select({ grams: movement.grams })
    .from(movement)
    .innerJoin(pour, eq(pour.lotId, movement.lotId))
    .where(and(eq(movement.why, 'loss'), eq(pour.state, 'done'), eq(movement.at, pour.filledAt)))
    .orderBy(desc(movement.at))
    .limit(5)
    .all()
    .map((row) => -row.grams);
  return middle(lost) ?? 0;
}
