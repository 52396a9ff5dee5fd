import { sql } from 'drizzle-orm';
import { check, index, integer, primaryKey, real, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { moment, positive, refer, version } from './shared';
import { person } from './shop';
import { lot } from './stores';
import { batch, piece } from './work';

/** A step that a person holds to a time; the plan goes round it. */
export const pin = sqliteTable(
  'pin',
  {
    batchId: refer('batch_id', () => batch.id),
    task: text('task').notNull(),
    startAt: moment('start_at').notNull(),
    personId: refer('person_id', () => person.id),
    at: moment('at').notNull(),
  },
  (t) => [primaryKey({ columns: [t.batchId, t.task] })],
);

/** A piece that went from one batch to another; its history goes with it. */
export const pieceMove = sqliteTable(
  'piece_move',
  {
    id: integer('id').primaryKey(),
    pieceId: refer('piece_id', () => piece.id),
    fromBatch: refer('from_batch', () => batch.id),
    toBatch: refer('to_batch', () => batch.id),
    why: text('why').notNull(),
    personId: refer('person_id', () => person.id),
    at: moment('at').notNull(),
  },
  (t) => [index('piece_move_piece').on(t.pieceId), index('piece_move_to').on(t.toBatch)],
);

/** A way back that was taken up: its steps stand before the step that was next. */
export const recovery = sqliteTable(
  'recovery',
  {
    id: integer('id').primaryKey(),
    clientId: text('client_id').notNull().unique(),
    batchId: refer('batch_id', () => batch.id),
    way: text('way').notNull(),
    beforeTask: text('before_task').notNull(),
    personId: refer('person_id', () => person.id),
    at: moment('at').notNull(),
    withdrawnAt: moment('withdrawn_at'),
  },
  (t) => [index('recovery_batch').on(t.batchId)],
);

/** A piece on the scale before and after a coat: what it drank. */
export const massReading = sqliteTable(
  'mass_reading',
  {
    id: integer('id').primaryKey(),
    clientId: text('client_id').notNull().unique(),
    batchId: refer('batch_id', () => batch.id),
    pieceId: refer('piece_id', () => piece.id),
    task: text('task').notNull(),
    beforeG: real('before_g').notNull(),
    afterG: real('after_g'),
    personId: refer('person_id', () => person.id),
    at: moment('at').notNull(),
  },
  (t) => [
    index('mass_reading_batch').on(t.batchId),
    positive('mass_reading_before', t.beforeG),
    check('mass_reading_after', sql`${t.afterG} is null or ${t.afterG} >= ${t.beforeG}`),
  ],
);

/** A piece that came home, or a stranger's: what is wrong with it where, what the work costs, and when it went back. */
export const restoration = sqliteTable('restoration', {
  batchId: integer('batch_id')
    .primaryKey()
    .references(() => batch.id),
  pieceId: integer('piece_id').references(() => piece.id),
  owner: text('owner').notNull(),
  wasFinishedWith: text('was_finished_with').notNull().default(''),
  marks: text('marks', { mode: 'json' }).notNull(),
  billMinor: integer('bill_minor'),
  backAt: moment('back_at'),
  version: version(),
});

/** A test piece on the scale while it cures: solvent leaves, oxygen comes. */
export const weighIn = sqliteTable(
  'weigh_in',
  {
    id: integer('id').primaryKey(),
    clientId: text('client_id').notNull().unique(),
    batchId: refer('batch_id', () => batch.id),
    grams: real('grams').notNull(),
    personId: refer('person_id', () => person.id),
    at: moment('at').notNull(),
  },
  (t) => [index('weigh_in_batch').on(t.batchId, t.at), positive('weigh_in_grams', t.grams)],
);

/** What a batch's pieces cost in wood and are to sell for, minor units a piece. */
export const batchPrice = sqliteTable(
  'batch_price',
  {
    batchId: integer('batch_id')
      .primaryKey()
      .references(() => batch.id),
    woodMinor: integer('wood_minor'),
    priceMinor: integer('price_minor'),
    /** The tin that goes into the box with each piece; null where none does. */
    jarLotId: integer('jar_lot_id').references(() => lot.id),
    version: version(),
  },
  (t) => [
    check('batch_price_wood', sql`${t.woodMinor} is null or ${t.woodMinor} >= 0`),
    check('batch_price_price', sql`${t.priceMinor} is null or ${t.priceMinor} >= 0`),
  ],
);

/** That a batch's tags or labels were printed and put on. */
export const labelled = sqliteTable('labelled', {
  batchId: integer('batch_id')
    .primaryKey()
    .references(() => batch.id),
  personId: refer('person_id', () => person.id),
  at: moment('at').notNull(),
});
