'use client';

import { useState } from 'react';
import { spillButton as wording } from '@/messages/screens/pour';
import { Button } from '@/ui/button';
import { Faults } from '@/ui/field';
import { freshId } from '@/ui/id';
import { useSave } from '@/web/use-save';
import { spilt } from '../actions';

/** Something was spilt, or wiped up with a cloth: that cloth is one of the session's. */
export function SpillButton({ pourId }: { readonly pourId: number }) {
  const [said, setSaid] = useState(false);
  const { busy, rest, run } = useSave<void>();
  return (
    <div className="flex flex-wrap items-center gap-3">
      <Button
        disabled={busy}
        onClick={() =>
          void run(
            () => spilt({ clientId: freshId(), pourId }),
            () => setSaid(true),
          )
        }
      >
        {wording.wipedSomethingUp}
      </Button>
      <span role="status" className="text-soft">
        {said ? wording.itsClothsStandAt : wording.aSpillThePot}
      </span>
      <Faults of={rest([])} />
    </div>
  );
}
