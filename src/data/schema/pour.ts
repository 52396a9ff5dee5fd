import { sql } from 'drizzle-orm';
import { check, index, integer, primaryKey, real, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { z } from 'zod';
import { FEELS } from '@/core/blend';
import { HEATERS } from '@/core/caution';
import { formulaRevision } from './blends';
import { json } from './json';
import { moment, oneOf, positive, refer, version } from './shared';
import { person } from './shop';
import { container, lot } from './stores';

export const POUR_STATES = ['weighing', 'heating', 'filling', 'done', 'abandoned'] as const;

/** A pan and heater by name: the constants of the rehearsal, and how many readings they rest on. */
export const pan = sqliteTable(
  'pan',
  {
    id: integer('id').primaryKey(),
    name: text('name').notNull().unique(),
    waterG: real('water_g').notNull(),
    heaterW: real('heater_w').notNull(),
    lossWPerK: real('loss_w_per_k').notNull(),
    uaWPerK: real('ua_w_per_k').notNull(),
    fittedReadings: integer('fitted_readings').notNull().default(0),
    version: version(),
  },
  (t) => [positive('pan_water', t.waterG), positive('pan_heater', t.heaterW), positive('pan_ua', t.uaWPerK)],
);

/** One pot of a formula being made. It becomes a made lot when it is weighed out. */
export const pour = sqliteTable(
  'pour',
  {
    id: integer('id').primaryKey(),
    formulaRevisionId: refer('formula_revision_id', () => formulaRevision.id),
    targetG: real('target_g').notNull(),
    /** What stays in the pot is made on top of the target, so that the jars come out full. */
    residueG: real('residue_g').notNull().default(0),
    /** Grams this pot is weighed to where a slip changed them; null: the formula's own parts. */
    lines: json('lines', z.array(z.object({ ingredient: z.string(), parts: z.number() })).readonly()),
    panId: integer('pan_id').references(() => pan.id),
    /** What it is warmed by; null before it is said, or where nothing is heated. */
    heater: text('heater', { enum: HEATERS }),
    /** A practice pot draws no stock, becomes no lot and prints nothing. */
    practice: integer('practice', { mode: 'boolean' }).notNull().default(false),
    /** Made cold in the closed jar: wax shaved into thinner, never warmed. */
    cold: integer('cold', { mode: 'boolean' }).notNull().default(false),
    /** Measured in a jug instead of on a scale. */
    byMeasure: integer('by_measure', { mode: 'boolean' }).notNull().default(false),
    /** How large the pieces of wax are, mm, and the water in the bath, g, as they were said; null: not said. */
    pieceMm: real('piece_mm'),
    waterG: real('water_g'),
    /** When somebody last said that they are at the pot. */
    mindedAt: moment('minded_at'),
    onHeatAt: moment('on_heat_at'),
    /** When it had fallen below the mark under which solvent is stirred in; only of a pot in two stages. */
    cooledAt: moment('cooled_at'),
    filledAt: moment('filled_at'),
    liddedAt: moment('lidded_at'),
    state: text('state', { enum: POUR_STATES }).notNull().default('weighing'),
    lotId: integer('lot_id').references(() => lot.id),
    personId: refer('person_id', () => person.id),
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
    pourId: refer('pour_id', () => pour.id),
    ingredientId: text('ingredient_id').notNull(),
    /** Null at a practice pot: nothing was drawn. */
    lotId: integer('lot_id').references(() => lot.id),
    /** Cumulative scale reading after this ingredient, tared. */
    readingG: real('reading_g').notNull(),
    grams: real('grams').notNull(),
    /** Where the jug stood after it, ml; null where it was weighed. */
    levelMl: real('level_ml'),
    corrects: text('corrects'),
    personId: refer('person_id', () => person.id),
    at: moment('at').notNull(),
  },
  (t) => [index('pour_entry_pour').on(t.pourId), positive('pour_entry_grams', t.grams)],
);

export const potReading = sqliteTable(
  'pot_reading',
  {
    id: integer('id').primaryKey(),
    clientId: text('client_id').notNull().unique(),
    pourId: refer('pour_id', () => pour.id),
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
    pourId: refer('pour_id', () => pour.id),
    containerId: refer('container_id', () => container.id),
    count: integer('count').notNull(),
    netG: real('net_g').notNull(),
    /** Net masses that were weighed, g; the label's is the lowest of them. */
    samplesG: json('samples_g', z.array(z.number()).readonly()).notNull().default(sql`'[]'`),
    lotId: refer('lot_id', () => lot.id),
  },
  (t) => [index('fill_pour').on(t.pourId), positive('fill_count', t.count), positive('fill_net', t.netG)],
);

export const SLIPS = [
  'overpour',
  'spread',
  'stray',
  'browned',
  'boiled-dry',
  'retarget',
  'marry',
  'top-up',
  'let-down',
  'short',
] as const;

/** A slip of the hand and how it was put right. */
export const slip = sqliteTable(
  'slip',
  {
    id: integer('id').primaryKey(),
    kind: text('kind', { enum: SLIPS }).notNull(),
    pourId: integer('pour_id').references(() => pour.id),
    lotId: integer('lot_id').references(() => lot.id),
    says: text('says').notNull(),
    personId: refer('person_id', () => person.id),
    at: moment('at').notNull(),
  },
  (t) => [
    index('slip_pour').on(t.pourId),
    index('slip_lot').on(t.lotId),
    oneOf('slip_kind', t.kind, SLIPS),
    check('slip_of', sql`${t.pourId} is not null or ${t.lotId} is not null`),
  ],
);

/** How a lot felt under a thumb at a temperature. */
export const thumbTest = sqliteTable(
  'thumb_test',
  {
    id: integer('id').primaryKey(),
    lotId: refer('lot_id', () => lot.id),
    tempC: real('temp_c').notNull(),
    felt: text('felt', { enum: FEELS }).notNull(),
    personId: refer('person_id', () => person.id),
    at: moment('at').notNull(),
  },
  (t) => [oneOf('thumb_test_felt', t.felt, FEELS), check('thumb_test_temp', sql`${t.tempC} between -10 and 60`)],
);

/** A constant that the shop's own records moved: what it was, what it is, on how many records. */
export const calibration = sqliteTable(
  'calibration',
  {
    what: text('what', { enum: ['hardening', 'uptake'] }).notNull(),
    key: text('key').notNull(),
    value: real('value').notNull(),
    prior: real('prior').notNull(),
    records: integer('records').notNull(),
    fittedAt: moment('fitted_at').notNull(),
  },
  (t) => [primaryKey({ columns: [t.what, t.key] }), positive('calibration_value', t.value)],
);
