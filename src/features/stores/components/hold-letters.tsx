'use client';

import { useState } from 'react';
import { holdLetters as wording } from '@/messages/screens/stores';
import { Button } from '@/ui/button';
import { Faults } from '@/ui/field';
import { Link } from '@/ui/link';
import { useSave } from '@/web/use-save';
import { draftLetters } from '../actions';

/** Drafts a letter to everyone who has a piece this held lot is on; they are read and sent under Care. */
export function HoldLetters({ lotId }: { readonly lotId: number }) {
  const [drafted, setDrafted] = useState<number | null>(null);
  const { busy, rest, run } = useSave<{ readonly drafted: number }>();
  return (
    <div className="mt-2 flex flex-wrap items-center gap-3">
      <Button
        look="late"
        disabled={busy}
        onClick={() =>
          void run(
            () => draftLetters({ lotId }),
            (made) => setDrafted(made.drafted),
          )
        }
      >
        {wording.draftLettersToThem}
      </Button>
      <span role="status">
        {drafted === null ? null : (
          <>
            {drafted === 0 ? wording.noNewLetterAll : wording.drafted(drafted)}
            <Link href="/care#letters">{wording.readAndSendThem}</Link>
          </>
        )}
      </span>
      <Faults of={rest([])} />
    </div>
  );
}
