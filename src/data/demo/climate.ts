import 'server-only';
import { MS_PER_DAY, MS_PER_HOUR } from '@/core/quantity';
import type { Db } from '../db';
import { roomReading } from '../schema';
import { places } from '../shop/queries';

/** Mean, daily swing and humidity of each place of the demo shed, °C and fractions. */
const ROOMS: Readonly<Record<string, { readonly meanC: number; readonly swingC: number; readonly rh: number }>> = {
  bench: { meanC: 18.5, swingC: 2, rh: 0.56 },
  rack: { meanC: 17.5, swingC: 1.5, rh: 0.58 },
  sill: { meanC: 17, swingC: 4, rh: 0.6 },
  'warm cabinet': { meanC: 33, swingC: 0.8, rh: 0.34 },
};
const EVERY_HOURS = 3;

/** Weather that is never twice the same and always the same: two slow waves no multiple of each other. */
const weather = (hour: number): number => Math.sin(hour / 31) * 0.7 + Math.sin(hour / 83) * 0.9;

/** How much warmer midsummer is than midwinter, °C, and by how much drier the air of a heated winter, shares. */
const SEASON = { tempC: 6, rh: 0.04 } as const;
const season = (ms: number): number => -Math.cos(((ms / MS_PER_DAY - 15) / 365.25) * 2 * Math.PI);

/** The logger on the rack had a flat battery for most of a day, this many hours before now. */
const FLAT = { place: 'rack', from: 205, to: 184 } as const;

/** Readings of every place, every three hours up to a moment. */
export function demoReadings(db: Db, fromMs: number, untilMs: number): void {
  const rows = places(db).flatMap((place) => {
    const room = ROOMS[place.kind];
    if (!room) return [];
    const count = Math.floor((untilMs - fromMs) / (EVERY_HOURS * MS_PER_HOUR));
    return Array.from({ length: count }, (_, i) => {
      const at = fromMs + i * EVERY_HOURS * MS_PER_HOUR;
      const hour = at / MS_PER_HOUR;
      const day = Math.sin(((hour % 24) - 9) * (Math.PI / 12));
      const year = place.kind === 'warm cabinet' ? 0 : season(at) + season(untilMs) * -1;
      return {
        clientId: `demo-${place.id}-${i}`,
        placeId: place.id,
        at,
        tempC: Math.round((room.meanC + room.swingC * day + weather(hour) + (SEASON.tempC / 2) * year) * 10) / 10,
        rhFraction: Math.round((room.rh - 0.05 * day - 0.02 * weather(hour) + (SEASON.rh / 2) * year) * 100) / 100,
      };
    }).filter(({ at }) => {
      const ago = (untilMs - at) / MS_PER_HOUR;
      return place.kind !== FLAT.place || ago > FLAT.from || ago < FLAT.to;
    });
  });
  for (let i = 0; i < rows.length; i += 500)
    db.insert(roomReading)
      .values(rows.slice(i, i + 500))
      .run();
}
