'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { STATEMENTS, type Statement } from '@/core/use';
import { STATEMENT_WORDS } from '@/messages';
import { declare as wording } from '@/messages/screens/stores';
import { Faults } from '@/ui/field';
import { Tick } from '@/ui/tick';

/** Keeps a supplier's declaration with its lot, and what it states in so many words; a statement counts at release. */
export function Declare({ lotId }: { readonly lotId: number }) {
  const router = useRouter();
  const [fault, setFault] = useState('');
  const [says, setSays] = useState<readonly Statement[]>([]);
  const send = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    const form = new FormData();
    form.set('file', file);
    form.set('lot', String(lotId));
    for (const one of says) form.append('says', one);
    try {
      const answer = await fetch('/api/declaration', { method: 'POST', body: form });
      const said = (await answer.json()) as { readonly fault?: string };
      setFault(said.fault ?? '');
      if (answer.ok) {
        setSays([]);
        router.refresh();
      }
    } catch {
      setFault(wording.theShopsFileDid);
    }
  };
  return (
    <div>
      <fieldset className="mb-2 flex flex-wrap gap-x-5">
        <legend className="label">{wording.aPaperOnThis}</legend>
        {STATEMENTS.map((one) => (
          <Tick
            key={one}
            checked={says.includes(one)}
            onChange={() => setSays(says.includes(one) ? says.filter((other) => other !== one) : [...says, one])}
          >
            {STATEMENT_WORDS[one]}
          </Tick>
        ))}
      </fieldset>
      <label className="flex flex-col gap-1">
        <span className="label">{wording.keepADeclarationPdf}</span>
        <input
          type="file"
          accept="application/pdf,image/png,image/jpeg"
          className="min-h-11 file:min-h-11 file:border-2 file:border-ink file:bg-transparent file:px-4 file:font-semibold"
          onChange={(event) => void send(event.target.files?.[0])}
        />
      </label>
      <Faults of={fault ? [fault] : []} />
    </div>
  );
}
