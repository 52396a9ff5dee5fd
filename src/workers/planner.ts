import { type Ask, offer, type ShopNow, type SlotBound } from '@/core/batch';
import { day } from '@/core/plan';
import type { RegimenStep } from '@/core/regimen';
import { serve } from './serve';

/** What may be asked over the wire: what each slot's lot bears, as data. */
export type AskAcross = Omit<Ask, 'bound' | 'steps'> & {
  readonly steps: readonly RegimenStep[];
  readonly dwells: Readonly<Record<string, SlotBound>>;
};

const face = {
  day,
  offer: (shop: ShopNow, { dwells, ...ask }: AskAcross) => offer(shop, { ...ask, bound: (slot) => dwells[slot] }),
};
export type PlannerFace = typeof face;

serve(face);
