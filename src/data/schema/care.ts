import { sql } from 'drizzle-orm';
import { check, index, integer, real, sqliteTable, text, unique } from 'drizzle-orm/sqlite-core';
import { CARE_CLASSES, USES, WASHES } from '@/core/care';
import { moment } from './shared';
import { person } from './shop';
import { lot } from './stores';
import { piece } from './work';

/** Someone who has a piece; erasable apart from the trace. */
export const owner = sqliteTable('owner', { id: integer('id').primaryKey(), name: text('name').notNull() });

export const sale = sqliteTable(
  'sale',
  {
    id: integer('id').primaryKey(),
    pieceId: integer('piece_id')
      .notNull()
      .unique()
      .references(() => piece.id),
    priceMinor: integer('price_minor'),
    ownerId: integer('owner_id').references(() => owner.id),
    soldOn: text('sold_on').notNull(),
    personId: integer('person_id')
      .notNull()
      .references(() => person.id),
    at: moment('at').notNull(),
  },
  (t) => [check('sale_price', sql`${t.priceMinor} is null or ${t.priceMinor} >= 0`)],
);

/** Filled tins that left: sold on their own, or given with a piece. */
export const tinSale = sqliteTable(
  'tin_sale',
  {
    id: integer('id').primaryKey(),
    lotId: integer('lot_id')
      .notNull()
      .references(() => lot.id),
    count: integer('count').notNull(),
    priceMinor: integer('price_minor'),
    ownerId: integer('owner_id').references(() => owner.id),
    withPieceId: integer('with_piece_id').references(() => piece.id),
    soldOn: text('sold_on').notNull(),
    personId: integer('person_id')
      .notNull()
      .references(() => person.id),
    at: moment('at').notNull(),
  },
  (t) => [
    index('tin_sale_lot').on(t.lotId),
    check('tin_sale_count', sql`${t.count} > 0`),
    check('tin_sale_price', sql`${t.priceMinor} is null or ${t.priceMinor} >= 0`),
  ],
);

export const UPKEEPS = ['re-oils', 'will-not', 'unknown'] as const;

/** How one piece is kept: interval in days and grams a treatment, as reckoned on the day of the sale. */
export const carePlan = sqliteTable('care_plan', {
  id: integer('id').primaryKey(),
  saleId: integer('sale_id')
    .notNull()
    .unique()
    .references(() => sale.id),
  careClass: text('care_class', { enum: CARE_CLASSES }).notNull(),
  use: text('use', { enum: USES }).notNull(),
  wash: text('wash', { enum: WASHES }).notNull(),
  upkeep: text('upkeep', { enum: UPKEEPS }).notNull(),
  intervalDays: integer('interval_days'),
  gramsPerTreatment: real('grams_per_treatment').notNull(),
});

export const careEvent = sqliteTable(
  'care_event',
  {
    id: integer('id').primaryKey(),
    carePlanId: integer('care_plan_id')
      .notNull()
      .references(() => carePlan.id),
    ordinal: integer('ordinal').notNull(),
    dueOn: text('due_on').notNull(),
  },
  (t) => [unique('care_event_once').on(t.carePlanId, t.ordinal), index('care_event_due').on(t.dueOn)],
);
