import { index, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { moment } from './shared';

/** An act of a form that was done: sent again by a double touch, a bad line or a reload, it is answered and not done again. */
export const actDone = sqliteTable(
  'act_done',
  {
    /** Made on the device when the form was opened. */
    id: text('id').primaryKey(),
    /** What it said, as its hash: other words under the same id are no resend. */
    said: text('said').notNull(),
    answer: text('answer').notNull(),
    at: moment('at').notNull(),
  },
  (t) => [index('act_done_at').on(t.at)],
);
