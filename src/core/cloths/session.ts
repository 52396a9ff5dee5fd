import { dateOf, MS_PER_HOUR } from '@/core/quantity';

/** Acts of one day belong to one working session, and so do those of a night shift that are no further apart than this, hours. Source: working choice. */
export const SESSION_HOURS = 10;

/** Whether an act belongs to a session that was opened at a moment, by the shop's own day. */
export const inSession = (openedMs: number, atMs: number, zone: string): boolean =>
  Math.abs(atMs - openedMs) <= SESSION_HOURS * MS_PER_HOUR || dateOf(openedMs, zone) === dateOf(atMs, zone);
