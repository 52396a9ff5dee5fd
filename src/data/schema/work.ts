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
import { CARE_CLASSES, UPKEEPS } from '@/core/care';
import { CHECK_KINDS } from '@/core/cure';
import { ORIGINS, OwnWoodFacts, PIECE_USES } from '@/core/material';
import { FINISH_CLASSES } from '@/core/piece';
import { LIES, OwnCare, PLACE_KINDS, STEP_KINDS, StepDetail, VERDICT_KINDS } from '@/core/regimen';
import { Glue } from '@/core/use';
import { json } from './json';
import { moment, oneOf, positive, refer, version } from './shared';
import { person, place } from './shop';
import { lot } from './stores';

export const design = sqliteTable('design', {
  id: integer('id').primaryKey(),
  name: text('name').notNull().unique(),
  /** The size of a trial's field: no design of the shop's own. */
  isField: integer('is_field', { mode: 'boolean' }).notNull().default(false),
  createdAt: moment('created_at').notNull(),
});

/** A design's shape as it stood when saved; `geometry` is the open shape of the core, in mm. */
export const designRevision = sqliteTable(
  'design_revision',
  {
    id: integer('id').primaryKey(),
    designId: refer('design_id', () => design.id),
    number: integer('number').notNull(),
    geometry: text('geometry', { mode: 'json' }).notNull(),
    /** Kept for files of the first shape: a knife in the uses, a mouth or a toy in them. */
    cutOn: integer('cut_on', { mode: 'boolean' }).notNull(),
    mouthed: integer('mouthed', { mode: 'boolean' }).notNull().default(false),
    /** What it is for. */
    uses: json('uses', z.array(z.enum(PIECE_USES)).readonly())
      .notNull()
      .default(sql`'["food-wet"]'`),
    /** Whether it could be taken for tableware where it is not for food. */
    tableware: integer('tableware', { mode: 'boolean' }).notNull().default(true),
    /** Whether its maker said so; else it was read off an older file and is asked about. */
    usesSaid: integer('uses_said', { mode: 'boolean' }).notNull().default(true),
    /** It really measures more than a metre, or less than a millimetre: that was asked, and this is the answer. */
    sizesSure: integer('sizes_sure', { mode: 'boolean' }).notNull().default(false),
    at: moment('at').notNull(),
  },
  (t) => [unique('design_revision_number').on(t.designId, t.number)],
);

export const regimen = sqliteTable('regimen', { id: text('id').primaryKey(), name: text('name').notNull() });

export const regimenRevision = sqliteTable(
  'regimen_revision',
  {
    id: integer('id').primaryKey(),
    regimenId: text('regimen_id')
      .notNull()
      .references(() => regimen.id),
    number: integer('number').notNull(),
    school: text('school').notNull(),
    gains: text('gains').notNull(),
    costs: text('costs').notNull(),
    careClass: text('care_class', { enum: CARE_CLASSES }).notNull(),
    knifeSurface: integer('knife_surface', { mode: 'boolean' }).notNull(),
    slots: text('slots', { mode: 'json' }).notNull(),
    ownCare: json('own_care', OwnCare),
    /** Why the house does not keep to the usual order; empty where it does. */
    ownWay: text('own_way').notNull().default(''),
    /** Why this revision was written; empty for what was shipped. */
    why: text('why').notNull().default(''),
    personId: integer('person_id').references(() => person.id),
    at: moment('at').notNull(),
  },
  (t) => [unique('regimen_revision_number').on(t.regimenId, t.number)],
);

export const regimenStep = sqliteTable(
  'regimen_step',
  {
    revisionId: refer('revision_id', () => regimenRevision.id),
    ordinal: integer('ordinal').notNull(),
    id: text('id').notNull(),
    kind: text('kind', { enum: STEP_KINDS }).notNull(),
    action: text('action').notNull(),
    done: text('done').notNull(),
    setupMin: real('setup_min').notNull(),
    perPieceMin: real('per_piece_min').notNull(),
    waitMin: real('wait_min').notNull(),
    waitIdealMin: real('wait_ideal_min').notNull(),
    waitMaxMin: real('wait_max_min'),
    slot: text('slot'),
    lies: text('lies', { enum: LIES }),
    coatClass: text('coat_class', { enum: FINISH_CLASSES }),
    coat: integer('coat'),
    until: text('until', { enum: CHECK_KINDS }),
    expect: integer('expect').notNull().default(1),
    againMin: real('again_min').notNull().default(0),
    place: text('place', { enum: PLACE_KINDS }),
    optional: integer('optional', { mode: 'boolean' }).notNull(),
    note: text('note').notNull(),
    /** What the tin's label says where the house does otherwise; `note` gives the reason. */
    labelRule: text('label_rule').notNull().default(''),
    /** What governs its wait, when it is called for, the surfaces it treats, the house's own rule, how it looks. */
    detail: json('detail', StepDetail).notNull().default(sql`'{}'`),
  },
  (t) => [
    primaryKey({ columns: [t.revisionId, t.ordinal] }),
    unique('regimen_step_id').on(t.revisionId, t.id),
    oneOf('regimen_step_kind', t.kind, STEP_KINDS),
    check('regimen_step_hands', sql`${t.setupMin} >= 0 and ${t.perPieceMin} >= 0`),
    check(
      'regimen_step_wait',
      sql`${t.waitMin} >= 0 and ${t.waitMin} <= ${t.waitIdealMin} and (${t.waitMaxMin} is null or ${t.waitIdealMin} <= ${t.waitMaxMin})`,
    ),
  ],
);

export const batch = sqliteTable(
  'batch',
  {
    id: integer('id').primaryKey(),
    number: text('number').notNull().unique(),
    designRevisionId: refer('design_revision_id', () => designRevision.id),
    speciesId: text('species_id').notNull(),
    origin: text('origin', { enum: ORIGINS }).notNull(),
    /** Whether the maker is sure which tree it is, where its name is given to another too. */
    treeKnown: integer('tree_known', { mode: 'boolean' }).notNull().default(true),
    regimenRevisionId: refer('regimen_revision_id', () => regimenRevision.id),
    startAt: moment('start_at').notNull(),
    dueAt: moment('due_at'),
    /** What it is for where that is narrower than its design; who will look after it. Null: as the design says, and not known. */
    uses: json('uses', z.array(z.enum(PIECE_USES)).readonly()),
    upkeep: text('keeper', { enum: UPKEEPS }),
    /** Of what is made to order: for whom, and what was wished. The promised day is when it is due. */
    customer: text('customer').notNull().default(''),
    wishes: text('wishes').notNull().default(''),
    /** How its owners keep it, where the maker says so; null: as its regimen does. */
    ownCare: json('own_care', OwnCare),
    /** Other woods in the same piece, and what holds them together. */
    alsoWoods: json('also_woods', z.array(z.string()).readonly()).notNull().default(sql`'[]'`),
    glue: json('glue', Glue),
    /** The batch it was begun again from. */
    againOf: integer('again_of').references((): AnySQLiteColumn => batch.id),
    /** When its blanks were rough-turned or rough-cut, as a date. */
    roughOn: text('rough_on'),
    /** Why its first soak may lie past the bound of its oil; empty where it does not. */
    beyondWhy: text('beyond_why').notNull().default(''),
    splitFrom: integer('split_from').references((): AnySQLiteColumn => batch.id),
    splitAt: moment('split_at'),
    /** The batch that all its pieces went over to. */
    joinedTo: integer('joined_to').references((): AnySQLiteColumn => batch.id),
    /** When it was cancelled, by whom and why: begun by mistake, or given up. What was drawn for it stays drawn. Null: it was not. */
    cancelledAt: moment('cancelled_at'),
    cancelledBy: integer('cancelled_by').references((): AnySQLiteColumn => person.id),
    cancelledWhy: text('cancelled_why').notNull().default(''),
    prefer: text('prefer', { enum: ['soonest', 'ideal'] })
      .notNull()
      .default('ideal'),
    personId: refer('person_id', () => person.id),
    at: moment('at').notNull(),
    version: version(),
  },
  (t) => [index('batch_split').on(t.splitFrom), index('batch_joined').on(t.joinedTo), oneOf('batch_origin', t.origin, ORIGINS)],
);

export const piece = sqliteTable(
  'piece',
  {
    id: integer('id').primaryKey(),
    batchId: refer('batch_id', () => batch.id),
    ordinal: integer('ordinal').notNull(),
    code: text('code').notNull().unique(),
    /** What is chalked on it once it has gone over to another batch; before that its batch's number and its own. */
    tag: text('tag'),
    leftAt: moment('left_at'),
    leftWhy: text('left_why'),
    /** Of a mixed lot: its own design, wood and uses; null: its batch's. */
    designRevisionId: integer('design_revision_id').references(() => designRevision.id),
    speciesId: text('species_id'),
    uses: json('uses', z.array(z.enum(PIECE_USES)).readonly()),
  },
  (t) => [unique('piece_ordinal').on(t.batchId, t.ordinal)],
);

/** Which lot each material slot of a batch is taken from, and since when: 0 from the start. */
export const batchMaterial = sqliteTable(
  'batch_material',
  {
    batchId: refer('batch_id', () => batch.id),
    slot: text('slot').notNull(),
    lotId: refer('lot_id', () => lot.id),
    fromAt: moment('from_at').notNull().default(0),
  },
  (t) => [primaryKey({ columns: [t.batchId, t.slot, t.fromAt] }), index('batch_material_lot').on(t.lotId)],
);

export const ENTRY_KINDS = ['done', 'left-out', 'correction', 'undo'] as const;

/** Batches that are not decided for good, so that they are found among all there ever were. Triggers of `batch` and `release` write it. */
export const batchOpen = sqliteTable('batch_open', {
  batchId: integer('batch_id')
    .primaryKey()
    .references(() => batch.id),
});

/** The coat book: append-only. `at` is when hands were done, `recordedAt` when it reached this file. */
export const logEntry = sqliteTable(
  'log_entry',
  {
    id: integer('id').primaryKey(),
    clientId: text('client_id').notNull().unique(),
    batchId: refer('batch_id', () => batch.id),
    kind: text('kind', { enum: ENTRY_KINDS }).notNull(),
    /** The task of the schedule, as the core names it. */
    task: text('task').notNull(),
    pieces: integer('pieces').notNull(),
    personId: refer('person_id', () => person.id),
    at: moment('at').notNull(),
    recordedAt: moment('recorded_at').notNull(),
    device: text('device').notNull(),
    deviceSequence: integer('device_sequence').notNull(),
    clockOffsetMs: integer('clock_offset_ms').notNull().default(0),
    lotId: integer('lot_id').references(() => lot.id),
    grams: real('grams'),
    gramsEstimated: integer('grams_estimated', { mode: 'boolean' }).notNull().default(false),
    tempC: real('temp_c'),
    rhFraction: real('rh_fraction'),
    pass: integer('pass', { mode: 'boolean' }),
    seen: text('seen').notNull().default(''),
    /** Faults seen, each with the surface it was on. */
    faults: text('faults', { mode: 'json' }).notNull().default([]),
    photo: text('photo'),
    corrects: text('corrects'),
    /** The wait before it as the room made it then: what was judged is not judged again. `waited` is false for what came before that was kept. */
    waited: integer('waited', { mode: 'boolean' }).notNull().default(false),
    waitMin: real('wait_min'),
    waitMaxMin: real('wait_max_min'),
  },
  (t) => [
    index('log_entry_batch_at').on(t.batchId, t.at),
    index('log_entry_corrects').on(t.corrects),
    index('log_entry_weighed').on(t.id).where(sql`("grams_estimated" = 0 and "grams" > 0) or "corrects" is not null`),
    index('log_entry_recorded').on(t.recordedAt),
    oneOf('log_entry_kind', t.kind, ENTRY_KINDS),
    check('log_entry_grams', sql`${t.grams} is null or ${t.grams} >= 0`),
    check('log_entry_points', sql`(${t.kind} in ('correction', 'undo')) = (${t.corrects} is not null)`),
  ],
);

export const placement = sqliteTable(
  'placement',
  {
    id: integer('id').primaryKey(),
    batchId: refer('batch_id', () => batch.id),
    placeId: refer('place_id', () => place.id),
    at: moment('at').notNull(),
  },
  (t) => [index('placement_batch_at').on(t.batchId, t.at)],
);

export const checkEntry = sqliteTable(
  'check_entry',
  {
    id: integer('id').primaryKey(),
    clientId: text('client_id').notNull().unique(),
    batchId: refer('batch_id', () => batch.id),
    kind: text('kind', { enum: CHECK_KINDS }).notNull(),
    pass: integer('pass', { mode: 'boolean' }).notNull(),
    note: text('note').notNull().default(''),
    personId: refer('person_id', () => person.id),
    at: moment('at').notNull(),
  },
  (t) => [index('check_entry_batch_at').on(t.batchId, t.at), oneOf('check_entry_kind', t.kind, CHECK_KINDS)],
);

/** Fit to sell, or not: what was looked at when it was decided. Never changed; the file itself refuses it. */
export const release = sqliteTable(
  'release',
  {
    id: integer('id').primaryKey(),
    number: text('number').notNull().unique(),
    batchId: refer('batch_id', () => batch.id),
    outcome: text('outcome', { enum: ['released', 'refused'] }).notNull(),
    reason: text('reason').notNull().default(''),
    gates: text('gates', { mode: 'json' }).notNull(),
    signed: text('signed', { mode: 'json' }).notNull(),
    /** What becomes of what was refused: it is mended and judged again, or it is rejected. */
    next: text('next', { enum: ['mend', 'reject'] }),
    /** The whole record in its published shape, as it was signed. */
    record: text('record'),
    personId: refer('person_id', () => person.id),
    at: moment('at').notNull(),
  },
  (t) => [index('release_batch').on(t.batchId), positive('release_at', t.at)],
);

/** A moisture meter's reading of a batch's wood, and where on it. One that says nothing (just wetted, a knot) is kept and left out. */
export const moistureReading = sqliteTable(
  'moisture_reading',
  {
    id: integer('id').primaryKey(),
    batchId: refer('batch_id', () => batch.id),
    percent: real('percent').notNull(),
    spot: text('spot').notNull().default(''),
    isValid: integer('is_valid', { mode: 'boolean' }).notNull().default(true),
    personId: refer('person_id', () => person.id),
    at: moment('at').notNull(),
  },
  (t) => [index('moisture_reading_batch').on(t.batchId), check('moisture_reading_percent', sql`${t.percent} between 2 and 120`)],
);

/** A blank on the scale while it dries, until it is steady. */
export const dryWeighing = sqliteTable(
  'dry_weighing',
  {
    id: integer('id').primaryKey(),
    clientId: text('client_id').notNull().unique(),
    batchId: refer('batch_id', () => batch.id),
    pieceId: refer('piece_id', () => piece.id),
    grams: real('grams').notNull(),
    personId: refer('person_id', () => person.id),
    at: moment('at').notNull(),
  },
  (t) => [index('dry_weighing_batch').on(t.batchId, t.at), positive('dry_weighing_grams', t.grams)],
);

/** What its maker thinks of a batch after the work; the last of each kind stands. */
export const verdict = sqliteTable(
  'verdict',
  {
    id: integer('id').primaryKey(),
    clientId: text('client_id').notNull().unique(),
    batchId: refer('batch_id', () => batch.id),
    kind: text('kind', { enum: VERDICT_KINDS }).notNull(),
    /** From 1, poor, to 5. */
    score: integer('score').notNull(),
    personId: refer('person_id', () => person.id),
    at: moment('at').notNull(),
  },
  (t) => [
    index('verdict_batch').on(t.batchId),
    oneOf('verdict_kind', t.kind, VERDICT_KINDS),
    check('verdict_score', sql`${t.score} between 1 and 5`),
  ],
);

/** A note typed at any time, of a batch or of none. */
export const note = sqliteTable(
  'note',
  {
    id: integer('id').primaryKey(),
    clientId: text('client_id').notNull().unique(),
    batchId: integer('batch_id').references(() => batch.id),
    text: text('text').notNull(),
    personId: refer('person_id', () => person.id),
    at: moment('at').notNull(),
  },
  (t) => [index('note_batch').on(t.batchId)],
);

/** A wood of the shop's own, copied from one that is like it; each change is a row more, and the last one stands. */
export const ownWood = sqliteTable(
  'own_wood',
  {
    id: text('id').notNull(),
    number: integer('number').notNull(),
    likeId: text('like_id').notNull(),
    facts: json('facts', OwnWoodFacts).notNull(),
    /** Why its verdict is what it is. */
    why: text('why').notNull(),
    personId: refer('person_id', () => person.id),
    at: moment('at').notNull(),
  },
  (t) => [primaryKey({ columns: [t.id, t.number] })],
);
