import 'server-only';
import { and, eq, isNull, sql } from 'drizzle-orm';
import { bestBottle, type CareClass, care, careTraits, treatmentsAYear } from '@/core/care';
import type { Db } from '../db';
import { careEvent, carePlan, piece, sale } from '../schema';
import { theShop } from '../shop/queries';
import { containers, type KnownLot, lotsNow } from '../stores/queries';
import { netOfTin, tinCost } from '../stores/tin-cost';
import type { Batch } from '../work/batch';

/** A filled tin that can go with a piece. */
export type BottleOffer = {
  readonly lotId: number;
  readonly number: string;
  readonly title: string;
  readonly size: string;
  readonly netG: number;
  readonly left: number;
  readonly treatments: number;
  /** What is in it and what it is in, minor units; null where a price is missing. */
  readonly costMinor: number | null;
  /** Whether it was poured from what is on the piece. */
  readonly isSame: boolean;
  /** Allergens it would bring that are not on the piece. */
  readonly brings: readonly string[];
  readonly isBest: boolean;
};

/** Whether a tin renews a finish: what never dries on what never dries, what dries on what dries, and fit for food. */
const renews = ({ nature }: KnownLot, finish: CareClass): boolean =>
  nature !== null &&
  (nature.contact === 'food-grade' || nature.contact === 'once-cured') &&
  nature.drying === careTraits(finish).renewedBy;

/** Tins on the shelf that renew a batch's pieces, what is on them first, with the one to give. */
export function bottlesFor(db: Db, batch: Batch, lots: readonly KnownLot[] = lotsNow(db)): BottleOffer[] {
  const { careClass } = batch.regimen;
  const plan = care({
    finishClass: careClass,
    use: 'weekly',
    wash: 'hand',
    from: '2031-01-01',
    horizonDays: 365,
    zone: theShop(db).zone,
    ...batch.design.area,
    porosity: batch.species.porosity,
  });
  if (!plan.ok || plan.value.gramsPerTreatment === 0) return [];
  const { gramsPerTreatment, intervalDays } = plan.value;
  const on = batch.on;
  const onIt = new Set(on.flatMap((lot) => lot.nature?.allergens ?? []));
  const sizes = new Map(containers(db).map((one) => [one.id, one.name]));
  const found = lots
    .filter((lot) => lot.kind === 'tin' && !lot.held && (lot.countLeft ?? 0) > 0 && renews(lot, careClass))
    .map((lot) => {
      const netG = netOfTin(lot);
      return {
        lotId: lot.id,
        number: lot.number,
        title: lot.title,
        size: sizes.get(lot.containerId ?? 0) ?? '',
        netG,
        left: lot.countLeft ?? 0,
        treatments: netG / gramsPerTreatment,
        costMinor: tinCost(db, lot),
        isSame: on.some((one) => one.title === lot.title),
        brings: (lot.nature?.allergens ?? []).filter((name) => !onIt.has(name)),
      };
    });
  const safe = found.filter((one) => one.brings.length === 0);
  const same = safe.filter((one) => one.isSame);
  const best = bestBottle(same.length > 0 ? same : safe, treatmentsAYear(careClass, intervalDays));
  return found
    .map((one) => ({ ...one, isBest: one.lotId === best?.lotId }))
    .sort((a, b) => Number(b.isBest) - Number(a.isBest) || Number(b.isSame) - Number(a.isSame) || a.treatments - b.treatments);
}

/** Days ahead for which refills are reckoned. */
export const REFILL_DAYS = 90;

/** What owners will use up: by sort of finish, grams of the looks that are due within so many days of pieces that still are. */
export const gramsDue = (
  db: Db,
  from: string,
  until: string,
): { readonly careClass: CareClass; readonly grams: number; readonly pieces: number }[] =>
  db
    .select({
      careClass: carePlan.careClass,
      grams: sql<number>`sum(${carePlan.gramsPerTreatment})`,
      pieces: sql<number>`count(distinct ${piece.id})`,
    })
    .from(careEvent)
    .innerJoin(carePlan, eq(carePlan.id, careEvent.carePlanId))
    .innerJoin(sale, eq(sale.id, carePlan.saleId))
    .innerJoin(piece, eq(piece.id, sale.pieceId))
    .where(and(sql`${careEvent.dueOn} between ${from} and ${until}`, isNull(carePlan.endedAt)))
    .groupBy(carePlan.careClass)
    .all();
