import { sql } from 'drizzle-orm';
import { check, index, integer, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { moment } from './shared';

/** The passcode devices of the network must know, as scrypt leaves it: it cannot be read back. */
export const door = sqliteTable(
  'door',
  {
    id: integer('id').primaryKey(),
    salt: text('salt').notNull(),
    hash: text('hash').notNull(),
    /** What devices of the network close their unsent records with when they are sent away; a new passcode leaves it. */
    seal: text('seal').notNull().default(''),
    setAt: moment('set_at').notNull(),
  },
  (t) => [check('door_one', sql`${t.id} = 1`)],
);

/** Why a device is out again. */
export const DEVICE_ENDS = ['sent away', 'left', 'new passcode', 'came again'] as const;

/** A device that gave the passcode: it holds a token of its own, of which the file knows only the hash. */
export const device = sqliteTable(
  'device',
  {
    id: integer('id').primaryKey(),
    name: text('name').notNull(),
    tokenHash: text('token_hash').notNull().unique(),
    address: text('address').notNull(),
    cameAt: moment('came_at').notNull(),
    usedAt: moment('used_at').notNull(),
    endedAt: moment('ended_at'),
    ended: text('ended', { enum: DEVICE_ENDS }),
  },
  (t) => [index('device_used').on(t.usedAt)],
);
