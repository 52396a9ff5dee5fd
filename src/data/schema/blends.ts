import { integer, primaryKey, real, sqliteTable, text, unique } from 'drizzle-orm/sqlite-core';
import { moment, positive, refer, version } from './shared';
import { person } from './shop';

export const formula = sqliteTable('formula', {
  id: integer('id').primaryKey(),
  name: text('name').notNull().unique(),
  createdAt: moment('created_at').notNull(),
  version: version(),
});

/** A formula as it stood when saved; never changed, only followed by another. */
export const formulaRevision = sqliteTable(
  'formula_revision',
  {
    id: integer('id').primaryKey(),
    formulaId: refer('formula_id', () => formula.id),
    number: integer('number').notNull(),
    basis: text('basis', { enum: ['mass', 'volume'] }).notNull(),
    note: text('note').notNull().default(''),
    personId: refer('person_id', () => person.id),
    at: moment('at').notNull(),
  },
  (t) => [unique('formula_revision_number').on(t.formulaId, t.number)],
);

export const formulaLine = sqliteTable(
  'formula_line',
  {
    revisionId: refer('revision_id', () => formulaRevision.id),
    ordinal: integer('ordinal').notNull(),
    ingredientId: text('ingredient_id').notNull(),
    parts: real('parts').notNull(),
    /** As it is measured, where the formula was written so: `4 x 16 fl oz`; its parts are then grams. */
    amount: text('amount').notNull().default(''),
    /** A wax that is measured melted, and how warm what is measured is, °C. */
    molten: integer('molten', { mode: 'boolean' }).notNull().default(false),
    tempC: real('temp_c'),
  },
  (t) => [
    primaryKey({ columns: [t.revisionId, t.ordinal] }),
    unique('formula_line_once').on(t.revisionId, t.ingredientId),
    positive('formula_line_parts', t.parts),
  ],
);
