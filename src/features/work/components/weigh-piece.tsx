'use client';

import { freshId } from '@/ui/id';
import { FormSheet } from '@/web/form/form-sheet';
import { weighAgain, weighPiece } from '../actions';

type Props = {
  readonly batchId: number;
  readonly task: string;
  readonly coat: string;
  readonly pieces: readonly { readonly id: number; readonly tag: string }[];
  readonly open: readonly { readonly id: number; readonly says: string }[];
};

/** One piece on the scale before a coat, and again after its wipe. */
export function WeighPiece({ batchId, task, coat, pieces, open }: Props) {
  return (
    <div className="flex flex-wrap gap-2">
      {open.map((one) => (
        <FormSheet
          key={one.id}
          opens={`Weigh again: ${one.says.split(' ')[0]}`}
          title="After the wipe"
          say={`${one.says}.`}
          saves="Keep it"
          look="hand"
          fields={[{ name: 'after', label: 'It weighs now', type: 'number', hint: '612,4 g' }]}
          save={({ after }) => weighAgain({ id: one.id, after })}
        />
      ))}
      {task !== '' && pieces.length > 0 ? (
        <FormSheet
          opens="Weigh a piece"
          title={`A piece, before and after it is ${coat}`}
          say="Dry cloth beneath, the same scale both times. Leave “after” empty until it has been wiped."
          saves="Keep it"
          fields={[
            { name: 'pieceId', label: 'Which piece', options: pieces.map(({ id, tag }) => ({ value: String(id), name: tag })) },
            { name: 'before', label: 'Before the coat', type: 'number', hint: '598,0 g' },
            { name: 'after', label: 'After its wipe', type: 'number', hint: 'may be empty' },
          ]}
          save={({ pieceId, before, after }) =>
            weighPiece({ clientId: freshId(), batchId, task, pieceId: Number(pieceId), before, after })
          }
        />
      ) : null}
    </div>
  );
}
