import { MS_PER_HOUR } from '@/core/quantity';
import { openingChecks } from './checks';
import type { CureMode } from './checks/check';
import type { CheckSeen } from './cure';

/** The estimate must reach this before anything is called fit. */
export const FIT_FROM = 0.9;
/** A check passed counts for this long. */
export const CHECK_HOLDS_HOURS = 48;
/** How a finish sets, and whether any coat since the piece was bare held what evaporates. */
export type Setting = { readonly mode: CureMode; readonly heldVolatile: boolean };

/** What "fit" rests on, each part by itself, so that a screen can show which is missing. */
export type Fitness = { readonly estimate: boolean; readonly check: boolean; readonly leastTime: boolean; readonly fit: boolean };

/**
 * Whether the checks open the release: of every kind made since the last coat the latest, however old, passed, and one of those that
 * count for this finish did within the last hours; where any coat held what evaporates, no smell is left besides.
 */
export function checksOpen(checks: readonly CheckSeen[], { mode, heldVolatile }: Setting, nowMs: number): boolean {
  const seen = [...checks].filter((check) => check.atMs <= nowMs).sort((a, b) => a.atMs - b.atMs);
  const latest = new Map(seen.map((check) => [check.kind, check]));
  const isFresh = (check: CheckSeen | undefined): boolean =>
    check !== undefined && nowMs - check.atMs <= CHECK_HOLDS_HOURS * MS_PER_HOUR;
  return (
    [...latest.values()].every((check) => check.pass) &&
    openingChecks(mode).some((kind) => isFresh(latest.get(kind))) &&
    (!heldVolatile || isFresh(latest.get('smell')))
  );
}

/** Fit is `pReady ≥ 0.9`, and the checks, and the regimen's least time. */
export function fitness(
  pReady: number,
  checks: readonly CheckSeen[],
  nowMs: number,
  leastUntilMs: number,
  setting: Setting,
): Fitness {
  const estimate = pReady >= FIT_FROM;
  const check = checksOpen(checks, setting, nowMs);
  const leastTime = nowMs >= leastUntilMs;
  return { estimate, check, leastTime, fit: estimate && check && leastTime };
}
