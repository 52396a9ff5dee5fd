'use client';

import { clockDoubt as wording } from '@/messages/screens/trade';
import { Button } from '@/ui/button';
import { Faults } from '@/ui/field';
import { useSave } from '@/web/use-save';
import { sayClockIsRight } from './actions';

type Props = { readonly way: 'back' | 'ahead'; readonly says: string; readonly newest: string };

/** The machine's clock leapt: nothing is dated before someone has said whether it is right. */
export function ClockDoubt({ way, says, newest }: Props) {
  const { busy, rest, run } = useSave();
  return (
    <section role="alert" className="no-print mb-4 border-late border-l-4 bg-paper px-4 py-3">
      <p className="font-semibold">
        {wording.thisMachinesClockSays}
        <span className="reading">{says}</span>
        {wording.butTheNewestRecord}
        <span className="reading">{newest}</span>.
      </p>
      <p className="mb-2">{wording.nothingIsRecordedUntil(way === 'back' ? wording.aClockThatWas : wording.aClockThatRan)}</p>
      <Button disabled={busy} onClick={() => void run(() => sayClockIsRight())}>
        {wording.theClockIsRight}
      </Button>
      <Faults of={rest([])} />
    </section>
  );
}
