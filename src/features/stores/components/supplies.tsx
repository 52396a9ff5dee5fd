'use client';

import { supplies as wording } from '@/messages/screens/stores';
import { freshId } from '@/ui/id';
import { FormSheet } from '@/web/form/form-sheet';
import { saveSupply, saveSupplyMove } from '../supply-actions';

export type SupplyRow = {
  readonly id: number;
  readonly name: string;
  readonly counted: string;
  readonly left: number;
  /** What the use of the last weeks says, in words; empty where nothing was used yet. */
  readonly says: string;
};

const typed = (count: number): string => String(Number(count.toFixed(2)));

/** What is used up beside what is poured, each counted again by one touch; a count that finds fewer says what was used. */
export function Supplies({ rows }: { readonly rows: readonly SupplyRow[] }) {
  return (
    <div>
      <ul className="mb-3 grid gap-x-10 wide:grid-cols-2">
        {rows.map(({ id, name, counted, left, says }) => (
          <li key={`${id} ${left}`} className="flex flex-wrap items-center gap-x-3 border-hair border-b">
            <span className="grow">
              <strong>{name}</strong> {says ? <span className="reading text-sm text-soft">{says}</span> : null}
            </span>
            <FormSheet
              opens={`${typed(left)} ${counted}`}
              look="quiet"
              title={wording.count(name)}
              say={wording.whatACountFinds}
              saves="Counted"
              fields={[{ name: 'amount', label: wording.howManyThereAre, value: typed(Math.max(0, left)), type: 'number' }]}
              save={(values) => saveSupplyMove({ supplyId: id, why: 'counted', amount: '', ...values, clientId: freshId() })}
            />
            <FormSheet
              opens={wording.someCame}
              look="quiet"
              title={wording.someCame2(name)}
              saves={wording.theyAreIn}
              fields={[{ name: 'amount', label: wording.howManyCame, type: 'number' }]}
              save={(values) => saveSupplyMove({ supplyId: id, why: 'came', amount: '', ...values, clientId: freshId() })}
            />
          </li>
        ))}
        {rows.length === 0 ? <li className="text-soft">{wording.clothsGlovesPaperLabels}</li> : null}
      </ul>
      <FormSheet
        opens={wording.addWhatIsUsed}
        title={wording.somethingThatIsUsed}
        saves={wording.putItOnThe}
        fields={[
          { name: 'name', label: wording.whatItIs, hint: wording.cottonCloths },
          { name: 'counted', label: wording.countedIn, hint: wording.piecesPairsSheets },
          { name: 'have', label: wording.howManyThereAre, type: 'number' },
        ]}
        save={(values) => saveSupply({ name: '', counted: '', have: '', ...values, clientId: freshId() })}
      />
    </div>
  );
}
