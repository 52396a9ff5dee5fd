'use client';

import { useState } from 'react';
import { say, typedAs } from '@/core/quantity';
import { SelectField, TextField } from '@/ui/field';
import { reads } from '@/web/reads-here';
import { useSave } from '@/web/use-save';
import { piecesAre, waterIs } from '../actions';

/** Sizes wax comes in, mm. */
const PIECES: readonly { readonly mm: number; readonly name: string }[] = [
  { mm: 2, name: 'shaved, grated, pellets cut fine' },
  { mm: 4, name: 'pellets' },
  { mm: 8, name: 'chips, as usually cut' },
  { mm: 20, name: 'lumps' },
  { mm: 40, name: 'half a bar in one' },
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
        label="The wax is in pieces of"
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
        label="Water in the bath"
        value={water}
        placeholder={usualG === null ? '' : say(usualG, 'ml', reads())}
        hint="1.5 l; empty: as the pan was entered"
        fault={faults.water}
        onChange={(event) => setWater(event.target.value)}
        onBlur={() => void run(() => waterIs({ pourId, water }))}
      />
    </div>
  );
}
