'use client';

import { shared } from '@/messages/screens/shared';
import { moistureForm as wording } from '@/messages/screens/work';
import { freshId } from '@/ui/id';
import { FormSheet } from '@/web/form/form-sheet';
import { saveBlank, saveMoisture } from '../actions';

/** A meter's reading, and where it was taken. */
export function MoistureForm({ batchId }: { readonly batchId: number }) {
  return (
    <FormSheet
      opens={wording.readTheMoisture}
      title={wording.moistureOfTheWood}
      say={wording.severalReadingsAtFlat}
      saves={shared.keepIt}
      fields={[
        { name: 'percent', label: wording.theMeterSays, type: 'number', hint: '11,5' },
        { name: 'spot', label: wording.where, hint: wording.middleOfTheUnderside },
        {
          name: 'valid',
          label: wording.itCounts,
          options: [
            { value: 'yes', name: 'yes' },
            { value: 'no', name: wording.noJustWettedA },
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
      opens={wording.weighABlank}
      title={wording.dryByWeight}
      say={wording.chalkItsNumberOn}
      saves={shared.keepIt}
      fields={[
        { name: 'piece', label: wording.which, options: pieces.map((one) => ({ value: String(one.id), name: one.tag })) },
        { name: 'grams', label: wording.itWeighs, hint: '812,4 g' },
      ]}
      save={({ piece, grams }) => saveBlank({ clientId: freshId(), batchId, pieceId: Number(piece), grams })}
    />
  );
}
