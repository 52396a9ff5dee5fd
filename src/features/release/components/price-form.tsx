'use client';

import { priceForm as wording } from '@/messages/screens/release';
import { shared } from '@/messages/screens/shared';
import { Button } from '@/ui/button';
import { Faults } from '@/ui/field';
import { Link } from '@/ui/link';
import { FormSheet } from '@/web/form/form-sheet';
import { useSave } from '@/web/use-save';
import { putLabelsOn, savePrice } from '../actions';

type Props = {
  readonly batchId: number;
  readonly currency: string;
  readonly wood: string;
  readonly price: string;
  readonly jar: string;
  readonly jars: readonly { readonly value: string; readonly name: string }[];
};

/** Wood and price of one piece, and the jar that goes into its box. */
export function PriceForm({ batchId, currency, wood, price, jar, jars }: Props) {
  return (
    <div className="mt-2">
      <FormSheet
        opens={wording.woodAndPrice}
        title={wording.woodAndPriceOf}
        say={wording.handsAndSlipAre}
        saves={shared.keepIt}
        fields={[
          { name: 'wood', label: wording.woodOfOnePiece(currency), type: 'number', value: wood },
          { name: 'jar', label: wording.jarInTheBox, value: jar, options: [{ value: '', name: 'none' }, ...jars] },
          { name: 'price', label: wording.toSellFor(currency), type: 'number', value: price },
        ]}
        save={(values) => savePrice({ batchId, ...values })}
      />
    </div>
  );
}

/** Tags and labels are on the pieces. */
export function Labelled({ batchId, number }: { readonly batchId: number; readonly number: string }) {
  const { busy, rest, run } = useSave();
  return (
    <div className="flex flex-wrap items-center gap-3">
      <span>{wording.notSaidToBe}</span>
      <Link href={`/tags/${batchId}`}>{wording.tagsOf(number)}</Link>
      <Button disabled={busy} onClick={() => void run(() => putLabelsOn({ batchId }))}>
        {wording.theyAreOn}
      </Button>
      <Faults of={rest([])} />
    </div>
  );
}
