import { sql } from 'drizzle-orm';
import { check, index, integer, primaryKey, real, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { formulaRevision } from './blends';
import { moment, oneOf, positive, version } from './shared';
import { person } from './shop';

export const LOT_KINDS = ['bought', 'made', 'tin'] as const;
/** Why stock moved. */
export const MOVES = ['receive', 'pour', 'coat', 'fill', 'sale', 'count', 'loss', 'correction'] as const;

/** Jars and tins the shop fills; `have` is counted down by each fill. */
export const container = sqliteTable(
  'container',
  {
    id: integer('id').primaryKey(),
    name: text('name').notNull().unique(),
    capacityMl: real('capacity_ml').notNull(),
    fillFraction: real('fill_fraction').notNull(),
    have: integer('have').notNull().default(0),
    version: version(),
  },
  (t) => [
    positive('container_capacity', t.capacityMl),
    check('container_fill', sql`${t.fillFraction} > 0 and ${t.fillFraction} <= 1`),
    check('container_have', sql`${t.have} >= 0`),
  ],
);

/** One lot of anything that is kept: bought stock, a made blend, filled tins of it. Grams left are the sum of its movements. */
export const lot = sqliteTable(
  'lot',
  {
    id: integer('id').primaryKey(),
    number: text('number').notNull().unique(),
    kind: text('kind', { enum: LOT_KINDS }).notNull(),
    ingredientId: text('ingredient_id'),
    formulaRevisionId: integer('formula_revision_id').references(() => formulaRevision.id),
    supplier: text('supplier'),
    supplierCode: text('supplier_code'),
    openedOn: text('opened_on'),
    bestBefore: text('best_before'),
    /** What was paid for the amount received, in the shop's currency. */
    priceMinor: integer('price_minor'),
    receivedG: real('received_g').notNull(),
    containerId: integer('container_id').references(() => container.id),
    count: integer('count'),
    note: text('note').notNull().default(''),
    personId: integer('person_id')
      .notNull()
      .references(() => person.id),
    at: moment('at').notNull(),
    version: version(),
  },
  (t) => [
    oneOf('lot_kind', t.kind, LOT_KINDS),
    positive('lot_received', t.receivedG),
    check(
      'lot_what',
      sql`(${t.kind} = 'bought' and ${t.ingredientId} is not null) or (${t.kind} <> 'bought' and ${t.formulaRevisionId} is not null)`,
    ),
    check('lot_price', sql`${t.priceMinor} is null or ${t.priceMinor} >= 0`),
    index('lot_ingredient').on(t.ingredientId),
    index('lot_formula').on(t.formulaRevisionId),
  ],
);

/** So many grams of one lot went into another. */
export const lotEdge = sqliteTable(
  'lot_edge',
  {
    fromLot: integer('from_lot')
      .notNull()
      .references(() => lot.id),
    intoLot: integer('into_lot')
      .notNull()
      .references(() => lot.id),
    grams: real('grams').notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.fromLot, t.intoLot] }),
    index('lot_edge_into').on(t.intoLot),
    positive('lot_edge_grams', t.grams),
    check('lot_edge_not_self', sql`${t.fromLot} <> ${t.intoLot}`),
  ],
);

/** The one ledger of all stock; grams are signed, entries are never changed. */
export const movement = sqliteTable(
  'movement',
  {
    id: integer('id').primaryKey(),
    lotId: integer('lot_id')
      .notNull()
      .references(() => lot.id),
    grams: real('grams').notNull(),
    why: text('why', { enum: MOVES }).notNull(),
    /** The log or pour entry that caused it, by client id. */
    entry: text('entry'),
    personId: integer('person_id')
      .notNull()
      .references(() => person.id),
    at: moment('at').notNull(),
  },
  (t) => [
    index('movement_lot').on(t.lotId),
    index('movement_entry').on(t.entry),
    oneOf('movement_why', t.why, MOVES),
    check('movement_grams', sql`${t.grams} <> 0`),
  ],
);
