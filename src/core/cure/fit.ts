import { MS_PER_HOUR } from '@/core/quantity';
import type { CheckSeen } from './cure';

/** The estimate must reach this before anything is called fit. */
export const FIT_FROM = 0.9;
/** A check passed counts for this long. */
export const CHECK_HOLDS_HOURS = 48;

/** What "fit" rests on, each part by itself, so that a screen can show which is missing. */
export type Fitness = { readonly estimate: boolean; readonly check: boolean; readonly leastTime: boolean; readonly fit: boolean };

/** Fit is `pReady ≥ 0.9`, and a check passed in the last 48 h with none failed after it, and the regimen's least time. */
export function fitness(pReady: number, checks: readonly CheckSeen[], nowMs: number, leastUntilMs: number): Fitness {
  const seen = [...checks].filter((check) => check.atMs <= nowMs).sort((a, b) => a.atMs - b.atMs);
  const passed = seen.findLast((check) => check.pass);
  const failedAfter = passed !== undefined && seen.some((check) => !check.pass && check.atMs >= passed.atMs);
  const estimate = pReady >= FIT_FROM;
  const check = passed !== undefined && !failedAfter && nowMs - passed.atMs <= CHECK_HOLDS_HOURS * MS_PER_HOUR;
  const leastTime = nowMs >= leastUntilMs;
  return { estimate, check, leastTime, fit: estimate && check && leastTime };
}
