import { index, integer, sqliteTable } from 'drizzle-orm/sqlite-core';
import { moment, refer } from './shared';
import { person } from './shop';

/** Someone's word that the machine's clock is right although it leapt against the newest record; never changed. */
export const clockWord = sqliteTable(
  'clock_word',
  {
    id: integer('id').primaryKey(),
    /** What the clock said. */
    at: moment('at').notNull(),
    /** The newest record of then, and the last entry that was written before: what comes after counts from this word on. */
    newestAt: moment('newest_at').notNull(),
    lastEntryId: integer('last_entry_id').notNull(),
    personId: refer('person_id', () => person.id),
  },
  (t) => [index('clock_word_person').on(t.personId)],
);
