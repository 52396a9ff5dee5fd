import 'server-only';
import { addDays, dateOf, MS_PER_HOUR, type Result } from '@/core/quantity';
import type { By } from '../command';
import type { Db } from '../db';

/** The shed's zone. */
export const ZONE = 'Europe/Lisbon';
export const DAY = 24 * MS_PER_HOUR;
/** The two makers, by the order they are entered in. */
export const [WREN, INES] = [1, 2];

/** The value of a command that the demo knows to be right. Throws its issues otherwise. */
export function must<T>(result: Result<T>): T {
  if (!result.ok) throw new Error(`demo: ${JSON.stringify(result.issues)}`);
  return result.value;
}

export type DemoScene = { readonly db: Db; readonly nowMs: number };
export const by = (personId: number, nowMs: number): By => ({ personId, nowMs });
export const dayFrom = (ms: number, offset = 0): string => addDays(dateOf(ms, ZONE), offset);
