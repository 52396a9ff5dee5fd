import 'server-only';
import { type Climate, type Daily, dailyRate, type Move, rankMoves } from '@/core/cure';
import { roomTaken } from '@/core/piece';
import { ROOM_UNITS } from '@/core/regimen';
import type { Db } from '@/data/db';
import { places, type Place, readingsOf } from '@/data/shop/queries';
import { piecesIn } from '@/data/work/batch';
import type { OpenBatch } from '../today/strip';
import type { Scene } from './components/what-if';

const DAYS = 7;
const DAY_MS = 86_400_000;
/** Where pieces may stand to cure; nothing cures in a bath or on a lathe. */
const RESTS: readonly Place['kind'][] = ['bench', 'rack', 'sill', 'warm cabinet'];
/** A sill in late spring: working estimate of a temperate coast. */
const MAY: Daily = [
  { climate: { tempC: 22, rh: 0.5, light: 'sun' }, hours: 5 },
  { climate: { tempC: 19, rh: 0.55, light: 'window' }, hours: 9 },
  { climate: { tempC: 15, rh: 0.65, light: 'dark' }, hours: 10 },
];
const COLD_NIGHT: Climate = { tempC: 8, rh: 0.7, light: 'dark' };

/** The mean air of a place over the last week; null where it was not read. */
function airOf(db: Db, place: Place, nowMs: number): Climate | null {
  const readings = readingsOf(db, place, nowMs - DAYS * DAY_MS, nowMs);
  if (readings.length === 0) return null;
  const mean = (of: (one: (typeof readings)[number]) => number): number =>
    readings.reduce((sum, one) => sum + of(one), 0) / readings.length;
  return { tempC: mean((one) => one.tempC), rh: mean((one) => one.rh), light: place.light };
}

/** Places it could stand at, by their last week's air, and two changes of the air itself. */
export function scenesFor(db: Db, nowMs: number): Scene[] {
  const known = places(db).flatMap((place) => {
    const air = RESTS.includes(place.kind) ? airOf(db, place, nowMs) : null;
    return air ? [{ place, air }] : [];
  });
  const rack = known.find(({ place }) => place.kind === 'rack')?.air;
  return [
    ...known.map(({ place, air }) => ({
      id: String(place.id),
      name: `at the ${place.name.toLowerCase()}`,
      day: [{ climate: air, hours: 24 }],
    })),
    { id: 'may', name: 'on a sill in May', day: MAY },
    ...(rack
      ? [
          {
            id: 'nights',
            name: 'on the rack, heating off at night',
            day: [
              { climate: rack, hours: 10 },
              { climate: COLD_NIGHT, hours: 14 },
            ],
          },
        ]
      : []),
  ];
}

export type NamedMove = Move & { readonly number: string; readonly place: string };

/** Which batch to carry where so that more of them are ready in time, best first. */
export function movesFor(db: Db, open: readonly OpenBatch[], nowMs: number): NamedMove[] {
  const all = places(db).filter((place) => RESTS.includes(place.kind));
  const taken = (place: Place): number =>
    open
      .filter((one) => one.batch.place?.id === place.id)
      .reduce(
        (sum, { batch }) => sum + roomTaken(batch.design.geometry, piecesIn(batch).length, ROOM_UNITS[place.kind] ?? 'metres'),
        0,
      );
  const spots = all.flatMap((place) => {
    const air = airOf(db, place, nowMs);
    return air
      ? [
          {
            id: String(place.id),
            rate: dailyRate([{ climate: air, hours: 24 }]),
            left: place.capacity === null ? null : place.capacity - taken(place),
          },
        ]
      : [];
  });
  const batches = open.flatMap(({ batch, standing: { cure } }) => {
    // Work still wet with solvent does not go into a warm cabinet.
    const wet = Object.values(batch.materials).some((lot) => lot.nature?.flammable);
    if (!cure || cure.settles || !batch.place) return [];
    const pieces = piecesIn(batch).length;
    return [
      {
        id: String(batch.id),
        place: String(batch.place.id),
        dueMs: batch.dueAt,
        needed: cure.needed,
        ageHours: cure.ageHours,
        nowMs,
        room: Object.fromEntries(
          all
            .filter((place) => place.kind !== 'bench' && !(place.kind === 'warm cabinet' && wet && nowMs - cure.startMs < DAY_MS))
            .map((place) => [String(place.id), roomTaken(batch.design.geometry, pieces, ROOM_UNITS[place.kind] ?? 'metres')]),
        ),
      },
    ];
  });
  const name = (id: string): string => all.find((place) => String(place.id) === id)?.name.toLowerCase() ?? id;
  return rankMoves(batches, spots).map((move) => ({
    ...move,
    number: open.find(({ batch }) => String(batch.id) === move.id)?.batch.number ?? '',
    place: name(move.to),
  }));
}
