import { sql } from 'drizzle-orm';
import { check, index, integer, real, sqliteTable, text, unique, uniqueIndex } from 'drizzle-orm/sqlite-core';
import { CARE_CLASSES, LANGUAGES, UPKEEPS, USES, WASHES } from '@/core/care';
import { moment, refer } from './shared';
import { person } from './shop';
import { lot } from './stores';
import { piece } from './work';

/** Someone who has a piece; erasable apart from the trace. */
export const owner = sqliteTable('owner', {
  id: integer('id').primaryKey(),
  name: text('name').notNull(),
  /** Where reminders go, if the owner wants them. */
  email: text('email'),
  /** When a letter to this address came back; it is not written to until another is given. */
  bouncedAt: moment('bounced_at'),
  erasedAt: moment('erased_at'),
});

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
    personId: refer('person_id', () => person.id),
    at: moment('at').notNull(),
  },
  (t) => [index('sale_sold').on(t.soldOn), check('sale_price', sql`${t.priceMinor} is null or ${t.priceMinor} >= 0`)],
);

/** Pieces nobody has bought, so that they are found among all there ever were. Triggers of `piece` and `sale` write it. */
export const pieceUnsold = sqliteTable('piece_unsold', {
  pieceId: integer('piece_id')
    .primaryKey()
    .references(() => piece.id),
});

/** A sale that was taken back: a slip of the hand, or the buyer thought again at the counter. It stays written; the piece is for sale again. */
export const saleStruck = sqliteTable(
  'sale_struck',
  {
    id: integer('id').primaryKey(),
    pieceId: refer('piece_id', () => piece.id),
    soldOn: text('sold_on').notNull(),
    priceMinor: integer('price_minor'),
    soldBy: refer('sold_by', () => person.id),
    soldAt: moment('sold_at').notNull(),
    personId: refer('person_id', () => person.id),
    at: moment('at').notNull(),
  },
  (t) => [
    index('sale_struck_piece').on(t.pieceId),
    check('sale_struck_price', sql`${t.priceMinor} is null or ${t.priceMinor} >= 0`),
  ],
);

/** Filled tins that left: sold on their own, or given with a piece. */
export const tinSale = sqliteTable(
  'tin_sale',
  {
    id: integer('id').primaryKey(),
    lotId: refer('lot_id', () => lot.id),
    count: integer('count').notNull(),
    priceMinor: integer('price_minor'),
    ownerId: integer('owner_id').references(() => owner.id),
    withPieceId: integer('with_piece_id').references(() => piece.id),
    soldOn: text('sold_on').notNull(),
    personId: refer('person_id', () => person.id),
    at: moment('at').notNull(),
  },
  (t) => [
    index('tin_sale_lot').on(t.lotId),
    check('tin_sale_count', sql`${t.count} > 0`),
    check('tin_sale_price', sql`${t.priceMinor} is null or ${t.priceMinor} >= 0`),
  ],
);

/** Tins that came back because the sale of their piece was taken back; `tin_sale` itself is never changed. */
export const tinSaleStruck = sqliteTable('tin_sale_struck', {
  tinSaleId: integer('tin_sale_id')
    .primaryKey()
    .references(() => tinSale.id),
  at: moment('at').notNull(),
});

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
  /** The maker's own days between looks and own words, where the piece was made with a care of its own. */
  ownDays: integer('own_days'),
  ownWords: text('own_words').notNull().default(''),
  gramsPerTreatment: real('grams_per_treatment').notNull(),
  /** What letters and the owner's page are written in. */
  language: text('language', { enum: LANGUAGES }).notNull().default('en'),
  /** Country whose rooms it stands in; null: like the shop's own. */
  country: text('country'),
  /** Who has it now, where that is not who bought it. */
  holderId: integer('holder_id').references(() => owner.id),
  /** The piece is no more: no looks, no letters. */
  endedAt: moment('ended_at'),
  /** No more reminders: the owner said so, or the piece is gone. */
  stoppedAt: moment('stopped_at'),
});

export const careEvent = sqliteTable(
  'care_event',
  {
    id: integer('id').primaryKey(),
    carePlanId: refer('care_plan_id', () => carePlan.id),
    ordinal: integer('ordinal').notNull(),
    dueOn: text('due_on').notNull(),
  },
  (t) => [unique('care_event_once').on(t.carePlanId, t.ordinal), index('care_event_due').on(t.dueOn)],
);

export const REPORTS = ['re-oiled', 'wrong', 'refill', 'given', 'ended', 'returned'] as const;

/** What an owner said on the piece's page, or the shop wrote down for them. */
export const careReport = sqliteTable(
  'care_report',
  {
    id: integer('id').primaryKey(),
    carePlanId: refer('care_plan_id', () => carePlan.id),
    kind: text('kind', { enum: REPORTS }).notNull(),
    reportedOn: text('reported_on').notNull(),
    note: text('note').notNull().default(''),
    at: moment('at').notNull(),
    /** A photo beside the database, by its hash; its size counts for the day. */
    photo: text('photo'),
    photoBytes: integer('photo_bytes').notNull().default(0),
    /** Who of the shop wrote it down; null: the owner said it. */
    personId: integer('person_id').references(() => person.id),
    /** When someone of the shop has seen it. */
    seenAt: moment('seen_at'),
  },
  (t) => [
    index('care_report_plan').on(t.carePlanId),
    // Of what is wrong each word is kept; all else said twice in a day is said once.
    uniqueIndex('care_report_once').on(t.carePlanId, t.kind, t.reportedOn).where(sql`"kind" <> 'wrong'`),
  ],
);

/** `look`: a look is due; `hold`: something is amiss with what was sold, or is answered to who said so. */
export const LETTER_KINDS = ['look', 'hold'] as const;
/** A draft waits for a person; the rest go by themselves. */
export const LETTER_STATES = ['draft', 'waiting', 'sending', 'sent', 'failed', 'voided'] as const;

/**
 * Letters to owners. A look of a plan is written about once, whatever happens; the key sees to it. One about a hold has the hold's
 * number, negative, as its ordinal. What goes to one address together travels in one parcel, named before it leaves.
 */
export const outbox = sqliteTable(
  'outbox',
  {
    id: integer('id').primaryKey(),
    carePlanId: refer('care_plan_id', () => carePlan.id),
    /** Unread since letters have a key. */
    ordinal: integer('ordinal').notNull(),
    /** Which letter it is among all about its plan: `hold:12`. See `core/letters`. */
    key: text('key').notNull().default(''),
    dueOn: text('due_on').notNull(),
    kind: text('kind', { enum: LETTER_KINDS }).notNull().default('look'),
    parcel: text('parcel'),
    to: text('to').notNull(),
    subject: text('subject').notNull(),
    body: text('body').notNull(),
    state: text('state', { enum: LETTER_STATES }).notNull().default('waiting'),
    why: text('why').notNull().default(''),
    file: text('file'),
    madeAt: moment('made_at').notNull(),
    sentAt: moment('sent_at'),
  },
  (t) => [unique('outbox_key').on(t.carePlanId, t.key), index('outbox_state').on(t.state)],
);
