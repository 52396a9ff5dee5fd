'use client';

import { cureWeighForm as wording } from '@/messages/screens/cure';
import { shared } from '@/messages/screens/shared';
import { freshId } from '@/ui/id';
import { FormSheet } from '@/web/form/form-sheet';
import { saveWeighing } from '../actions';

/** The test piece on the scale, now. */
export function WeighForm({ batchId }: { readonly batchId: number }) {
  return (
    <FormSheet
      opens={wording.weighTheTestPiece}
      title={wording.theTestPieceOn}
      say={wording.alwaysTheSamePiece}
      saves={shared.keepIt}
      fields={[{ name: 'mass', label: wording.itWeighs, type: 'number', hint: '412,6 g' }]}
      save={(values) => saveWeighing({ clientId: freshId(), batchId, mass: '', ...values })}
    />
  );
}
