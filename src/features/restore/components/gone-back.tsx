'use client';

import { FormSheet } from '@/web/form/form-sheet';
import { sendBack } from '../actions';

/** The piece goes back to its owner, with what it cost. */
export function GoneBack({ batchId, bill }: { readonly batchId: number; readonly bill: string }) {
  return (
    <FormSheet
      opens="It went back"
      title="Back to its owner"
      saves="It went back"
      fields={[{ name: 'bill', label: 'Billed', value: bill, hint: '35,00; empty for nothing' }]}
      save={(values) => sendBack({ batchId, bill: values.bill ?? '' })}
    />
  );
}
