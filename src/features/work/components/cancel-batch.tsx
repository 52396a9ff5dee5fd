'use client';

import { Button } from '@/ui/button';
import { Faults } from '@/ui/field';
import { FormSheet } from '@/web/form/form-sheet';
import { useSave } from '@/web/use-save';
import { cancel, resume } from '../actions';

type Props = {
  readonly batchId: number;
  /** What was drawn from the lots for it, as it is said; empty where nothing was. */
  readonly drawn: string;
};

/** A batch that was begun by mistake, or is given up. */
export function CancelBatch({ batchId, drawn }: Props) {
  return (
    <FormSheet
      opens="Cancel this batch"
      title="Cancel this batch"
      look="quiet"
      say={
        drawn === ''
          ? 'Nothing was drawn for it. It leaves the plan and every list; its number is not given again. You can undo this here.'
          : `It leaves the plan. ${drawn} stays drawn from the stores, and the batch record stays. You can undo this here.`
      }
      saves="Cancel the batch"
      fields={[
        {
          name: 'why',
          label: drawn === '' ? 'Reason (optional)' : 'Reason',
          hint: drawn === '' ? 'started by mistake' : 'the wood split; it will not be finished',
        },
      ]}
      save={({ why = '' }) => cancel({ batchId, why })}
    />
  );
}

/** The way back from it. */
export function ResumeBatch({ batchId }: Pick<Props, 'batchId'>) {
  const { busy, rest, run } = useSave();
  return (
    <>
      <Button disabled={busy} onClick={() => void run(() => resume({ batchId }))}>
        Undo cancel
      </Button>
      <Faults of={rest([])} />
    </>
  );
}
