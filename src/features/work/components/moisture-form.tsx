'use client';

import { freshId } from '@/ui/id';
import { FormSheet } from '@/web/form/form-sheet';
import { saveBlank, saveMoisture } from '../actions';

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

type BlankProps = { readonly batchId: number; readonly pieces: readonly { readonly id: number; readonly tag: string }[] };

/** A blank on the scale while it dries; the same one again until it is steady. */
export function WeighBlank({ batchId, pieces }: BlankProps) {
  if (pieces.length === 0) return null;
  return (
    <FormSheet
      opens="Weigh a blank"
      title="Dry by weight"
      say="Chalk its number on one blank and weigh the same one every few days. When it hardly loses any more it is as dry as its air."
      saves="Keep it"
      fields={[
        { name: 'piece', label: 'Which', options: pieces.map((one) => ({ value: String(one.id), name: one.tag })) },
        { name: 'grams', label: 'It weighs', hint: '812,4 g' },
      ]}
      save={({ piece, grams }) => saveBlank({ clientId: freshId(), batchId, pieceId: Number(piece), grams })}
    />
  );
}
