import 'server-only';
import { type AirGap, ahead, bridge, type Climate, type Forecast, forecastOf, gapsIn, type TimedClimate } from '@/core/cure';
import { MS_PER_HOUR } from '@/core/quantity';
import type { Db } from '../db';
import { keep } from '../kept';
import { type Place, readingsOf, seasonOf } from '../shop/queries';
import { staysOf as placesOf } from '../work/batch';

/** Climate expected where nothing has ever been measured: the rate's own reference. */
const UNMEASURED: Climate = { tempC: 20, rh: 0.5, light: 'indoor' };
/** So far ahead the air is forecast hour by hour; past it the mean of its last day holds. */
const AHEAD_MS = 60 * 24 * MS_PER_HOUR;
const RECENT_MS = 72 * MS_PER_HOUR;

/** The air a batch stood in and will stand in. */
export type Air = {
  /** What was measured. */
  readonly readings: readonly TimedClimate[];
  /** Where nothing was, between readings. */
  readonly gaps: readonly AirGap[];
  /** All that is reckoned with: readings, gaps bridged, and the forecast after the last. */
  readonly reckoned: readonly TimedClimate[];
  /** The mean of the coming week. */
  readonly forecast: Climate;
};

/** The forecast of a place from its own history; reckoned anew with a new reading or hour. */
export function forecastFor(db: Db, at: Place, nowMs: number): Forecast | null {
  return keep(db, `forecast ${at.id} ${Math.floor(nowMs / MS_PER_HOUR)}`, () =>
    forecastOf(seasonOf(db, at.id), readingsOf(db, at, nowMs - RECENT_MS, nowMs), nowMs),
  );
}

type Stay = { readonly at: Place; readonly fromMs: number; readonly untilMs: number };

/** Where a batch stood between two moments, in order. */
function staysOf(db: Db, batchId: number, now: Place, fromMs: number, untilMs: number): Stay[] {
  const moves = placesOf(db, batchId).filter((one) => one.at < untilMs);
  if (moves.length === 0) return [{ at: now, fromMs, untilMs }];
  return moves.flatMap((one, i) => {
    const from = i === 0 ? fromMs : Math.max(fromMs, one.at);
    const until = Math.min(untilMs, moves[i + 1]?.at ?? untilMs);
    return until > from ? [{ at: one.place, fromMs: from, untilMs: until }] : [];
  });
}

/** What was measured during one stay; a reading from before it holds from its start on. */
const duringStay = (db: Db, { at, fromMs, untilMs }: Stay): TimedClimate[] =>
  readingsOf(db, at, fromMs, untilMs).map((one) => ({ ...one, atMs: Math.max(one.atMs, fromMs) }));

const meanOf = (air: readonly TimedClimate[], light: Climate['light']): Climate => ({
  tempC: air.reduce((sum, one) => sum + one.tempC, 0) / air.length,
  rh: air.reduce((sum, one) => sum + one.rh, 0) / air.length,
  light,
});

/** The last reading holds for so long before the forecast takes over. */
const HOLDS_MS = 3 * MS_PER_HOUR;

type Coming = { readonly coming: readonly TimedClimate[]; readonly week: Climate };

/** What a place will be like from an hour on, three-hourly, and then as on its last day; and the mean of the week. */
function comingAt(db: Db, at: Place, fromMs: number, nowMs: number): Coming {
  const from = Math.floor(fromMs / MS_PER_HOUR);
  return keep(db, `coming ${at.id} ${from} ${Math.floor(nowMs / MS_PER_HOUR)}`, () => {
    const usual = forecastFor(db, at, nowMs);
    if (!usual) return { coming: [], week: { ...UNMEASURED, light: at.light } };
    const coming = ahead(usual, from * MS_PER_HOUR, from * MS_PER_HOUR + AHEAD_MS, at.light);
    const end = { ...meanOf(coming.slice(-8), at.light), atMs: from * MS_PER_HOUR + AHEAD_MS };
    return { coming: [...coming, end], week: meanOf(coming.slice(0, 56), at.light) };
  });
}

/** The air of a batch from a moment on: of each place it stood in while it stood there, gaps bridged, and what is to come where it stands now. */
export function airOf(db: Db, batchId: number, now: Place, startMs: number, nowMs: number): Air {
  const stays = staysOf(db, batchId, now, startMs, nowMs);
  const parts = stays.map((stay) => {
    const readings = duringStay(db, stay);
    const usual = forecastFor(db, stay.at, nowMs);
    const gaps = gapsIn(readings);
    const bridged = usual ? bridge(readings, gaps, usual) : readings;
    const unread =
      readings.length === 0 ? [{ ...(usual?.(stay.fromMs) ?? UNMEASURED), light: stay.at.light, atMs: stay.fromMs }] : [];
    return { readings, gaps, reckoned: [...unread, ...bridged] };
  });
  const last = parts.at(-1)?.readings.at(-1)?.atMs ?? nowMs;
  const begins = Math.min(last + HOLDS_MS, nowMs);
  const { coming, week } = comingAt(db, now, begins, nowMs);
  return {
    readings: parts.flatMap((part) => part.readings),
    gaps: parts.flatMap((part) => part.gaps),
    reckoned: [
      ...parts.flatMap((part) => part.reckoned),
      ...coming.map((one) => (one.atMs < begins ? { ...one, atMs: begins } : one)),
    ],
    forecast: week,
  };
}
