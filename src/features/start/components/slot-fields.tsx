import type { LotChoice } from '@/core/cost';
import { say } from '@/core/quantity';
import type { Slot, WhyNone } from '@/core/regimen';
import { WHY_NONE_WORDS } from '@/messages';
import { shared } from '@/messages/screens/shared';
import { SelectField } from '@/ui/field';
import { reads } from '@/web/here';

type Props = {
  readonly slots: readonly Slot[];
  /** Lots that suit each slot, or why there is none. */
  readonly offered: ReadonlyMap<string, { readonly lots: readonly LotChoice[]; readonly why: WhyNone | null }>;
  readonly chosen: Readonly<Record<string, number>>;
  readonly faultOf: (slot: string) => string | undefined;
  readonly onChoose: (slot: string, lot: number) => void;
};

/** A lot for each material of a regimen, of those that suit; an empty list says why. */
export function SlotFields({ slots, offered, chosen, faultOf, onChoose }: Props) {
  return slots.map((of) => {
    const found = offered.get(of.slot);
    return (
      <SelectField
        key={of.slot}
        label={`${of.name}: ${of.hint}`}
        value={chosen[of.slot] ?? 0}
        onChange={(event) => onChoose(of.slot, Number(event.target.value))}
        fault={faultOf(of.slot)}
        hint={found?.why ? WHY_NONE_WORDS[found.why] : ''}
      >
        <option value={0}>{shared.chooseTheLot}</option>
        {found?.lots.map((lot) => (
          <option key={lot.id} value={lot.id}>
            {lot.number} {lot.title}, {say(lot.leftG, 'g', reads())}
          </option>
        ))}
      </SelectField>
    );
  });
}
