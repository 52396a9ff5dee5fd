import 'server-only';
import { type Soonest, soonestOf } from '@/core/batch';
import {
  ahead,
  type Climate,
  coldNights,
  dailyRate,
  dailyRates,
  MAY,
  type Move,
  rankMoves,
  togetherMoves,
  warmestIn,
  weekOf,
} from '@/core/cure';
import { roomTaken } from '@/core/piece';
import { MS_PER_DAY } from '@/core/quantity';
import { cabinetFault, lightsVapour, ROOM_UNITS } from '@/core/regimen';
import type { Db } from '@/data/db';
import { airAhead, forecastFor } from '@/data/rooms/air';
import { type Place, places } from '@/data/shop/queries';
import { type Batch, piecesIn } from '@/data/work/batch';
import { type BatchStanding, progressOfBatch, vapourWetMs } from '@/data/work/standing';
import { elsewhere as wording } from '@/messages/screens/cure';
import type { OpenBatch } from '@/trade/hands/open-batches';
import type { CureScene } from './components/what-if';

/** Where pieces may stand to cure; nothing cures in a bath or on a lathe. */
const RESTS: readonly Place['kind'][] = ['bench', 'rack', 'sill', 'warm cabinet', 'elsewhere'];
const WEEK_MS = 7 * MS_PER_DAY;

/** The coming week at a place, three hours at a time, by its own history; null where it was never read. */
function weekAt(db: Db, place: Place, nowMs: number): readonly Climate[] | null {
  const forecast = forecastFor(db, place, nowMs);
  return forecast
    ? ahead(forecast, nowMs, nowMs + WEEK_MS, place.light).map(({ tempC, rh, light }) => ({ tempC, rh, light }))
    : null;
}

/** Whether a batch may be put at a place: a warm cabinet takes nothing with vapour within its day, and is not too hot. */
const mayStandAt = (
  place: Place,
  week: readonly Climate[] | null,
  batch: Batch,
  standing: BatchStanding,
  nowMs: number,
): boolean =>
  !lightsVapour(place) ||
  cabinetFault(vapourWetMs(batch, standing.progress), nowMs, place.kind === 'warm cabinet' ? warmestIn(week) : null) === null;

/** Places it could stand at, by what they will be like, and two changes of the air itself; never where it may not stand. */
export function scenesFor(db: Db, batch: Batch, standing: BatchStanding, nowMs: number): CureScene[] {
  const mode = standing.cure?.mode ?? 'oxidise';
  const known = places(db).flatMap((place) => {
    const day = RESTS.includes(place.kind) ? weekAt(db, place, nowMs) : null;
    return day && mayStandAt(place, day, batch, standing, nowMs) ? [{ place, day }] : [];
  });
  const rack = known.find(({ place }) => place.kind === 'rack')?.day;
  return [
    ...known.map(({ place, day }) => ({
      id: String(place.id),
      name: wording.atThe(place.name.toLowerCase()),
      rate: dailyRate(weekOf(day), mode),
    })),
    { id: 'may', name: wording.onASillIn, rate: dailyRate(MAY, mode) },
    ...(rack ? [{ id: 'nights', name: wording.onTheRackHeating, rate: dailyRate(weekOf(coldNights(rack)), mode) }] : []),
  ];
}

/** How its waits run where it stands, and how they would elsewhere. */
export type RestsAt = Soonest & { readonly place: string; readonly isHere: boolean };

/** How soon the rest of the work could be done at each place that was read, where it stands first; nothing where no coat is to come. */
export function restsFor(db: Db, batch: Batch, standing: BatchStanding, nowMs: number): RestsAt[] {
  const here = soonestOf(standing.progress, nowMs);
  const at = batch.place;
  if (!here || !at) return [];
  const others = places(db).flatMap((place) => {
    const week = place.id !== at.id && RESTS.includes(place.kind) ? weekAt(db, place, nowMs) : null;
    if (!week || !mayStandAt(place, week, batch, standing, nowMs)) return [];
    const there = soonestOf(progressOfBatch({ ...batch, place, air: airAhead(db, batch.id, place, nowMs) }).progress, nowMs);
    return there ? [{ ...there, place: place.name.toLowerCase(), isHere: false }] : [];
  });
  return [{ ...here, place: at.name.toLowerCase(), isHere: true }, ...others];
}

export type NamedMove = Move & { readonly number: string; readonly place: string };

export type Advice = {
  /** Each by itself, best first. */
  readonly moves: readonly NamedMove[];
  /** Those that may all be made so that a day is kept, and who misses it all the same. */
  readonly together: { readonly moves: readonly NamedMove[]; readonly late: readonly string[] };
};

/** Which batch to carry where so that more of them are ready in time: by their own dates, or all by one day. */
export function adviceFor(db: Db, open: readonly OpenBatch[], nowMs: number, allByMs: number | null): Advice {
  const all = places(db).filter((place) => RESTS.includes(place.kind));
  const taken = (place: Place): number =>
    open
      .filter((one) => one.batch.place?.id === place.id)
      .reduce(
        (sum, { batch }) => sum + roomTaken(batch.design.geometry, piecesIn(batch).length, ROOM_UNITS[place.kind] ?? 'metres'),
        0,
      );
  const spots = all.flatMap((place) => {
    const week = weekAt(db, place, nowMs);
    return week
      ? [
          {
            id: String(place.id),
            rates: dailyRates(weekOf(week)),
            left: place.capacity === null ? null : place.capacity - taken(place),
          },
        ]
      : [];
  });
  const weeks = new Map(all.map((place) => [place.id, weekAt(db, place, nowMs)]));
  const batches = open.flatMap(({ batch, standing }) => {
    const { cure } = standing;
    // What lies on one board stays in one place: a trial is hurried by nothing.
    if (!cure || cure.settles || !batch.place || batch.trial) return [];
    const pieces = piecesIn(batch).length;
    return [
      {
        id: String(batch.id),
        place: String(batch.place.id),
        dueMs: allByMs ?? batch.dueAt,
        mode: cure.mode,
        needed: cure.needed,
        ageHours: cure.ageHours,
        nowMs,
        room: Object.fromEntries(
          all
            .filter((place) => place.kind !== 'bench' && mayStandAt(place, weeks.get(place.id) ?? null, batch, standing, nowMs))
            .map((place) => [String(place.id), roomTaken(batch.design.geometry, pieces, ROOM_UNITS[place.kind] ?? 'metres')]),
        ),
      },
    ];
  });
  const name = (id: string): string => all.find((place) => String(place.id) === id)?.name.toLowerCase() ?? id;
  const number = (id: string): string => open.find(({ batch }) => String(batch.id) === id)?.batch.number ?? '';
  const named = (move: Move): NamedMove => ({ ...move, number: number(move.id), place: name(move.to) });
  const together = togetherMoves(batches, spots);
  return {
    moves: rankMoves(batches, spots).map(named),
    together: { moves: together.moves.map(named), late: together.late.map(number) },
  };
}
