'use client';

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
              title={`Count ${name}`}
              say="What a count finds missing was used: from it comes the shop’s own rate."
              saves="Counted"
              fields={[{ name: 'amount', label: 'How many there are', value: typed(Math.max(0, left)), type: 'number' }]}
              save={(values) => saveSupplyMove({ supplyId: id, why: 'counted', amount: '', ...values, clientId: freshId() })}
            />
            <FormSheet
              opens="Some came"
              look="quiet"
              title={`${name}: some came`}
              saves="They are in"
              fields={[{ name: 'amount', label: 'How many came', type: 'number' }]}
              save={(values) => saveSupplyMove({ supplyId: id, why: 'came', amount: '', ...values, clientId: freshId() })}
            />
          </li>
        ))}
        {rows.length === 0 ? (
          <li className="text-soft">Cloths, gloves, paper, labels: whatever runs out at the worst moment.</li>
        ) : null}
      </ul>
      <FormSheet
        opens="Add what is used up"
        title="Something that is used up"
        saves="Put it on the list"
        fields={[
          { name: 'name', label: 'What it is', hint: 'Cotton cloths' },
          { name: 'counted', label: 'Counted in', hint: 'pieces, pairs, sheets' },
          { name: 'have', label: 'How many there are', type: 'number' },
        ]}
        save={(values) => saveSupply({ name: '', counted: '', have: '', ...values, clientId: freshId() })}
      />
    </div>
  );
}
