import type { RagHazard } from '@/core/blend';
import { MS_PER_HOUR } from '@/core/quantity';

/** The next day's look counts from this long after the cloths were laid, hours. Source: practice of the trade; they heat within hours, with nobody near. */
export const LOOK_AFTER_HOURS = 12;

/** From when on a look closes a line; an earlier one is kept and closes nothing. */
export const lookFromMs = (laidMs: number): number => laidMs + LOOK_AFTER_HOURS * MS_PER_HOUR;

/** A line of plain oil is closed when its cloths are laid; the others wait for the next day's look. */
export const closesWhenLaid = (hazard: RagHazard): boolean => hazard === 'plain';
