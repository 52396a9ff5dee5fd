'use client';

import { useState } from 'react';
import { area } from '@/core/piece';
import { parseSizes } from '@/core/quantity';
import { sayIssue } from '@/messages';
import { Button } from '@/ui/button';
import { Sheet } from '@/ui/dialog';
import { Faults, SelectField, TextField } from '@/ui/field';
import { useSave } from '../../shop/use-save';
import { saveDesign } from '../actions';

/** What was understood of typed sizes, with the surface that comes of them. */
function echoOf(sizes: string, grain: 'long' | 'end'): { readonly echo: string | null; readonly fault: string } {
  if (sizes.trim() === '') return { echo: null, fault: '' };
  const parsed = parseSizes(sizes);
  if (!parsed.ok) return { echo: null, fault: parsed.issues.map(sayIssue).join(' ') };
  const [lengthMm, widthMm, thickMm] = parsed.value;
  const measured = area({ shape: 'board', lengthMm, widthMm, thickMm, grain });
  return {
    echo: measured.ok
      ? `${parsed.value.map((mm) => mm.toFixed(0)).join(' × ')} mm, ${(measured.value.areaMm2 / 100).toFixed(0)} cm²`
      : null,
    fault: measured.ok ? '' : 'Write length × width × thickness.',
  };
}

/** The sheet for a board's design. */
export function NewDesign({ onMade }: { readonly onMade: (revisionId: number) => void }) {
  const [open, setOpen] = useState(false);
  const [name, setName] = useState('');
  const [sizes, setSizes] = useState('');
  const [grain, setGrain] = useState<'long' | 'end'>('long');
  const [cutOn, setCutOn] = useState(true);
  const { busy, faults, rest, run } = useSave<{ readonly revisionId: number }>();
  const read = echoOf(sizes, grain);
  return (
    <>
      <Button className="mt-5" onClick={() => setOpen(true)}>
        New design
      </Button>
      <Sheet title="A board" open={open} onOpenChange={setOpen}>
        <form
          className="flex flex-col gap-1"
          onSubmit={(event) => {
            event.preventDefault();
            event.stopPropagation();
            void run(
              () => saveDesign({ name, sizes, grain, cutOn }),
              (made) => {
                onMade(made.revisionId);
                setOpen(false);
              },
            );
          }}
        >
          <TextField label="Name" value={name} onChange={(event) => setName(event.target.value)} fault={faults.name} required />
          <TextField
            label="Length × width × thickness"
            value={sizes}
            onChange={(event) => setSizes(event.target.value)}
            hint="420 x 260 x 24, or 12 x 18 x 1 in"
            echo={read.echo}
            fault={read.fault || (read.echo ? undefined : faults.sizes)}
            required
          />
          <SelectField
            label="Grain of the faces"
            value={grain}
            onChange={(event) => setGrain(event.target.value === 'end' ? 'end' : 'long')}
          >
            <option value="long">long grain</option>
            <option value="end">end grain</option>
          </SelectField>
          <label className="flex min-h-11 items-center gap-3">
            <input
              type="checkbox"
              className="h-5 w-5 accent-ink"
              checked={cutOn}
              onChange={(event) => setCutOn(event.target.checked)}
            />
            A knife works on it: no film there
          </label>
          <Faults of={rest(['name', 'sizes'])} />
          <Button look="main" big type="submit" disabled={busy}>
            Keep the design
          </Button>
        </form>
      </Sheet>
    </>
  );
}
