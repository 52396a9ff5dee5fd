'use client';

import { goneBack as wording } from '@/messages/screens/restore';
import { FormSheet } from '@/web/form/form-sheet';
import { sendBack } from '../actions';

/** The piece goes back to its owner, with what it cost. */
export function GoneBack({ batchId, bill }: { readonly batchId: number; readonly bill: string }) {
  return (
    <FormSheet
      opens={wording.itWentBack}
      title={wording.backToItsOwner}
      saves={wording.itWentBack}
      fields={[{ name: 'bill', label: wording.billed, value: bill, hint: wording.emptyForNothing }]}
      save={(values) => sendBack({ batchId, bill: values.bill ?? '' })}
    />
  );
}
