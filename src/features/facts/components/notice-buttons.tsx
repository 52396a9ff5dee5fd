'use client';

import { noticeButtons as wording } from '@/messages/screens/facts';
import { shared } from '@/messages/screens/shared';
import { Button } from '@/ui/button';
import { Faults } from '@/ui/field';
import { FormSheet } from '@/web/form/form-sheet';
import { useSave } from '@/web/use-save';
import { sayRead, settleNotice, takeOffered } from '../actions';

/** Read and out of the way; what is held stays held. */
export function ReadButton({ ids, children }: { readonly ids: readonly number[]; readonly children: string }) {
  const { busy, faults, run } = useSave();
  return (
    <>
      <Button disabled={busy} onClick={() => void run(() => sayRead({ ids }))}>
        {children}
      </Button>
      <Faults of={Object.values(faults)} />
    </>
  );
}

type SettleProps = {
  readonly id: number;
  readonly number: string;
  readonly maySell: boolean;
  readonly isKept: boolean;
};

/** What becomes of held pieces. */
export function Settle({ id, number, maySell, isKept }: SettleProps) {
  return (
    <FormSheet
      opens={wording.sayWhatBecomesOf}
      look="main"
      title={wording.whatBecomesOf(number)}
      say={maySell ? wording.everyGateThatIs : wording.aGateThatIs}
      saves={shared.keepIt}
      fields={[
        {
          name: 'settled',
          label: wording.theyAre,
          options: [
            ...(isKept ? [] : [{ value: 'keep', name: wording.keptHereNotSold }]),
            ...(maySell ? [{ value: 'sell', name: wording.soldAllTheSame }] : []),
          ],
        },
        { name: 'reason', label: shared.why },
      ]}
      save={(values) => settleNotice({ id, ...values })}
    />
  );
}

export function TakeOffered({ id }: { readonly id: number }) {
  const { busy, faults, run } = useSave();
  return (
    <>
      <Button look="main" disabled={busy} onClick={() => void run(() => takeOffered({ id }))}>
        {wording.takeTheMendedOne}
      </Button>
      <Faults of={Object.values(faults)} />
    </>
  );
}
