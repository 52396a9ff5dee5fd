import { sql } from 'drizzle-orm';
import {
  type AnySQLiteColumn,
  check,
  index,
  integer,
  primaryKey,
  real,
  sqliteTable,
  text,
  unique,
} from 'drizzle-orm/sqlite-core';
import { z } from 'zod';
import { BEARERS, TRIAL_KINDS, WEARS } from '@/core/trial';
import { json } from './json';
import { moment, oneOf, positive, refer, version } from './shared';
import { person } from './shop';
import { batch } from './work';

/** Treatments laid beside each other on the same boards, so that it can be told which is better. */
export const trial = sqliteTable(
  'trial',
  {
    id: integer('id').primaryKey(),
    number: text('number').notNull().unique(),
    name: text('name').notNull(),
    /** What is asked first, and all that is looked at. */
    question: text('question', { enum: TRIAL_KINDS }).notNull(),
    kinds: json('kinds', z.array(z.enum(TRIAL_KINDS)).readonly()).notNull(),
    /** What one cycle is, and how it is done here. */
    wear: text('wear', { enum: WEARS }).notNull(),
    protocol: text('protocol').notNull(),
    /** Where the question’s answer says that it must be renewed, in its own unit. */
    threshold: real('threshold').notNull(),
    bearer: text('bearer', { enum: BEARERS }).notNull(),
    speciesId: text('species_id').notNull(),
    boards: integer('boards').notNull(),
    lengthMm: real('length_mm').notNull(),
    widthMm: real('width_mm').notNull(),
    /** The seed of the order its fields were laid in. */
    seed: integer('seed').notNull(),
    personId: refer('person_id', () => person.id),
    at: moment('at').notNull(),
    closedAt: moment('closed_at'),
    closedWhy: text('closed_why').notNull().default(''),
    version: version(),
  },
  (t) => [
    oneOf('trial_question', t.question, TRIAL_KINDS),
    oneOf('trial_wear', t.wear, WEARS),
    oneOf('trial_bearer', t.bearer, BEARERS),
    positive('trial_boards', t.boards),
    positive('trial_length', t.lengthMm),
    positive('trial_width', t.widthMm),
  ],
);

/** A treatment of a trial: a batch of its own, whose pieces are its fields. One of them is bare. */
export const trialTreatment = sqliteTable(
  'trial_treatment',
  {
    id: integer('id').primaryKey(),
    trialId: refer('trial_id', () => trial.id),
    ordinal: integer('ordinal').notNull(),
    name: text('name').notNull(),
    isBare: integer('is_bare', { mode: 'boolean' }).notNull(),
    batchId: integer('batch_id')
      .notNull()
      .unique()
      .references(() => batch.id),
  },
  (t) => [unique('trial_treatment_ordinal').on(t.trialId, t.ordinal)],
);

/** Which treatment lies at which place of which board, counted from the marked end. */
export const trialField = sqliteTable(
  'trial_field',
  {
    trialId: refer('trial_id', () => trial.id),
    board: integer('board').notNull(),
    place: integer('place').notNull(),
    treatmentId: refer('treatment_id', () => trialTreatment.id),
  },
  (t) => [primaryKey({ columns: [t.trialId, t.board, t.place] })],
);

/** A cycle that was run: one wash, one day of sun. Appended; one that was counted by mistake is taken back. */
export const trialCycle = sqliteTable(
  'trial_cycle',
  {
    id: integer('id').primaryKey(),
    clientId: text('client_id').notNull().unique(),
    trialId: refer('trial_id', () => trial.id),
    wear: text('wear', { enum: WEARS }).notNull(),
    note: text('note').notNull().default(''),
    takesBack: integer('takes_back').references((): AnySQLiteColumn => trialCycle.id),
    personId: refer('person_id', () => person.id),
    at: moment('at').notNull(),
  },
  (t) => [index('trial_cycle_trial').on(t.trialId), oneOf('trial_cycle_wear', t.wear, WEARS)],
);

/** What somebody said of one field after so many cycles. Appended; of one person the last word stands. */
export const trialScore = sqliteTable(
  'trial_score',
  {
    id: integer('id').primaryKey(),
    clientId: text('client_id').notNull().unique(),
    trialId: refer('trial_id', () => trial.id),
    board: integer('board').notNull(),
    place: integer('place').notNull(),
    cycle: integer('cycle').notNull(),
    kind: text('kind', { enum: TRIAL_KINDS }).notNull(),
    value: real('value').notNull(),
    /** Whether whoever said it saw tags alone; and by what name a stranger to the shop was asked. */
    blind: integer('blind', { mode: 'boolean' }).notNull(),
    scorer: text('scorer').notNull().default(''),
    personId: refer('person_id', () => person.id),
    at: moment('at').notNull(),
  },
  (t) => [
    index('trial_score_trial').on(t.trialId),
    oneOf('trial_score_kind', t.kind, TRIAL_KINDS),
    check('trial_score_value', sql`${t.value} >= 0`),
  ],
);

const Reading = z.array(
  z.object({ place: z.int(), lab: z.tuple([z.number(), z.number(), z.number()]), bright: z.number().min(0).max(1) }),
);
const Corners = z.array(z.tuple([z.number(), z.number()])).length(4);

/** A picture of one board after so many cycles, where its corners were set, and what was read of its fields. Of two the later stands. */
export const trialPicture = sqliteTable(
  'trial_picture',
  {
    id: integer('id').primaryKey(),
    clientId: text('client_id').notNull().unique(),
    trialId: refer('trial_id', () => trial.id),
    board: integer('board').notNull(),
    cycle: integer('cycle').notNull(),
    lamp: text('lamp', { enum: ['even', 'low'] }).notNull(),
    /** The picture's hash; and its corners in parts of its width and height. */
    photo: text('photo').notNull(),
    corners: json('corners', Corners).notNull(),
    reading: json('reading', Reading).notNull(),
    personId: refer('person_id', () => person.id),
    at: moment('at').notNull(),
  },
  (t) => [index('trial_picture_trial').on(t.trialId), oneOf('trial_picture_lamp', t.lamp, ['even', 'low'])],
);

/** The shop's own answer to a question makers disagree on, with its reason. Appended; the last one stands, an empty school is the house's again. */
export const houseRule = sqliteTable(
  'house_rule',
  {
    id: integer('id').primaryKey(),
    question: text('question').notNull(),
    school: text('school').notNull(),
    reason: text('reason').notNull(),
    personId: refer('person_id', () => person.id),
    at: moment('at').notNull(),
  },
  (t) => [index('house_rule_question').on(t.question), check('house_rule_why', sql`trim(${t.reason}) <> ''`)],
);
