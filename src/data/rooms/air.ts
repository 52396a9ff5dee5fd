import 'server-only';
import type { AirAhead, AirRows } from '@/core/batch';
import {
  type AirGap,
  ahead,
  bridge,
  type Climate,
  type Forecast,
  forecastOf,
  gapsIn,
  meanAir,
  type TimedClimate,
} from '@/core/cure';
import { MS_PER_HOUR } from '@/core/quantity';
import type { PlaceKind } from '@/core/regimen';
import type { Db } from '../db';
import { keep } from '../kept';
import { type Place, places, readingsOf, seasonOf } from '../shop/queries';
import { staysOf as placesOf } from './stays';

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
  return keep(
    db,
    `forecast ${at.id} ${Math.floor(nowMs / MS_PER_HOUR)}`,
    () => forecastOf(seasonOf(db, at.id), readingsOf(db, at, nowMs - RECENT_MS, nowMs), nowMs) ?? usualOf(at),
  );
}

/** What a place is said to be like, where it was never read. */
const usualOf = ({ usualTempC, usualRhFraction }: Place): Forecast | null =>
  usualTempC === null ? null : () => ({ tempC: usualTempC, rh: usualRhFraction ?? UNMEASURED.rh });

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

/** The place that stands for a kind: the first there is, as steps lead to it. */
const placeOf = (db: Db, kind: PlaceKind): Place | undefined => places(db).find((one) => one.kind === kind);

/** A forecast is looked at so often over a wait, and no oftener than every few hours. */
const LOOKS = { most: 16, everyMs: 3 * MS_PER_HOUR } as const;

/** The mean of a forecast between two moments; past its reach its last day holds. */
function meanAhead(usual: Forecast, light: Climate['light'], fromMs: number, untilMs: number, nowMs: number): Climate {
  const [from, until] = [Math.min(fromMs, nowMs + AHEAD_MS), Math.min(untilMs, nowMs + AHEAD_MS)];
  const looks = Math.min(LOOKS.most, Math.max(1, Math.ceil((until - from) / LOOKS.everyMs)));
  const each = Array.from({ length: looks }, (_, i) => ({
    ...usual(from + ((i + 0.5) * (until - from)) / looks),
    light,
    atMs: from,
  }));
  return meanOf(each, light);
}

/**
 * The air that a batch's waits lie in: of where it stands now as it was read and will be, and of the places its steps lead to. Nothing
 * where a place was never read: such waits stand as they are written. Each place is looked up once.
 */
export function airAhead(db: Db, batchId: number, now: Place | null, nowMs: number): AirAhead {
  const usual = new Map<number, Forecast | null>();
  const forecast = (at: Place): Forecast | null => {
    const known = usual.get(at.id) ?? (usual.has(at.id) ? null : forecastFor(db, at, nowMs));
    usual.set(at.id, known);
    return known;
  };
  const read = new Map<number, readonly TimedClimate[]>();
  return (kind, fromMs, untilMs) => {
    const isHere = kind === null || kind === now?.kind;
    const at = isHere ? now : placeOf(db, kind);
    const ahead = at ? forecast(at) : null;
    if (!at || !ahead) return null;
    if (!isHere || fromMs >= nowMs) return meanAhead(ahead, at.light, fromMs, untilMs, nowMs);
    // What runs was begun before: what was read of it counts, wherever it stood, and then the forecast.
    const rows = read.get(fromMs) ?? staysOf(db, batchId, at, fromMs, nowMs).flatMap((stay) => duringStay(db, stay));
    read.set(fromMs, rows);
    const [first] = rows;
    if (!first) return meanAhead(ahead, at.light, fromMs, untilMs, nowMs);
    const left = untilMs > nowMs ? [{ ...meanAhead(ahead, at.light, nowMs, untilMs, nowMs), atMs: nowMs }] : [];
    return meanAir([...rows, ...left], fromMs, untilMs);
  };
}

/** So far ahead, and in such steps, the air crosses to a browser. */
const ROWS = { days: 45, stepHours: 6 } as const;

/** The air of each kind of place to come, as a promise reckons with it; a place that was never read is not among them. */
export function airRows(db: Db, nowMs: number): Partial<Record<PlaceKind, AirRows>> {
  const stepMs = ROWS.stepHours * MS_PER_HOUR;
  const fromMs = Math.floor(nowMs / MS_PER_HOUR) * MS_PER_HOUR;
  const kinds = [...new Set(places(db).map((one) => one.kind))];
  return Object.fromEntries(
    kinds.flatMap((kind) => {
      const at = placeOf(db, kind);
      const { coming } = at && forecastFor(db, at, nowMs) ? comingAt(db, at, nowMs, nowMs) : { coming: [] };
      const rows = Array.from({ length: (ROWS.days * 24) / ROWS.stepHours }, (_, i) => {
        const mean = meanAir(coming, fromMs + i * stepMs, fromMs + (i + 1) * stepMs);
        return mean && ([Math.round(mean.tempC * 10) / 10, Math.round(mean.rh * 100) / 100] as const);
      });
      const found = rows.flatMap((row) => (row ? [row] : []));
      return at && found.length > 0 ? [[kind, { fromMs, stepMs, light: at.light, rows: found }] as const] : [];
    }),
  );
}
