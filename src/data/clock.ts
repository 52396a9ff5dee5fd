import 'server-only';
import { readFileSync } from 'node:fs';

/**
 * The moment it is, in UTC ms. `RENDLE_CLOCK_FILE` may name a file with milliseconds to add, so that a test can walk through
 * days of coats and cure in minutes; a shop never sets it.
 */
export function now(): number {
  const file = process.env.RENDLE_CLOCK_FILE;
  if (!file) return Date.now();
  try {
    return Date.now() + Number(readFileSync(file, 'utf8'));
  } catch {
    return Date.now();
  }
}
