'use client';

import { useState } from 'react';
import type { Amiss } from '@/core/care';
import { draftAnswer as wording } from '@/messages/screens/piece';
import { Button } from '@/ui/button';
import { Faults } from '@/ui/field';
import { Link } from '@/ui/link';
import { useSave } from '@/web/use-save';
import { draftFor } from '../actions';

/** Puts the answer among the letters as a draft: a person reads it there once more, and sends it. */
export function DraftAnswer({ code, amiss }: { readonly code: string; readonly amiss: Amiss }) {
  const { busy, rest, run } = useSave<{ readonly drafted: number }>();
  const [drafted, setDrafted] = useState<number | null>(null);
  return (
    <div className="mt-2 flex flex-wrap items-center gap-3">
      <Button
        disabled={busy}
        onClick={() =>
          void run(
            () => draftFor({ code, amiss }),
            (made) => setDrafted(made.drafted),
          )
        }
      >
        {wording.putItAmongThe}
      </Button>
      <span role="status">
        {drafted === null ? '' : drafted > 0 ? wording.aDraftWaitsTo : wording.itIsAmongThem}
        {drafted === null ? null : <Link href="/care#letters">{wording.toTheLetters}</Link>}
      </span>
      <Faults of={rest([])} />
    </div>
  );
}
