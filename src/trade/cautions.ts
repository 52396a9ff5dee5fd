import 'server-only';
import { type Consistency, type Drying, FEELS } from '@/core/blend';
import { cautionsAt, type Doing, type MomentAt, type MomentNow } from '@/core/caution';
import type { KnownLot } from '@/data/stores/queries';
import { type CautionWords, cautionsInWords, WARMING } from '@/messages';
import { LABEL_CAUTIONS, type LabelCaution } from '@/messages/slip';
import { catalogue } from '@/web/here-catalogue';

/** What several lots are together, as far as a caution asks. */
const dryingOf = (lots: readonly KnownLot[]): Drying => {
  const each = lots.flatMap((lot) => lot.nature?.drying ?? []);
  return each.includes('mixed') ? 'mixed' : each.includes('drying') ? 'drying' : 'never';
};

/** How firm the softest of some lots is; nothing where one of them is not known. */
function firmnessOf(lots: readonly KnownLot[]): { readonly consistency?: Consistency } {
  const each = lots.flatMap((lot) => lot.nature?.consistency ?? []);
  const softest = FEELS.find((feel) => each.includes(feel));
  return softest !== undefined && each.length === lots.length ? { consistency: softest } : {};
}

/** What is done, and every fact its cautions ask for; what is in hand are lots. */
export type Moment<D extends Doing> = MomentAt<D> & {
  /** Ids of what is stirred in just before use. */
  readonly adds?: readonly string[];
};

/** A moment with some lots in hand, as cautions are asked; what stands in for undeclared contents says nothing. */
const momentWith = <D extends Doing>(lots: readonly KnownLot[], moment: Moment<D>): MomentNow<D> => ({
  ...moment,
  ingredients: [...new Set([...lots.flatMap((lot) => lot.ingredients), ...(moment.adds ?? [])])],
  drying: dryingOf(lots),
  ...firmnessOf(lots),
  undeclared: lots.some((lot) => lot.undeclared.length > 0),
});

/** The cautions of a moment with some lots in hand, in words. */
export const cautionsWith = <D extends Doing>(lots: readonly KnownLot[], moment: Moment<D>): CautionWords[] =>
  cautionsInWords(momentWith(lots, moment), catalogue());

/** What may warm a piece at this moment, in words; null where nothing on it is wet with what dries or gives off vapour. */
export function warmingWords(lots: readonly KnownLot[], moment: Moment<Doing>): string | null {
  const heated = cautionsAt(momentWith(lots, { ...moment, heater: 'heat-gun' }), catalogue());
  if (!heated.ok || !heated.value.includes('hot-heater')) return null;
  if (heated.value.includes('never-heat')) return WARMING.vapour;
  return dryingOf(lots) === 'drying' ? WARMING.dries : null;
}

/** What a label, a slip or an owner's page must warn of, where some lots are handled by whoever reads it. */
export function labelCautions(lots: readonly KnownLot[]): readonly LabelCaution[] {
  const found = cautionsAt(momentWith(lots, { doing: 'labelling' }), catalogue());
  return found.ok ? LABEL_CAUTIONS.filter((one) => found.value.includes(one)) : [];
}
