import 'server-only';
import { formatInstant, MS_PER_DAY, MS_PER_MINUTE } from '@/core/quantity';
import { lastReading, places } from '@/data/shop/queries';
import { loggerFile } from '@/devices/practice-logger';
import { practiceLogger as wording } from '@/messages/screens/cure';
import { download } from '@/web/csv';
import { session } from '@/web/session';

/** Days of a practice logger at a place as such a thing would write them: a week with a gap, or a year from a clock that is an hour ahead. */
export async function GET(request: Request): Promise<Response> {
  const { db, shop, nowMs } = await session();
  const asked = new URL(request.url).searchParams;
  const id = Number(asked.get('place'));
  const isYear = asked.get('span') === 'year';
  const days = isYear ? 365 : 7;
  const place = places(db).find((one) => one.id === id);
  if (!place) return new Response(wording.thereIsNoSuch, { status: 404 });
  const reading = lastReading(db, place.id);
  const wall = Date.parse(`${formatInstant(nowMs, shop.zone).slice(0, 16)}Z`);
  const text = loggerFile({
    seed: place.id,
    fromMs: nowMs - days * MS_PER_DAY,
    untilMs: nowMs,
    everyMin: isYear ? 60 : 10,
    seasonC: 3,
    meanC: reading?.tempC ?? 18,
    rh: reading?.rhFraction ?? 0.55,
    style: { delimiter: ';', decimal: ',', order: 'day-first', unit: 'C' },
    gap: { afterHours: 60, hours: isYear ? 90 : 7 },
    clockAheadMin: Math.round((wall - nowMs) / MS_PER_MINUTE) + (isYear ? 60 : 0),
  });
  return download(`logger-${place.name.toLowerCase().replace(/\W+/g, '-')}.csv`, 'text/csv; charset=utf-8', text);
}
