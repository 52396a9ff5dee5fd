'use client';

import { useState } from 'react';
import { copyButtons as wording } from '@/messages/screens/settings';
import { Button } from '@/ui/button';
import { Faults, SelectField } from '@/ui/field';
import { useSave } from '@/web/use-save';
import { askForCopy, lookOver, takeCopy } from '../copy-actions';

/** Asks for the whole copy as a form of this page does; what comes is kept as a file, and the page stays. */
function carryAway(token: string): void {
  const form = document.createElement('form');
  form.method = 'post';
  form.action = '/api/copy';
  const field = document.createElement('input');
  field.type = 'hidden';
  field.name = 'token';
  field.value = token;
  form.append(field);
  document.body.append(form);
  form.submit();
  form.remove();
}

/** Take a copy now, look one over, carry a whole one away. */
export function CopyButtons({ dates }: { readonly dates: readonly string[] }) {
  const [date, setDate] = useState('');
  const [told, setTold] = useState('');
  const { busy, rest, run } = useSave<string>();
  const chosen = dates.includes(date) ? date : (dates[0] ?? '');
  return (
    <>
      <div className="flex flex-wrap items-end gap-3">
        <Button disabled={busy} onClick={() => void run(() => takeCopy(), setTold)}>
          {wording.takeOneNow}
        </Button>
        <Button disabled={busy} onClick={() => void run(() => askForCopy(), carryAway)}>
          {wording.carryAWholeCopy}
        </Button>
        {dates.length > 0 ? (
          <>
            <SelectField label={wording.theCopyOf} value={chosen} onChange={(event) => setDate(event.target.value)}>
              {dates.map((one) => (
                <option key={one} value={one}>
                  {one}
                </option>
              ))}
            </SelectField>
            <Button disabled={busy} onClick={() => void run(() => lookOver({ date: chosen }), setTold)}>
              {wording.lookItOver}
            </Button>
          </>
        ) : null}
      </div>
      <p role="status" className="min-h-6 pt-1 font-semibold text-fit">
        {told}
      </p>
      <Faults of={rest([])} />
    </>
  );
}
