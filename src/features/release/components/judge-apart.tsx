'use client';

import { Button } from '@/ui/button';
import { useSave } from '@/web/use-save';
import { judgeApart } from '../actions';

type Props = { readonly batchId: number; readonly pieces: string; readonly says: string; readonly why: string };

/** What does not pass goes into a batch of its own, so that the rest may be released. */
export function JudgeApart({ batchId, pieces, says, why }: Props) {
  const { busy, rest, run } = useSave<{ readonly number: string }>();
  return (
    <span>
      <Button disabled={busy} onClick={() => void run(() => judgeApart({ batchId, pieces, why }))}>
        {says}
      </Button>
      {rest([]).map((fault) => (
        <span key={fault} role="alert" className="block font-semibold text-late">
          ▲ {fault}
        </span>
      ))}
    </span>
  );
}
