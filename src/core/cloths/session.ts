import type { RagHazard } from '@/core/blend';
import { dateOf, MS_PER_HOUR } from '@/core/quantity';

/** Acts of one day belong to one working session, and so do those of a night shift that are no further apart than this, hours. Source: working choice. */
export const SESSION_HOURS = 10;
/** The next day's look counts from this long after the cloths were laid, hours. Source: practice of the trade; they heat within hours, with nobody near. */
export const LOOK_AFTER_HOURS = 12;

/** Whether an act belongs to a session that was opened at a moment, by the shop's own day. */
export const inSession = (openedMs: number, atMs: number, zone: string): boolean =>
  Math.abs(atMs - openedMs) <= SESSION_HOURS * MS_PER_HOUR || dateOf(openedMs, zone) === dateOf(atMs, zone);

/** A line of plain oil is closed when its cloths are laid; the others wait for the next day's look. */
export const closesWhenLaid = (hazard: RagHazard): boolean => hazard === 'plain';

/** From when on a look closes a line; an earlier one is kept and closes nothing. */
export const lookFromMs = (laidMs: number): number => laidMs + LOOK_AFTER_HOURS * MS_PER_HOUR;
