'use client';

import { useState } from 'react';
import { say, typedAs } from '@/core/quantity';
import { potFacts as wording } from '@/messages/screens/pour';
import { SelectField, TextField } from '@/ui/field';
import { reads } from '@/web/here';
import { useSave } from '@/web/use-save';
import { piecesAre, waterIs } from '../actions';

/** Sizes wax comes in, mm. */
const PIECES: readonly { readonly mm: number; readonly name: string }[] = [
  { mm: 2, name: wording.shavedGratedPelletsCut },
  { mm: 4, name: 'pellets' },
  { mm: 8, name: wording.chipsAsUsuallyCut },
  { mm: 20, name: 'lumps' },
  { mm: 40, name: wording.halfABarIn },
];

type PotFactsProps = {
  readonly pourId: number;
  readonly pieceMm: number;
  readonly waterG: number | null;
  readonly usualG: number | null;
};

/** What the rehearsal asks of this pot: how large its pieces are, what water stands in the bath. */
export function PotFacts({ pourId, pieceMm, waterG, usualG }: PotFactsProps) {
  const { busy, faults, run } = useSave<void>();
  const [water, setWater] = useState(waterG === null ? '' : typedAs(waterG, 'ml', reads()));
  return (
    <div className="grid grid-cols-2 gap-x-4">
      <SelectField
        label={wording.theWaxIsIn}
        value={pieceMm}
        disabled={busy}
        onChange={(event) => void run(() => piecesAre({ pourId, pieceMm: Number(event.target.value) }))}
      >
        {PIECES.map(({ mm, name }) => (
          <option key={mm} value={mm}>
            {say(mm, 'mm', reads())}: {name}
          </option>
        ))}
      </SelectField>
      <TextField
        label={wording.waterInTheBath}
        value={water}
        placeholder={usualG === null ? '' : say(usualG, 'ml', reads())}
        hint={wording.lEmptyAsThe}
        fault={faults.water}
        onChange={(event) => setWater(event.target.value)}
        onBlur={() => void run(() => waterIs({ pourId, water }))}
      />
    </div>
  );
}
