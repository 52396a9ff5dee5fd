'use client';

import { shared } from '@/messages/screens/shared';
import { weighPiece as wording } from '@/messages/screens/work';
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
          opens={wording.weighAgain(one.says.split(' ')[0])}
          title={wording.afterTheWipe}
          say={`${one.says}.`}
          saves={shared.keepIt}
          look="hand"
          fields={[{ name: 'after', label: wording.itWeighsNow, type: 'number', hint: '612,4 g' }]}
          save={({ after }) => weighAgain({ id: one.id, after })}
        />
      ))}
      {task !== '' && pieces.length > 0 ? (
        <FormSheet
          opens={wording.weighAPiece}
          title={wording.aPieceBeforeAnd(coat)}
          say={wording.dryClothBeneathThe}
          saves={shared.keepIt}
          fields={[
            {
              name: 'pieceId',
              label: wording.whichPiece,
              options: pieces.map(({ id, tag }) => ({ value: String(id), name: tag })),
            },
            { name: 'before', label: wording.beforeTheCoat, type: 'number', hint: '598,0 g' },
            { name: 'after', label: wording.afterItsWipe, type: 'number', hint: wording.mayBeEmpty },
          ]}
          save={({ pieceId, before, after }) =>
            weighPiece({ clientId: freshId(), batchId, task, pieceId: Number(pieceId), before, after })
          }
        />
      ) : null}
    </div>
  );
}
