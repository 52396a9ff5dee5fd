import 'server-only';
import type { RingFacts } from '@/core/batch';
import type { CareClass } from '@/core/care';
import { priorFactor } from '@/core/cure';
import { laysCoat } from '@/core/regimen';
import type { SoldPiece } from '@/data/care/queries';
import { contentsOf, saysNotForFood } from '@/data/release/commands';
import type { Shop } from '@/data/shop/queries';
import type { KnownLot } from '@/data/stores/queries';
import { asPiece, tagOf } from '@/data/work/batch';
import { setBy } from '@/data/work/standing';
import type { LabelCaution } from '@/messages/slip';
import type { Slip } from '@/print/slip';
import { labelCautions } from '@/trade/cautions';
import { catalogue } from '@/web/here-catalogue';

/** The ring of a released batch: every coat a growth ring, the bark whole. */
export function releasedRing(batch: Pick<SoldPiece['batch'], 'regimen'>): RingFacts {
  const coats = batch.regimen.steps.filter(laysCoat).length;
  return { coats, coatsPlanned: coats, state: 'released', travel: null, overdue: false, cured: 0 };
}

const DATES_SHOWN = 4;

/** On a slip: the cloths of whatever renews it; of what is in a bottle only where one came with it. */
const slipCautions = (renews: KnownLot | null, tin: KnownLot | null): readonly LabelCaution[] =>
  labelCautions([renews, tin].flatMap((lot) => lot ?? [])).filter((one) => tin !== null || one.startsWith('rags'));

/** The lot of the last coat: what is on the piece, and what renews it. */
const lastOn = ({ regimen, materials }: SoldPiece['batch']): KnownLot | null =>
  regimen.steps.flatMap((step) => (laysCoat(step) && step.slot ? (materials[step.slot] ?? []) : [])).at(-1) ?? null;

/** Care classes whose owners lay on a coat that cures by air. */
const CURES: readonly CareClass[] = ['drying-oil', 'drying-oil-wax'];

/** Weeks in which nine in ten such coats are fit for food, rounded up; null where nothing is laid on that cures. */
function cureWeeksOf(batch: SoldPiece['batch'], careClass: CareClass): number | null {
  const needs = setBy(batch);
  if (!CURES.includes(careClass) || needs?.mode !== 'oxidise') return null;
  return Math.ceil((needs.hours * priorFactor(0.9)) / (7 * 24));
}

export function slipOf(sold: SoldPiece, shop: Shop): Slip {
  const { piece, plan } = sold;
  const batch = asPiece(sold.batch, piece);
  const { contents, allergens, undeclared } = contentsOf(batch);
  const renews = plan.gramsPerTreatment > 0 ? lastOn(batch) : null;
  const tin = sold.tin ? sold.tin.receivedG / (sold.tin.count ?? 1) : 0;
  return {
    code: piece.code,
    pieceNumber: tagOf(batch, piece),
    ring: releasedRing(batch),
    seed: batch.id,
    design: batch.design.name,
    speciesId: batch.species.id,
    woods: batch.woods,
    botanical: batch.woods
      .map((wood) => wood.botanical)
      .filter(Boolean)
      .join(', '),
    ownWords: plan.ownWords,
    porosity: batch.species.porosity,
    shop: shop.name,
    careClass: plan.careClass,
    ingredients: contents,
    allergens,
    undeclared,
    soldOn: sold.sale.soldOn,
    intervalDays: plan.intervalDays,
    nextDates: sold.dates.slice(0, DATES_SHOWN),
    grams: plan.gramsPerTreatment,
    cureWeeks: cureWeeksOf(batch, plan.careClass),
    notForFood: saysNotForFood(batch, catalogue()),
    renewWith: renews?.title ?? null,
    cautions: slipCautions(renews, sold.tin),
    inBottle:
      sold.tin && plan.gramsPerTreatment > 0 ? Math.max(0, Math.floor(tin / plan.gramsPerTreatment) - sold.treated) : null,
    language: plan.language,
    address: shop.baseAddress ? `${shop.baseAddress}/care/${piece.code}` : null,
  };
}
