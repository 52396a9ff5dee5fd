import 'server-only';
import { type Climate, cureRate } from '@/core/cure';
import type { PlaceKind, ShopNow } from '@/core/regimen';
import type { Db } from '@/data/db';
import { lastReading, places } from '@/data/shop/queries';
import type { ShopPlan } from '@/data/plan/shop-plan';
import type { OpenBatch } from './strip';

/** Climates reckoned with where a place was never read. Source: working estimates. */
const UNREAD: Readonly<Record<'rack' | 'warm', Climate>> = {
  rack: { tempC: 18, rh: 0.55, light: 'indoor' },
  warm: { tempC: 33, rh: 0.35, light: 'dark' },
};

function rateAt(db: Db, kind: PlaceKind, unread: Climate): number {
  const place = places(db).find((one) => one.kind === kind);
  const reading = place ? lastReading(db, place.id) : null;
  return cureRate(reading && place ? { tempC: reading.tempC, rh: reading.rhFraction, light: place.light } : unread);
}

/** The shop as a promise sees it. */
export const asShopNow = (db: Db, { open, plan }: { readonly open: readonly OpenBatch[]; readonly plan: ShopPlan }): ShopNow => ({
  input: plan.input,
  found: plan.found,
  rate: { rack: rateAt(db, 'rack', UNREAD.rack), warm: rateAt(db, 'warm cabinet', UNREAD.warm) },
  names: Object.fromEntries(open.map(({ batch }) => [String(batch.id), batch.number])),
});
