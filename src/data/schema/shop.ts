import { sql } from 'drizzle-orm';
import { check, index, integer, primaryKey, real, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { z } from 'zod';
import { READS } from '@/core/quantity';
import { PLACE_HAZARDS, PLACE_KINDS } from '@/core/regimen';
import { json } from './json';
import { moment, oneOf, refer, version } from './shared';

const ReadsShape = z.object({
  mass: z.enum(READS.mass),
  volume: z.enum(READS.volume),
  temperature: z.enum(READS.temperature),
  length: z.enum(READS.length),
});

/** The one shop of this file. */
export const shop = sqliteTable(
  'shop',
  {
    id: integer('id').primaryKey(),
    name: text('name').notNull(),
    zone: text('zone').notNull(),
    currency: text('currency').notNull(),
    ambientC: real('ambient_c').notNull().default(20),
    /** Where the owner's pages can be reached by the public; null until the shop sets it. */
    baseAddress: text('base_address'),
    /** What an hour of hands and one printed slip cost, minor units; null where the shop does not say. */
    hourMinor: integer('hour_minor'),
    slipMinor: integer('slip_minor'),
    /** What is called where the shop stands; empty until somebody entered it. */
    emergencyNumber: text('emergency_number').notNull().default(''),
    poisonNumber: text('poison_number').notNull().default(''),
    /** Up to which of the house's facts and judgements this file was gone through. */
    factsVersion: integer('facts_version').notNull().default(0),
    /** The units its scale, jug, thermometer and rule are read in; nothing that is kept goes by them. */
    reads: json('reads', ReadsShape).notNull().default(sql`'{"mass":"g","volume":"ml","temperature":"C","length":"mm"}'`),
    /** The demo shed: practice devices may write into its pots. */
    /** No other shop's file has it: whose copies are whose in a folder they share. */
    identity: text('identity').notNull().default(''),
    isDemo: integer('is_demo', { mode: 'boolean' }).notNull().default(false),
    createdAt: moment('created_at').notNull(),
    version: version(),
  },
  (t) => [check('shop_one', sql`${t.id} = 1`)],
);

export const person = sqliteTable('person', {
  id: integer('id').primaryKey(),
  initials: text('initials').notNull().unique(),
  name: text('name').notNull(),
  active: integer('active', { mode: 'boolean' }).notNull().default(true),
  version: version(),
});

/** One pair of hands' own hours; a person without any keeps the shop's. */
export const personOpening = sqliteTable(
  'person_opening',
  {
    id: integer('id').primaryKey(),
    personId: refer('person_id', () => person.id),
    day: integer('day').notNull(),
    open: text('open').notNull(),
    close: text('close').notNull(),
  },
  (t) => [
    index('person_opening_person').on(t.personId),
    check('person_opening_day', sql`${t.day} between 1 and 7`),
    check('person_opening_order', sql`${t.open} < ${t.close}`),
  ],
);

/** Days on which one pair of hands is away. */
export const personAway = sqliteTable(
  'person_away',
  {
    personId: refer('person_id', () => person.id),
    date: text('date').notNull(),
  },
  (t) => [primaryKey({ columns: [t.personId, t.date] })],
);

export const opening = sqliteTable(
  'opening',
  {
    id: integer('id').primaryKey(),
    day: integer('day').notNull(),
    open: text('open').notNull(),
    close: text('close').notNull(),
  },
  (t) => [check('opening_day', sql`${t.day} between 1 and 7`), check('opening_order', sql`${t.open} < ${t.close}`)],
);

export const closedDay = sqliteTable('closed_day', { date: text('date').primaryKey() });

export const place = sqliteTable(
  'place',
  {
    id: integer('id').primaryKey(),
    name: text('name').notNull().unique(),
    kind: text('kind', { enum: PLACE_KINDS }).notNull(),
    light: text('light', { enum: ['dark', 'indoor', 'window', 'sun'] })
      .notNull()
      .default('indoor'),
    /** What fits, in the unit of its kind: litres of a bath, metres of a shelf, batches at a lathe; null where nothing limits it. */
    capacity: real('capacity'),
    /** What must be minded there, and what its air is usually like where it is not read, °C and rh 0–1. */
    hazards: json('hazards', z.array(z.enum(PLACE_HAZARDS)).readonly())
      .notNull()
      .default(sql`'[]'`),
    usualTempC: real('usual_temp_c'),
    usualRhFraction: real('usual_rh_fraction'),
    version: version(),
  },
  (t) => [oneOf('place_kind', t.kind, PLACE_KINDS)],
);

export const roomReading = sqliteTable(
  'room_reading',
  {
    id: integer('id').primaryKey(),
    clientId: text('client_id').notNull().unique(),
    placeId: refer('place_id', () => place.id),
    at: moment('at').notNull(),
    tempC: real('temp_c').notNull(),
    rhFraction: real('rh_fraction').notNull(),
    personId: integer('person_id').references(() => person.id),
  },
  (t) => [
    index('room_reading_place_at').on(t.placeId, t.at),
    check('room_reading_temp', sql`${t.tempC} between -40 and 60`),
    check('room_reading_rh', sql`${t.rhFraction} between 0 and 1`),
  ],
);

/** Readings of a place by the hour: kept by triggers on every reading that comes in, so that ten years of them are read in no time. */
export const roomHour = sqliteTable(
  'room_hour',
  {
    placeId: refer('place_id', () => place.id),
    /** Whole hours since 1970, UTC. */
    hour: integer('hour').notNull(),
    firstAt: moment('first_at').notNull(),
    n: integer('n').notNull(),
    sumTempC: real('sum_temp_c').notNull(),
    sumRhFraction: real('sum_rh_fraction').notNull(),
  },
  (t) => [primaryKey({ columns: [t.placeId, t.hour] })],
);

/** The same by month of the year and hour of the day, UTC: what a place is usually like. Kept by the same triggers. */
export const roomSeason = sqliteTable(
  'room_season',
  {
    placeId: refer('place_id', () => place.id),
    month: integer('month').notNull(),
    hour: integer('hour').notNull(),
    n: integer('n').notNull(),
    sumTempC: real('sum_temp_c').notNull(),
    sumRhFraction: real('sum_rh_fraction').notNull(),
  },
  (t) => [primaryKey({ columns: [t.placeId, t.month, t.hour] })],
);
