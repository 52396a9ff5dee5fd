'use client';

import { useState } from 'react';
import type { LoggedMelt } from '@/core/melt';
import { say } from '@/core/quantity';
import { sayIssue } from '@/messages';
import { panChoice as wording } from '@/messages/screens/pour';
import { shared } from '@/messages/screens/shared';
import { Button } from '@/ui/button';
import { Faults, SelectBox } from '@/ui/field';
import { FormSheet } from '@/web/form/form-sheet';
import { reads } from '@/web/here';
import { useSave } from '@/web/use-save';
import { saveFit, savePan } from '../actions';
import { useRehearsal } from '../use-rehearsal';

export type PanFacts = {
  readonly id: number;
  readonly name: string;
  readonly waterG: number;
  readonly heaterW: number;
  readonly lossWPerK: number;
  readonly uaWPerK: number;
  readonly fittedReadings: number;
  /** Its melts as they were logged. */
  readonly melts: readonly LoggedMelt[];
};

type Fit = {
  readonly pan: { readonly heaterW: number; readonly lossWPerK: number; readonly uaWPerK: number };
  readonly misfitBeforeC: number;
  readonly misfitAfterC: number;
  readonly readings: number;
};

type Props = {
  readonly pans: readonly PanFacts[];
  readonly chosen: PanFacts | undefined;
  readonly onChoose: (id: number) => void;
};

/** The pan that the rehearsal reckons with, and its fit to the melts that were logged in it. */
export function PanChoice({ pans, chosen, onChoose }: Props) {
  const rehearsal = useRehearsal();
  const [fit, setFit] = useState<Fit | null>(null);
  const [faults, setFaults] = useState<readonly string[]>([]);
  const { busy, rest, run } = useSave();
  const logged = chosen?.melts.reduce((sum, one) => sum + one.readings.length, 0) ?? 0;
  return (
    <div>
      <div className="flex flex-wrap items-end gap-3">
        <label className="flex flex-col gap-1">
          <span className="label">{wording.panAndHeater}</span>
          <SelectBox value={chosen?.id ?? 0} onChange={(event) => onChoose(Number(event.target.value))}>
            <option value={0}>{wording.notSaid}</option>
            {pans.map((pan) => (
              <option key={pan.id} value={pan.id}>
                {pan.name}
              </option>
            ))}
          </SelectBox>
        </label>
        <FormSheet
          opens={wording.enterAPan}
          look="quiet"
          title={wording.aPanAndIts}
          say={wording.whatHeatItLoses}
          saves={shared.keepIt}
          fields={[
            { name: 'name', label: shared.name, hint: wording.enamelPanOnThe },
            { name: 'water', label: wording.waterInIt, hint: '1.5 kg' },
            { name: 'watts', label: wording.heater, hint: '900 W', type: 'number' },
          ]}
          save={savePan}
        />
        {chosen && logged >= 3 ? (
          <Button
            look="quiet"
            onClick={async () => {
              const found = await rehearsal((face) => face.fitPan(chosen, chosen.melts));
              setFit(found.ok ? found.value : null);
              setFaults(found.ok ? [] : found.issues.map((one) => sayIssue(one, reads())));
            }}
          >
            {wording.fitItToReadings(logged)}
          </Button>
        ) : null}
      </div>
      {chosen ? (
        <p className="reading mt-1 text-sm text-soft">
          {wording.losesGives(
            say(chosen.heaterW, 'W', reads()),
            say(chosen.lossWPerK, 'W/K', reads()),
            say(chosen.uaWPerK, 'W/K', reads()),
            chosen.fittedReadings > 0 ? wording.fittedToOfYour(chosen.fittedReadings) : wording.workingEstimates,
          )}
        </p>
      ) : null}
      <Faults of={faults} />
      {fit && chosen ? (
        <p role="status" className="mt-1">
          {wording.theRehearsalMissedBy}
          <span className="reading">{say(fit.misfitBeforeC, 'K', reads())}</span>
          {wording.fittedItMissesBy}
          <strong className="reading">{say(fit.misfitAfterC, 'K', reads())}</strong>.{' '}
          <Button
            disabled={busy}
            onClick={() =>
              void run(
                () => saveFit({ panId: chosen.id, ...fit.pan, readings: fit.readings }),
                () => setFit(null),
              )
            }
          >
            {wording.useThat}
          </Button>
        </p>
      ) : null}
      <Faults of={rest([])} />
    </div>
  );
}
