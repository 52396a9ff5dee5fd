import 'server-only';
import { asc, desc, eq, sql } from 'drizzle-orm';
import { type Consistency, fitThumbs, type WaxFactor } from '@/core/blend';
import { fail, ok, type Result } from '@/core/quantity';
import type { Statement } from '@/core/use';
import { type By, command } from '../command';
import type { Db } from '../db';
import { calibration, declaration, hold, type LOT_CHECKS, lot, lotCheck, type MOVES, person, slip, thumbTest } from '../schema';
import { catalogueOf } from './catalogue';
import { lotOf } from './queries';

export type LotCheckKind = (typeof LOT_CHECKS)[number];

const exists = (tx: Db, lotId: number): boolean => tx.select().from(lot).where(eq(lot.id, lotId)).get() !== undefined;

/** What was seen, smelt or felt of a lot. */
export function checkLot(
  db: Db,
  input: {
    readonly lotId: number;
    readonly kind: LotCheckKind;
    readonly pass: boolean;
    readonly note: string;
    readonly tempC?: number | null;
    readonly referenceId?: number | null;
  },
  by: By,
): Result<void> {
  return command(db, (tx) => {
    if (!exists(tx, input.lotId)) return fail('not-found', 'lotId');
    tx.insert(lotCheck)
      .values({ ...input, personId: by.personId, at: by.nowMs })
      .run();
    return ok(undefined);
  });
}

/** Keeps the name of a declaration whose file lies beside the database. */
export function keepDeclaration(
  db: Db,
  input: {
    readonly lotId: number;
    readonly name: string;
    readonly hash: string;
    readonly bytes: number;
    /** What the paper states of this very lot. */
    readonly says?: readonly Statement[];
  },
  by: By,
): Result<void> {
  return command(db, (tx) => {
    if (!exists(tx, input.lotId)) return fail('not-found', 'lotId');
    tx.insert(declaration)
      .values({ ...input, personId: by.personId, at: by.nowMs })
      .run();
    return ok(undefined);
  });
}

/** One movement of a lot, with the batch or the pot that caused it. */
export type LedgerRow = {
  readonly id: number;
  readonly grams: number;
  readonly why: (typeof MOVES)[number];
  readonly at: number;
  readonly initials: string;
  readonly batch: string | null;
  readonly pot: string | null;
};

/** All that is known of one lot beside its stock, newest first. */
export function recordOf(db: Db, lotId: number) {
  const who = { initials: person.initials };
  const by = <T extends { personId: typeof lotCheck.personId }>(table: T) => eq(person.id, table.personId);
  return {
    checks: db
      .select({ ...rowOf(lotCheck), ...who })
      .from(lotCheck)
      .innerJoin(person, by(lotCheck))
      .where(eq(lotCheck.lotId, lotId))
      .orderBy(desc(lotCheck.at))
      .all(),
    declarations: db.select().from(declaration).where(eq(declaration.lotId, lotId)).orderBy(desc(declaration.at)).all(),
    slips: db.select().from(slip).where(eq(slip.lotId, lotId)).orderBy(desc(slip.at)).all(),
    holds: db.select().from(hold).where(eq(hold.lotId, lotId)).orderBy(asc(hold.at)).all(),
    thumbs: db.select().from(thumbTest).where(eq(thumbTest.lotId, lotId)).orderBy(desc(thumbTest.at)).all(),
    movements: db.all<LedgerRow>(sql`
      select m.id, m.grams, m.why, m.at, p.initials, b.number as batch,
        (select l.number from pour_entry e join pour o on o.id = e.pour_id join lot l on l.id = o.lot_id where e.client_id = m.entry) as pot
      from movement m join person p on p.id = m.person_id
      left join log_entry g on g.client_id = m.entry left join batch b on b.id = g.batch_id
      where m.lot_id = ${lotId} order by m.at desc, m.id desc`),
  };
}

const rowOf = (table: typeof lotCheck) => ({
  id: table.id,
  kind: table.kind,
  pass: table.pass,
  note: table.note,
  tempC: table.tempC,
  referenceId: table.referenceId,
  at: table.at,
});

/** How a lot felt under the thumb. */
export function recordThumb(
  db: Db,
  input: { readonly lotId: number; readonly tempC: number; readonly felt: Consistency },
  by: By,
): Result<void> {
  return command(db, (tx) => {
    if (!exists(tx, input.lotId)) return fail('not-found', 'lotId');
    if (input.tempC < -10 || input.tempC > 60) return fail('too-large', 'temp', { least: -10, most: 60 });
    tx.insert(thumbTest)
      .values({ ...input, personId: by.personId, at: by.nowMs })
      .run();
    return ok(undefined);
  });
}

/** What the shop's thumb tests make of its waxes. */
export function thumbFactors(db: Db): WaxFactor[] {
  return fitThumbs(
    db
      .select()
      .from(thumbTest)
      .all()
      .map(({ lotId, tempC, felt }) => ({ fractions: lotOf(db, lotId)?.composition ?? {}, tempC, felt })),
    catalogueOf(db),
  );
}

/** The shop's own hardening by wax; empty until a calibration was taken up. */
export const hardeningOf = (db: Db): Record<string, number> =>
  Object.fromEntries(
    db
      .select()
      .from(calibration)
      .where(eq(calibration.what, 'hardening'))
      .all()
      .map((row) => [row.key, row.value]),
  );

/** Takes up what the tests say, or goes back to the shipped values. */
export function calibrate(db: Db, factors: readonly WaxFactor[], by: By): Result<void> {
  return command(db, (tx) => {
    tx.delete(calibration).where(eq(calibration.what, 'hardening')).run();
    for (const { ingredient, after, before, tests } of factors)
      if (after > 0)
        tx.insert(calibration)
          .values({ what: 'hardening', key: ingredient, value: after, prior: before, records: tests, fittedAt: by.nowMs })
          .run();
    return ok(undefined);
  });
}
