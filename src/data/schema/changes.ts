import { sql } from 'drizzle-orm';
import { type AnySQLiteColumn, check, index, integer, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { LAST_REASONS } from '@/core/batch';
import { moment, oneOf, refer } from './shared';
import { person } from './shop';
import { batch } from './work';

export const STEP_CHANGES = ['another', 'last', 'back'] as const;

/** What was decided of a batch's coats while it ran: one more, that was the last, or one of these taken back. Appended, never edited. */
export const stepChange = sqliteTable(
  'step_change',
  {
    id: integer('id').primaryKey(),
    clientId: text('client_id').notNull().unique(),
    batchId: refer('batch_id', () => batch.id),
    kind: text('kind', { enum: STEP_CHANGES }).notNull(),
    slot: text('slot').notNull(),
    /** The step it comes after: the last coat of the material that was given, or, for one more, the last thing done. */
    after: text('after'),
    reason: text('reason', { enum: [...LAST_REASONS, 'label'] }),
    note: text('note').notNull().default(''),
    /** Of a taking back: what it takes back. */
    takesBack: integer('takes_back').references((): AnySQLiteColumn => stepChange.id),
    personId: refer('person_id', () => person.id),
    at: moment('at').notNull(),
  },
  (t) => [
    index('step_change_batch').on(t.batchId),
    oneOf('step_change_kind', t.kind, STEP_CHANGES),
    check('step_change_back', sql`(${t.kind} = 'back') = (${t.takesBack} is not null)`),
    check('step_change_why', sql`${t.kind} <> 'last' or ${t.reason} is not null`),
  ],
);
