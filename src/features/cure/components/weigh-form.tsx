'use client';

import { freshId } from '@/ui/id';
import { FormSheet } from '@/web/form/form-sheet';
import { saveWeighing } from '../actions';

/** The test piece on the scale, now. */
export function WeighForm({ batchId }: { readonly batchId: number }) {
  return (
    <FormSheet
      opens="Weigh the test piece"
      title="The test piece on the scale"
      say="Always the same piece on the same scale, dry cloth beneath, no fresh oil on it."
      saves="Keep it"
      fields={[{ name: 'mass', label: 'It weighs', type: 'number', hint: '412,6 g' }]}
      save={(values) => saveWeighing({ clientId: freshId(), batchId, mass: '', ...values })}
    />
  );
}
