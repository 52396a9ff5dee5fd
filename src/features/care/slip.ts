import 'server-only';
import type { CareClass } from '@/core/care';
import { CARE_WORDS } from '@/messages';
import type { RingFacts } from '@/core/regimen';
import type { Shop } from '@/data/shop/queries';
import type { SoldPiece } from '@/data/care/queries';
import { tagOf } from '@/data/work/batch';
import { contentsOf } from '@/data/release/commands';

/** Everything the slip says, once: the screen, the PDF, the calendar and the owner's page all read it from here. */
export type Slip = {
  readonly code: string;
  readonly ring: RingFacts;
  readonly seed: number;
  readonly pieceNumber: string;
  readonly title: string;
  readonly wood: string;
  readonly shop: string;
  readonly finish: string;
  readonly ingredients: readonly string[];
  readonly allergens: readonly string[];
  /** Bought finishes whose makers do not declare all that is in them. */
  readonly undeclared: readonly string[];
  readonly soldOn: string;
  readonly intervalDays: number | null;
  readonly nextDates: readonly string[];
  readonly grams: number;
  readonly treat: string;
  readonly wash: string;
  readonly never: string;
  readonly sendBack: string;
  readonly look: string;
  readonly cloths: string | null;
  /** What the code holds: the owner's page, or the care text itself while the shop has no public address. */
  readonly codeText: string;
};

/** The ring of a released batch: every coat a growth ring, the bark whole. */
export function releasedRing(batch: Pick<SoldPiece['batch'], 'regimen'>): RingFacts {
  const coats = batch.regimen.steps.filter((step) => step.kind === 'coat').length;
  return { coats, coatsPlanned: coats, state: 'released', travel: null, overdue: false, cured: 0 };
}

const DATES_SHOWN = 4;
/** Sorts of finish whose renewal leaves cloths that can heat themselves. */
const DRYING: readonly CareClass[] = ['drying-oil', 'drying-oil-wax', 'hard-wax'];

export function slipOf(sold: SoldPiece, shop: Shop): Slip {
  const { batch, piece, plan } = sold;
  const { contents, allergens, undeclared } = contentsOf(batch);
  const title = `${batch.species.name} ${batch.design.name.toLowerCase()}`;
  const look =
    plan.intervalDays === null
      ? 'Nothing needs renewing. If it feels rough after a wash, smooth it with 240 paper along the grain.'
      : 'Look first: when the wood is dull or a water drop no longer beads, treat it. The dates are only a reminder to look.';
  const wash = 'Wash by hand, wipe dry at once, stand it on edge to air.';
  const never = 'No soaking, no heat, no dishwasher, no microwave.';
  const treat = CARE_WORDS[plan.careClass];
  const pieceNumber = tagOf(batch, piece);
  const short = `${title} ${pieceNumber}. ${wash} ${never} ${plan.intervalDays === null ? '' : 'Treat it when it looks dull.'}${allergens.length > 0 ? ` Contains ${allergens.join(', ')}.` : ''}${undeclared.length > 0 ? ` Contents of ${undeclared.join(', ')} are not all declared.` : ''}`;
  return {
    code: piece.code,
    pieceNumber,
    ring: releasedRing(batch),
    seed: batch.id,
    title,
    wood: `${batch.species.name} (${batch.species.botanical})`,
    shop: shop.name,
    finish: `${batch.regimen.name}: ${batch.regimen.school}`,
    ingredients: contents,
    allergens,
    undeclared,
    soldOn: sold.sale.soldOn,
    intervalDays: plan.intervalDays,
    nextDates: sold.dates.slice(0, DATES_SHOWN),
    grams: plan.gramsPerTreatment,
    treat,
    wash,
    never,
    sendBack: 'A deep crack, a loose joint or a smell that stays: send it back, quoting the number.',
    look,
    cloths: DRYING.includes(plan.careClass)
      ? 'Oily cloths can set themselves alight: lay them flat outdoors or put them in water. Never in a heap or a bin.'
      : null,
    codeText: shop.baseAddress ? `${shop.baseAddress}/care/${piece.code}` : short,
  };
}
