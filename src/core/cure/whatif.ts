import { MS_PER_HOUR } from '@/core/quantity';
import type { CureMode } from './checks/check';
import { type NeededHours, quantile } from './cure';
import { cureRate } from './rate';
import type { Climate } from './schema';

/** A day somewhere: so many hours of each climate; the hours make 24. */
export type Daily = readonly { readonly climate: Climate; readonly hours: number }[];

/** Mean rate over a day: `Σ k·hours / Σ hours`. */
export const dailyRate = (day: Daily, mode: CureMode = 'oxidise'): number => {
  const hours = day.reduce((sum, part) => sum + part.hours, 0);
  return hours > 0 ? day.reduce((sum, part) => sum + cureRate(part.climate, mode) * part.hours, 0) / hours : 0;
};

/** The mean rate of a day for each way of setting. */
export const dailyRates = (day: Daily): Readonly<Record<CureMode, number>> => ({
  oxidise: dailyRate(day, 'oxidise'),
  settle: dailyRate(day, 'settle'),
  evaporate: dailyRate(day, 'evaporate'),
});

/** Moments by which a share of such batches is fit, UTC ms; null where it cannot be said. */
export type ReadyAt = { readonly p10: number | null; readonly p50: number | null; readonly p90: number | null };

/** A moment that cannot be said lies past every other. */
const late = (ms: number | null): number => ms ?? Number.POSITIVE_INFINITY;

/** What has been gained so far and what is still needed. */
export type Underway = { readonly needed: NeededHours; readonly ageHours: number; readonly nowMs: number };

/** When a share of such batches would be fit if the rate were another from now on; a moment that is past is now. UTC ms. */
export function readyWith({ needed, ageHours, nowMs }: Underway, rate: number): ReadyAt {
  const at = (share: number): number | null => {
    const hours = quantile(needed, share);
    return hours === null ? null : nowMs + (Math.max(0, hours - ageHours) / Math.max(rate, 1e-6)) * MS_PER_HOUR;
  };
  return { p10: at(0.1), p50: at(0.5), p90: at(0.9) };
}

/** A batch that cures somewhere and may be carried elsewhere. `room` is what it takes of each place; absent where it may not go. */
export type Movable = Underway & {
  readonly id: string;
  readonly place: string;
  readonly dueMs: number | null;
  readonly mode: CureMode;
  readonly room: Readonly<Record<string, number>>;
};
/** A place with its daily rate for each way of setting, and the room left; null where nothing limits it. */
export type Spot = { readonly id: string; readonly rates: Readonly<Record<CureMode, number>>; readonly left: number | null };

export type Move = {
  readonly id: string;
  readonly to: string;
  readonly readyMs: number;
  readonly gainMs: number;
  /** Whether it is ready by its date there, and would not be where it stands. */
  readonly keepsDate: boolean;
};

/**
 * Where to carry which batch, best first: those that keep a date before those that only gain time, and of these the most gained.
 * Each is looked at by itself, with the room that is left now.
 */
export function rankMoves(batches: readonly Movable[], spots: readonly Spot[]): Move[] {
  const rateOf = (id: string, mode: CureMode): number => spots.find((spot) => spot.id === id)?.rates[mode] ?? 1;
  return batches
    .flatMap((batch) => {
      const here = late(readyWith(batch, rateOf(batch.place, batch.mode)).p90);
      return spots.flatMap((spot): Move[] => {
        const takes = batch.room[spot.id];
        if (spot.id === batch.place || takes === undefined || (spot.left !== null && takes > spot.left)) return [];
        const there = late(readyWith(batch, spot.rates[batch.mode]).p90);
        const keepsDate = batch.dueMs !== null && there <= batch.dueMs && here > batch.dueMs;
        return there < here ? [{ id: batch.id, to: spot.id, readyMs: there, gainMs: here - there, keepsDate }] : [];
      });
    })
    .sort((a, b) => Number(b.keepsDate) - Number(a.keepsDate) || b.gainMs - a.gainMs);
}

/** Moves that may all be made, and which batches are late all the same. */
export type Together = { readonly moves: readonly Move[]; readonly late: readonly string[] };

/**
 * Which batches to carry where so that as many as can be are ready in time: the best move is made, the room it takes and leaves is
 * reckoned with, and so on while a date is kept by one. Only what keeps a date is moved.
 */
export function togetherMoves(batches: readonly Movable[], spots: readonly Spot[]): Together {
  let [standing, room] = [[...batches], [...spots]];
  const moves: Move[] = [];
  for (;;) {
    const best = rankMoves(standing, room).find((move) => move.keepsDate);
    const moved = best && standing.find((one) => one.id === best.id);
    if (!best || !moved) break;
    moves.push(best);
    const shift = (spot: Spot): number =>
      spot.id === best.to ? -(moved.room[spot.id] ?? 0) : spot.id === moved.place ? (moved.room[spot.id] ?? 0) : 0;
    room = room.map((spot) => (spot.left === null ? spot : { ...spot, left: spot.left + shift(spot) }));
    standing = standing.map((one) => (one.id === best.id ? { ...one, place: best.to } : one));
  }
  const rateOf = (id: string, mode: CureMode): number => spots.find((spot) => spot.id === id)?.rates[mode] ?? 1;
  const left = standing
    .filter((one) => one.dueMs !== null && late(readyWith(one, rateOf(one.place, one.mode)).p90) > one.dueMs)
    .map((one) => one.id);
  return { moves, late: left };
}
