'use client';

import { useRef } from 'react';
import { WEARS, type Wear } from '@/core/trial';
import { WEAR_WORDS } from '@/messages';
import { cycleCounter as wording } from '@/messages/screens/trials';
import { Button } from '@/ui/button';
import { Faults } from '@/ui/field';
import { Fold } from '@/ui/fold';
import { freshId } from '@/ui/id';
import { useSave } from '@/web/use-save';
import { countOne, takeOneBack } from '../actions';

type Props = {
  readonly trialId: number;
  readonly wear: Wear;
  readonly cycles: Readonly<Record<Wear, number>>;
  readonly protocol: string;
  readonly last: string;
};

/** Cycles, counted by one touch; what was counted by mistake is taken back. */
export function CycleCounter({ trialId, wear, cycles, protocol, last }: Props) {
  const saving = useSave();
  // Two taps in one breath are one wash.
  const resting = useRef(0);
  const count = (of: Wear): void => {
    if (Date.now() < resting.current) return;
    resting.current = Date.now() + 1000;
    void saving.run(() => countOne({ clientId: freshId(), trialId, wear: of, note: '' }));
  };
  const back = (of: Wear): void => void saving.run(() => takeOneBack({ clientId: freshId(), trialId, wear: of }));
  return (
    <section aria-label={wording.cycles}>
      <div className="flex flex-wrap items-center gap-4">
        <p className="reading text-5xl font-semibold leading-none" aria-live="polite">
          {cycles[wear]}
          <span className="ml-2 text-base font-normal text-soft">× {WEAR_WORDS[wear].one}</span>
        </p>
        <Button look="hand" big onClick={() => count(wear)} disabled={saving.busy}>
          {WEAR_WORDS[wear].counts}
        </Button>
        {cycles[wear] > 0 ? (
          <Button look="quiet" onClick={() => back(wear)} disabled={saving.busy}>
            {wording.takeTheLastOne}
          </Button>
        ) : null}
      </div>
      <p className="mt-2 max-w-prose text-sm">{protocol}</p>
      {last ? <p className="text-sm text-soft">{last}</p> : null}
      <Faults of={saving.rest([])} />
      <Fold says={wording.somethingElseWasDone}>
        <ul className="flex flex-wrap gap-x-6 gap-y-2">
          {WEARS.filter((one) => one !== wear).map((one) => (
            <li key={one} className="flex items-center gap-2">
              <Button onClick={() => count(one)} disabled={saving.busy}>
                {WEAR_WORDS[one].counts}
              </Button>
              <span className="reading">{cycles[one]}</span>
              {cycles[one] > 0 ? (
                <Button look="quiet" onClick={() => back(one)} disabled={saving.busy}>
                  {wording.oneBack}
                </Button>
              ) : null}
            </li>
          ))}
        </ul>
        <p className="mt-1 text-sm text-soft">{wording.countedBesideTheAnswer}</p>
      </Fold>
    </section>
  );
}
