import 'server-only';
import { formatInstant, MS_PER_MINUTE } from '@/core/quantity';
import { lastReading, places } from '@/data/shop/queries';
import { loggerFile } from '@/devices/practice-logger';
import { download } from '../shop/csv';
import { session } from '../shop/session';

const DAY_MS = 86_400_000;

/** A week of a practice logger at a place, with a gap in it, as such a thing would write it. */
export async function GET(request: Request): Promise<Response> {
  const { db, shop, nowMs } = await session();
  const id = Number(new URL(request.url).searchParams.get('place'));
  const place = places(db).find((one) => one.id === id);
  if (!place) return new Response('There is no such place.', { status: 404 });
  const reading = lastReading(db, place.id);
  const wall = Date.parse(`${formatInstant(nowMs, shop.zone).slice(0, 16)}Z`);
  const text = loggerFile({
    seed: place.id,
    fromMs: nowMs - 7 * DAY_MS,
    untilMs: nowMs,
    everyMin: 10,
    meanC: reading?.tempC ?? 18,
    rh: reading?.rhFraction ?? 0.55,
    style: { delimiter: ';', decimal: ',', order: 'day-first', unit: 'C' },
    gap: { afterHours: 60, hours: 7 },
    clockAheadMin: Math.round((wall - nowMs) / MS_PER_MINUTE),
  });
  return download(`logger-${place.name.toLowerCase().replace(/\W+/g, '-')}.csv`, 'text/csv; charset=utf-8', text);
}
