import 'server-only';
import type { ShopNow } from '@/core/batch';
import { type Climate, dailyRates, hoursOf } from '@/core/cure';
import { CABINET, type PlaceKind } from '@/core/regimen';
import type { Db } from '@/data/db';
import type { ShopPlan } from '@/data/plan/shop-plan';
import { airRows } from '@/data/rooms/air';
import { lastReading, places } from '@/data/shop/queries';
import type { OpenBatch } from '@/trade/hands/open-batches';

/** Climates reckoned with where a place was never read. Source: working estimates. */
const UNREAD: Readonly<Record<'rack' | 'warm', Climate>> = {
  rack: { tempC: 18, rh: 0.55, light: 'indoor' },
  warm: { tempC: 33, rh: 0.35, light: 'dark' },
};

/** The air of a kind of place as it was last read; null where there is no such place. */
function airAt(db: Db, kind: PlaceKind, unread: Climate): Climate | null {
  const place = places(db).find((one) => one.kind === kind);
  if (!place) return null;
  const reading = lastReading(db, place.id);
  return reading ? { tempC: reading.tempC, rh: reading.rhFraction, light: place.light } : unread;
}
const ratesIn = (climate: Climate) => dailyRates(hoursOf(climate, 24));

/** Rates in the warm cabinet; null where there is none, or it is too hot to be promised. */
function warmRates(db: Db): ShopNow['rate']['warm'] {
  const air = airAt(db, 'warm cabinet', UNREAD.warm);
  return air && air.tempC <= CABINET.atMostC ? ratesIn(air) : null;
}

/** The shop as a promise sees it. */
export const asShopNow = (
  db: Db,
  { open, plan }: { readonly open: readonly OpenBatch[]; readonly plan: ShopPlan },
  nowMs: number,
): ShopNow => ({
  air: airRows(db, nowMs),
  input: plan.input,
  found: plan.found,
  rate: { rack: ratesIn(airAt(db, 'rack', UNREAD.rack) ?? UNREAD.rack), warm: warmRates(db) },
  names: Object.fromEntries(open.map(({ batch }) => [String(batch.id), batch.number])),
});
