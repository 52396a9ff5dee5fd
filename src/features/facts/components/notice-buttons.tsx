'use client';

import { Button } from '@/ui/button';
import { Faults } from '@/ui/field';
import { FormSheet } from '@/web/form/form-sheet';
import { useSave } from '@/web/use-save';
import { sayRead, settle, takeOffered } from '../actions';

/** Read and out of the way; what is held stays held. */
export function Read({ ids, children }: { readonly ids: readonly number[]; readonly children: string }) {
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
      opens="Say what becomes of them"
      look="main"
      title={`What becomes of ${number}`}
      say={
        maySell
          ? 'Every gate that is not met may be signed for, with a reason that is kept.'
          : 'A gate that is not met may be signed by nobody: they are not sold as what they were made for. Say what the design is for, if that was only guessed, or keep them here.'
      }
      saves="Keep it"
      fields={[
        {
          name: 'settled',
          label: 'They are',
          options: [
            ...(isKept ? [] : [{ value: 'keep', name: 'kept here, not sold' }]),
            ...(maySell ? [{ value: 'sell', name: 'sold all the same' }] : []),
          ],
        },
        { name: 'reason', label: 'Why' },
      ]}
      save={(values) => settle({ id, ...values })}
    />
  );
}

export function TakeOffered({ id }: { readonly id: number }) {
  const { busy, faults, run } = useSave();
  return (
    <>
      <Button look="main" disabled={busy} onClick={() => void run(() => takeOffered({ id }))}>
        Take the mended one
      </Button>
      <Faults of={Object.values(faults)} />
    </>
  );
}
