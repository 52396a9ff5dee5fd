import { sql } from 'drizzle-orm';
import { check, index, integer, primaryKey, real, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { z } from 'zod';
import { LABEL_UNSAID } from '@/core/blend';
import { CONTACTS, OwnMaterialFacts, ROLES } from '@/core/material';
import { STATEMENTS } from '@/core/use';
import { formulaRevision } from './blends';
import { json } from './json';
import { moment, oneOf, positive, refer, version } from './shared';
import { person, place } from './shop';

export const LOT_KINDS = ['bought', 'made', 'tin', 'bath', 'ready', 'bottle'] as const;
/** Why stock moved. */
export const MOVES = ['receive', 'pour', 'coat', 'bath', 'fill', 'sale', 'count', 'loss', 'correction'] as const;
/** Checks of a lot by the senses, and what is done to a bath. */
export const LOT_CHECKS = ['thumbnail', 'cut', 'smell', 'colour', 'clear', 'strained'] as const;

/** Jars and tins the shop fills; `have` is counted down by each fill. */
export const container = sqliteTable(
  'container',
  {
    id: integer('id').primaryKey(),
    name: text('name').notNull().unique(),
    capacityMl: real('capacity_ml').notNull(),
    fillFraction: real('fill_fraction').notNull(),
    have: integer('have').notNull().default(0),
    /** Empty, with its lid; null until it was weighed. */
    tareG: real('tare_g'),
    priceMinor: integer('price_minor'),
    version: version(),
  },
  (t) => [
    positive('container_capacity', t.capacityMl),
    check('container_fill', sql`${t.fillFraction} > 0 and ${t.fillFraction} <= 1`),
    check('container_have', sql`${t.have} >= 0`),
    check('container_tare', sql`${t.tareG} is null or ${t.tareG} > 0`),
    check('container_price', sql`${t.priceMinor} is null or ${t.priceMinor} >= 0`),
  ],
);

/** A bought finish that is used as it comes: what its maker declares, what is not said, and the label's own rule. */
export const readyMade = sqliteTable(
  'ready_made',
  {
    id: integer('id').primaryKey(),
    name: text('name').notNull().unique(),
    /** Ids of ingredients the label or data sheet names. */
    declared: json('declared', z.array(z.string()).readonly()).notNull(),
    isAllDeclared: integer('is_all_declared', { mode: 'boolean' }).notNull(),
    drying: text('drying', { enum: ['drying', 'never'] }).notNull(),
    isPaste: integer('is_paste', { mode: 'boolean' }).notNull(),
    contact: text('contact', { enum: CONTACTS }).notNull(),
    densityGPerMl: real('density_g_per_ml').notNull(),
    coverageM2PerL: real('coverage_m2_per_l'),
    labelRule: text('label_rule').notNull().default(''),
    /** What it is in the work; null where nobody said yet. */
    role: text('role', { enum: ROLES }),
    /** Mass fractions of declared contents, where the data sheet gives them. */
    shares: json('shares', z.record(z.string(), z.number()).readonly()).notNull().default(sql`'{}'`),
    /** A photo of its label, by its hash. */
    photoHash: text('photo_hash'),
    /** The label's own figures; null where it gives none. */
    labelDwellMin: real('label_dwell_min'),
    labelDwellMaxMin: real('label_dwell_max_min'),
    labelGapMin: real('label_gap_min'),
    labelCoats: integer('label_coats'),
    labelFoodHours: real('label_food_hours'),
    /** Whether it builds a film; null where nobody says. */
    buildsFilm: integer('builds_film', { mode: 'boolean' }),
    /** What its label does not say: what stands in its place here is on the safe side. */
    unsaid: json('unsaid', z.array(z.enum(LABEL_UNSAID)).readonly())
      .notNull()
      .default(sql`'[]'`),
    version: version(),
  },
  (t) => [
    oneOf('ready_made_drying', t.drying, ['drying', 'never']),
    positive('ready_made_density', t.densityGPerMl),
    check('ready_made_coverage', sql`${t.coverageM2PerL} is null or ${t.coverageM2PerL} > 0`),
    check('ready_made_role', sql`${t.role} is null or ${t.role} in (${sql.raw(ROLES.map((one) => `'${one}'`).join(', '))})`),
    check(
      'ready_made_label',
      sql`coalesce(${t.labelDwellMin}, 1) > 0 and coalesce(${t.labelDwellMaxMin}, 1) > 0 and coalesce(${t.labelGapMin}, 0) >= 0 and coalesce(${t.labelCoats}, 1) > 0 and coalesce(${t.labelFoodHours}, 1) > 0`,
    ),
  ],
);

/** A bought finish as it was written before it was put right; what batches were judged by stays readable. */
export const readyMadeWas = sqliteTable(
  'ready_made_was',
  {
    readyMadeId: refer('ready_made_id', () => readyMade.id),
    number: integer('number').notNull(),
    facts: json('facts', z.record(z.string(), z.unknown()).readonly()).notNull(),
    personId: refer('person_id', () => person.id),
    at: moment('at').notNull(),
  },
  (t) => [primaryKey({ columns: [t.readyMadeId, t.number] })],
);

/** An ingredient of the shop's own, copied from one that is like it; each change is a row more, and the last one stands. */
export const ownMaterial = sqliteTable(
  'own_material',
  {
    id: text('id').notNull(),
    number: integer('number').notNull(),
    likeId: text('like_id').notNull(),
    facts: json('facts', OwnMaterialFacts).notNull(),
    /** A photo of its label or sheet, by its hash. */
    photoHash: text('photo_hash'),
    personId: refer('person_id', () => person.id),
    at: moment('at').notNull(),
  },
  (t) => [primaryKey({ columns: [t.id, t.number] })],
);

/** A vessel at hand: its own lot, decanted from others, with what it weighs empty and how wide it is inside. */
export const bottle = sqliteTable(
  'bottle',
  {
    lotId: integer('lot_id')
      .primaryKey()
      .references(() => lot.id),
    tareG: real('tare_g'),
    /** Inside width of a straight bottle, mm; only with it does a level say how much is in. */
    boreMm: real('bore_mm'),
    /** What is written on it. */
    mark: text('mark').notNull().default(''),
  },
  (t) => [
    check('bottle_tare', sql`${t.tareG} is null or ${t.tareG} > 0`),
    check('bottle_bore', sql`${t.boreMm} is null or ${t.boreMm} > 0`),
  ],
);

/** What is used up beside what is poured: cloths, gloves, paper, labels. */
export const supply = sqliteTable(
  'supply',
  {
    id: integer('id').primaryKey(),
    name: text('name').notNull().unique(),
    /** What it is counted in: pieces, sheets, pairs. */
    counted: text('counted').notNull(),
    version: version(),
  },
  (t) => [check('supply_name', sql`length(${t.name}) > 0`)],
);

/** Supplies that came, were used or were counted; entries are never changed. */
export const supplyMove = sqliteTable(
  'supply_move',
  {
    id: integer('id').primaryKey(),
    clientId: text('client_id').notNull().unique(),
    supplyId: refer('supply_id', () => supply.id),
    change: real('change').notNull(),
    why: text('why', { enum: ['came', 'used', 'counted'] }).notNull(),
    personId: refer('person_id', () => person.id),
    at: moment('at').notNull(),
  },
  (t) => [index('supply_move_supply').on(t.supplyId, t.at), oneOf('supply_move_why', t.why, ['came', 'used', 'counted'])],
);

/** A piece of a material that is known to be pure, kept to judge what comes in beside it. */
export const reference = sqliteTable('reference', {
  id: integer('id').primaryKey(),
  materialId: text('material_id').notNull(),
  says: text('says').notNull(),
  photoHash: text('photo_hash'),
  personId: refer('person_id', () => person.id),
  at: moment('at').notNull(),
});

/** One lot of anything that is kept: bought stock, a made blend, filled tins of it. Grams left are the sum of its movements. */
export const lot = sqliteTable(
  'lot',
  {
    id: integer('id').primaryKey(),
    number: text('number').notNull().unique(),
    kind: text('kind', { enum: LOT_KINDS }).notNull(),
    ingredientId: text('ingredient_id'),
    formulaRevisionId: integer('formula_revision_id').references(() => formulaRevision.id),
    readyMadeId: integer('ready_made_id').references(() => readyMade.id),
    /** What the shop calls it, where neither ingredient nor formula names it: a bath. */
    name: text('name'),
    supplier: text('supplier'),
    supplierCode: text('supplier_code'),
    openedOn: text('opened_on'),
    bestBefore: text('best_before'),
    /** Days it may be used for once it is open, as its label says; null where nothing says so. */
    useWithinDays: integer('use_within_days'),
    /** Where it stands; null where nobody said. */
    placeId: integer('place_id').references(() => place.id),
    /** What was paid for the amount received, in the shop's currency. */
    priceMinor: integer('price_minor'),
    receivedG: real('received_g').notNull(),
    containerId: integer('container_id').references(() => container.id),
    count: integer('count'),
    note: text('note').notNull().default(''),
    personId: refer('person_id', () => person.id),
    at: moment('at').notNull(),
    version: version(),
  },
  (t) => [
    oneOf('lot_kind', t.kind, LOT_KINDS),
    positive('lot_received', t.receivedG),
    check(
      'lot_what',
      sql`(${t.kind} = 'bought' and ${t.ingredientId} is not null) or (${t.kind} in ('made', 'tin') and ${t.formulaRevisionId} is not null) or (${t.kind} in ('bath', 'bottle') and ${t.name} is not null) or (${t.kind} = 'ready' and ${t.readyMadeId} is not null)`,
    ),
    check('lot_price', sql`${t.priceMinor} is null or ${t.priceMinor} >= 0`),
    index('lot_ingredient').on(t.ingredientId),
    index('lot_bath').on(t.id).where(sql`"kind" = 'bath'`),
    index('lot_formula').on(t.formulaRevisionId),
  ],
);

/** So many grams of one lot went into another. */
export const lotEdge = sqliteTable(
  'lot_edge',
  {
    fromLot: refer('from_lot', () => lot.id),
    intoLot: refer('into_lot', () => lot.id),
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
    lotId: refer('lot_id', () => lot.id),
    grams: real('grams').notNull(),
    why: text('why', { enum: MOVES }).notNull(),
    /** The log or pour entry that caused it, by client id. */
    entry: text('entry'),
    personId: refer('person_id', () => person.id),
    at: moment('at').notNull(),
  },
  (t) => [
    index('movement_lot').on(t.lotId),
    index('movement_entry').on(t.entry),
    oneOf('movement_why', t.why, MOVES),
    check('movement_grams', sql`${t.grams} <> 0`),
  ],
);

/** What is left of each lot and when it last moved, so that those at hand are found without adding up the ledger. Triggers of `lot` and `movement` write it. */
export const lotLeft = sqliteTable(
  'lot_left',
  {
    lotId: integer('lot_id')
      .primaryKey()
      .references(() => lot.id),
    grams: real('grams').notNull(),
    lastAt: moment('last_at').notNull(),
  },
  (t) => [index('lot_left_there').on(t.lotId).where(sql`abs("grams") > 0.000001`), index('lot_left_last').on(t.lastAt)],
);

/** While a lot is held nothing may be drawn from it anywhere. Lifted with a name and a time, never deleted. */
export const hold = sqliteTable(
  'hold',
  {
    id: integer('id').primaryKey(),
    lotId: refer('lot_id', () => lot.id),
    reason: text('reason').notNull(),
    personId: refer('person_id', () => person.id),
    at: moment('at').notNull(),
    liftedBy: integer('lifted_by').references(() => person.id),
    liftedAt: moment('lifted_at'),
    /** Why it may be used again. */
    liftWhy: text('lift_why').notNull().default(''),
  },
  (t) => [
    index('hold_lot').on(t.lotId),
    check('hold_lifted', sql`(${t.liftedBy} is null) = (${t.liftedAt} is null)`),
    check('hold_reason', sql`length(${t.reason}) > 0`),
  ],
);

/** What eyes, nose and thumbnail found of a lot, and each straining of a bath. */
export const lotCheck = sqliteTable(
  'lot_check',
  {
    id: integer('id').primaryKey(),
    lotId: refer('lot_id', () => lot.id),
    kind: text('kind', { enum: LOT_CHECKS }).notNull(),
    pass: integer('pass', { mode: 'boolean' }).notNull(),
    note: text('note').notNull().default(''),
    /** How warm it was judged, °C, and beside which known piece; null where nobody said. */
    tempC: real('temp_c'),
    referenceId: integer('reference_id').references(() => reference.id),
    personId: refer('person_id', () => person.id),
    at: moment('at').notNull(),
  },
  (t) => [index('lot_check_lot').on(t.lotId), oneOf('lot_check_kind', t.kind, LOT_CHECKS)],
);

/** A supplier's declaration of a lot: a file beside the database, named by its hash. */
export const declaration = sqliteTable(
  'declaration',
  {
    id: integer('id').primaryKey(),
    lotId: refer('lot_id', () => lot.id),
    name: text('name').notNull(),
    hash: text('hash').notNull(),
    /** What the paper states of this very lot: fit for food, fit for toys. */
    says: json('says', z.array(z.enum(STATEMENTS)).readonly())
      .notNull()
      .default(sql`'[]'`),
    bytes: integer('bytes').notNull(),
    personId: refer('person_id', () => person.id),
    at: moment('at').notNull(),
  },
  (t) => [index('declaration_lot').on(t.lotId)],
);
