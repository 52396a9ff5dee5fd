'use client';

import { FormSheet } from '@/web/form/form-sheet';
import { saveMoisture } from '../actions';

/** A meter's reading, and where it was taken. */
export function MoistureForm({ batchId }: { readonly batchId: number }) {
  return (
    <FormSheet
      opens="Read the moisture"
      title="Moisture of the wood"
      say="Several readings at flat places, along the grain, nothing metal behind. Not within hours of wetting."
      saves="Keep it"
      fields={[
        { name: 'percent', label: 'The meter says, %', type: 'number', hint: '11,5' },
        { name: 'spot', label: 'Where', hint: 'middle of the underside' },
        {
          name: 'valid',
          label: 'It counts',
          options: [
            { value: 'yes', name: 'yes' },
            { value: 'no', name: 'no: just wetted, a knot, a wall behind' },
          ],
        },
      ]}
      save={(values) => saveMoisture({ batchId, ...values })}
    />
  );
}
