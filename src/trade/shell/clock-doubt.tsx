'use client';

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
        ▲ This machine’s clock says <span className="reading">{says}</span>, but the newest record is of{' '}
        <span className="reading">{newest}</span>.
      </p>
      <p className="mb-2">
        {way === 'back'
          ? 'A clock that was set back would put coats and wipes before what they follow.'
          : 'A clock that ran ahead would call every cure done and every date past.'}{' '}
        Nothing is recorded until it is settled; what waits on a device stays there. Wrong: set the machine’s clock, then reload.
      </p>
      <Button disabled={busy} onClick={() => void run(() => sayClockIsRight())}>
        The clock is right
      </Button>
      <Faults of={rest([])} />
    </section>
  );
}
