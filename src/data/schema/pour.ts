import { sql } from 'drizzle-orm';
import { check, index, integer, real, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { formulaRevision } from './blends';
import { moment, oneOf, positive, version } from './shared';
import { person } from './shop';
import { container, lot } from './stores';

export const POUR_STATES = ['weighing', 'heating', 'filling', 'done', 'abandoned'] as const;

/** One pot of a formula being made. It becomes a made lot when it is weighed out. */
export const pour = sqliteTable(
  'pour',
  {
    id: integer('id').primaryKey(),
    formulaRevisionId: integer('formula_revision_id')
      .notNull()
      .references(() => formulaRevision.id),
    targetG: real('target_g').notNull(),
    state: text('state', { enum: POUR_STATES }).notNull().default('weighing'),
    lotId: integer('lot_id').references(() => lot.id),
    personId: integer('person_id')
      .notNull()
      .references(() => person.id),
    at: moment('at').notNull(),
    version: version(),
  },
  (t) => [oneOf('pour_state', t.state, POUR_STATES), positive('pour_target', t.targetG)],
);

/** One weighed ingredient: what the scale said after it, and the lot it came from. A correction points at what it replaces. */
export const pourEntry = sqliteTable(
  'pour_entry',
  {
    id: integer('id').primaryKey(),
    clientId: text('client_id').notNull().unique(),
    pourId: integer('pour_id')
      .notNull()
      .references(() => pour.id),
    ingredientId: text('ingredient_id').notNull(),
    lotId: integer('lot_id')
      .notNull()
      .references(() => lot.id),
    /** Cumulative scale reading after this ingredient, tared. */
    readingG: real('reading_g').notNull(),
    grams: real('grams').notNull(),
    corrects: text('corrects'),
    personId: integer('person_id')
      .notNull()
      .references(() => person.id),
    at: moment('at').notNull(),
  },
  (t) => [index('pour_entry_pour').on(t.pourId), positive('pour_entry_grams', t.grams)],
);

export const potReading = sqliteTable(
  'pot_reading',
  {
    id: integer('id').primaryKey(),
    clientId: text('client_id').notNull().unique(),
    pourId: integer('pour_id')
      .notNull()
      .references(() => pour.id),
    tempC: real('temp_c').notNull(),
    at: moment('at').notNull(),
  },
  (t) => [index('pot_reading_pour').on(t.pourId), check('pot_reading_temp', sql`${t.tempC} between -40 and 300`)],
);

/** Jars filled from a pot: how many of a size, and the lowest net mass that was weighed. */
export const fill = sqliteTable(
  'fill',
  {
    id: integer('id').primaryKey(),
    pourId: integer('pour_id')
      .notNull()
      .references(() => pour.id),
    containerId: integer('container_id')
      .notNull()
      .references(() => container.id),
    count: integer('count').notNull(),
    netG: real('net_g').notNull(),
    lotId: integer('lot_id')
      .notNull()
      .references(() => lot.id),
  },
  (t) => [index('fill_pour').on(t.pourId), positive('fill_count', t.count), positive('fill_net', t.netG)],
);
