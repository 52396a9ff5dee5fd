import 'server-only';
import { atPath, fail, type Result } from '@/core/quantity';
import { offerFor, REGIMENS, suits } from '@/core/regimen';
import { candidates } from '@/data/stores/candidates';
import type { KnownLot } from '@/data/stores/queries';
import { catalogue } from '@/web/here-catalogue';

/** The bath regimen, and its slot: what a bath is filled with. */
const bath = REGIMENS.find((one) => one.id === 'bath');
const slot = bath?.slots.find((one) => one.slot === 'oil');

/** Lots a bath may be filled from or topped up with; why there is none. */
export function bathLots(lots: readonly KnownLot[]) {
  const from = lots.filter((lot) => lot.kind !== 'tin' && lot.kind !== 'bath');
  if (!bath || !slot) throw new Error('the bath regimen takes an oil');
  return offerFor(slot, candidates(from, catalogue()), bath.steps);
}

/** Whether a lot may fill a bath, in a fault's own words where it may not. */
export function mayFillBath(lot: KnownLot): Result<void> {
  const [one] = candidates([{ ...lot, leftG: Math.max(lot.leftG, 1) }], catalogue());
  if (!bath || !slot || !one) return fail('not-found', 'from');
  const fits = suits(slot, one, lot.number, bath.steps);
  return atPath('from', fits);
}
