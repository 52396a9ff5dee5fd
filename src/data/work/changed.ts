import 'server-only';
import { eq, sql } from 'drizzle-orm';
import type { StepChange } from '@/core/batch';
import type { Db } from '../db';
import { stepChange } from '../schema';
import { statement } from '../statement';

/** A change that stands, with who made it and why. */
export type ChangeRow = StepChange & Pick<typeof stepChange.$inferSelect, 'reason' | 'note' | 'personId' | 'at' | 'batchId'>;

const changesMade = statement((db) =>
  db
    .select()
    .from(stepChange)
    .where(eq(stepChange.batchId, sql.placeholder('id')))
    .prepare(),
);

/** The changes of a batch that stand, those it shares with the one it was split from included, in the order they were made. */
export function changesOf(db: Db, line: readonly { readonly id: number; readonly until: number }[]): ChangeRow[] {
  const rows = line
    .flatMap(({ id, until }) =>
      changesMade(db)
        .all({ id })
        .filter((row) => row.at <= until),
    )
    .sort((a, b) => a.id - b.id);
  const back = new Set(rows.map((row) => row.takesBack));
  return rows.flatMap((row) =>
    row.kind === 'back' || back.has(row.id)
      ? []
      : [
          {
            id: row.id,
            kind: row.kind,
            slot: row.slot,
            after: row.after,
            reason: row.reason,
            note: row.note,
            personId: row.personId,
            at: row.at,
            batchId: row.batchId,
          },
        ],
  );
}
