'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { STATEMENTS, type Statement } from '@/core/use';
import { STATEMENT_WORDS } from '@/messages';
import { declare as wording } from '@/messages/screens/stores';
import { Faults } from '@/ui/field';
import { FileField } from '@/ui/file-field';
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
      <FileField
        label={wording.keepADeclarationPdf}
        takes="application/pdf,image/png,image/jpeg"
        onFile={(file) => void send(file)}
      />
      <Faults of={fault ? [fault] : []} />
    </div>
  );
}
