'use client';

import { cancelBatch as wording } from '@/messages/screens/work';
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
      opens={wording.cancelThisBatch}
      title={wording.cancelThisBatch}
      look="quiet"
      say={drawn === '' ? wording.nothingWasDrawnFor : wording.itLeavesThePlan(drawn)}
      saves={wording.cancelTheBatch}
      fields={[
        {
          name: 'why',
          label: drawn === '' ? wording.reasonOptional : wording.reason,
          hint: drawn === '' ? wording.startedByMistake : wording.theWoodSplitIt,
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
        {wording.undoCancel}
      </Button>
      <Faults of={rest([])} />
    </>
  );
}
