import 'server-only';
import type { Db } from '../db';
import { containers, type KnownLot } from './queries';

/** What one tin of a lot cost, filled: what is in it and what it is in, minor units; null where a price is missing. */
export function tinCost(db: Db, lot: KnownLot): number | null {
  const jar = containers(db).find((one) => one.id === lot.containerId);
  if (lot.minorPerKg === null || jar?.priceMinor == null) return null;
  return (netOfTin(lot) * lot.minorPerKg) / 1000 + jar.priceMinor;
}

export const netOfTin = (lot: KnownLot): number => lot.receivedG / (lot.count ?? 1);
