import { sql } from 'drizzle-orm';
import { type AnySQLiteColumn, check, index, integer, primaryKey, sqliteTable, text, unique } from 'drizzle-orm/sqlite-core';
import { z } from 'zod';
import { CLOTH_WAYS } from '@/core/cloths';
import { json } from './json';
import { pour } from './pour';
import { moment, oneOf, refer, version } from './shared';
import { person } from './shop';
import { lot } from './stores';
import { batch, regimen } from './work';

export const RAG_HAZARDS = ['self-heating', 'flammable', 'plain'] as const;

/** One session's oily cloths: what they are, how they lie, and the look at them next day. More cloths open it again. */
export const ragLine = sqliteTable(
  'rag_line',
  {
    id: integer('id').primaryKey(),
    hazard: text('hazard', { enum: RAG_HAZARDS }).notNull(),
    openedAt: moment('opened_at').notNull(),
    openedBy: refer('opened_by', () => person.id),
    way: text('way', { enum: CLOTH_WAYS }),
    /** Something on them gives off vapour. */
    vapour: integer('vapour', { mode: 'boolean' }).notNull().default(false),
    /** When it was answered before more cloths came. */
    answeredAt: moment('answered_at'),
    laidAt: moment('laid_at'),
    laidBy: integer('laid_by').references(() => person.id),
    checkedAt: moment('checked_at'),
    checkedBy: integer('checked_by').references(() => person.id),
    version: version(),
  },
  (t) => [
    oneOf('rag_line_hazard', t.hazard, RAG_HAZARDS),
    check('rag_line_order', sql`${t.checkedAt} is null or ${t.laidAt} is not null`),
  ],
);

/** The acts whose cloths a rag line holds: at a batch, or at a pot. */
export const ragLineEntry = sqliteTable(
  'rag_line_entry',
  {
    ragLineId: refer('rag_line_id', () => ragLine.id),
    entry: text('entry').notNull(),
    batchId: integer('batch_id').references(() => batch.id),
    pourId: integer('pour_id').references((): AnySQLiteColumn => pour.id),
  },
  (t) => [
    primaryKey({ columns: [t.ragLineId, t.entry] }),
    index('rag_line_entry_batch').on(t.batchId),
    check('rag_line_entry_of', sql`(${t.batchId} is null) <> (${t.pourId} is null)`),
  ],
);

/** Each look at the cloths; one that came too early is kept and closes nothing. */
export const ragLook = sqliteTable(
  'rag_look',
  {
    id: integer('id').primaryKey(),
    ragLineId: refer('rag_line_id', () => ragLine.id),
    closes: integer('closes', { mode: 'boolean' }).notNull(),
    personId: refer('person_id', () => person.id),
    at: moment('at').notNull(),
  },
  (t) => [index('rag_look_line').on(t.ragLineId)],
);

/** What became of things when the house's facts changed: told once; pieces that would be refused now are held until someone says what becomes of them. */
export const FACT_NOTICES = ['held', 'sold-refused', 'lot-shortened', 'fit-moved', 'regimen-offered'] as const;
export const factNotice = sqliteTable(
  'fact_notice',
  {
    id: integer('id').primaryKey(),
    kind: text('kind', { enum: FACT_NOTICES }).notNull(),
    /** What it is about, as its kind names it: `batch 4`, `lot 7`, `regimen warm-cure`. */
    about: text('about').notNull(),
    batchId: integer('batch_id').references(() => batch.id),
    lotId: integer('lot_id').references(() => lot.id),
    regimenId: text('regimen_id').references(() => regimen.id),
    detail: json('detail', z.record(z.string(), z.unknown()).readonly()).notNull(),
    at: moment('at').notNull(),
    toldAt: moment('told_at'),
    toldBy: integer('told_by').references(() => person.id),
    /** Of held pieces: that they may be sold all the same, or are not sold, and why. */
    settled: text('settled', { enum: ['sell', 'keep'] }),
    reason: text('reason').notNull().default(''),
  },
  (t) => [
    unique('fact_notice_about').on(t.kind, t.about, t.at),
    oneOf('fact_notice_kind', t.kind, FACT_NOTICES),
    index('fact_notice_batch').on(t.batchId),
  ],
);
