'use client';

import { useState } from 'react';
import { findIngredient } from '@/core/material';
import { Button } from '@/ui/button';
import { Sheet } from '@/ui/dialog';
import { Faults } from '@/ui/field';
import { useSave } from '../../shop/use-save';
import { lookAtFile, type Preview, takeFile } from '../actions';

const STATUS = {
  new: { mark: '●', says: 'new', tone: 'text-fit' },
  revision: { mark: '◐', says: 'a new revision of', tone: 'text-wet' },
  same: { mark: '○', says: 'the same as', tone: 'text-soft' },
  refused: { mark: '▲', says: 'not taken', tone: 'text-late' },
} as const;

/** Takes formulas in from a file: what was understood is shown first, and nothing is refused in silence. */
export function ImportSheet() {
  const [open, setOpen] = useState(false);
  const [text, setText] = useState('');
  const [preview, setPreview] = useState<Preview | null>(null);
  const [saved, setSaved] = useState<number | null>(null);
  const look = useSave<Preview>();
  const take = useSave<{ readonly saved: number }>();
  const read = (next: string): void => {
    setText(next);
    setSaved(null);
    setPreview(null);
    if (next.trim() !== '') void look.run(() => lookAtFile({ text: next }), setPreview);
  };
  const count = preview?.formulas.filter((one) => one.status === 'new' || one.status === 'revision').length ?? 0;
  return (
    <>
      <Button onClick={() => setOpen(true)}>Take formulas in</Button>
      <Sheet
        title="Formulas from a file"
        open={open}
        onOpenChange={setOpen}
        say="JSON or CSV: formula, basis (mass or volume), ingredient, parts, note. Nothing is saved before you have seen it."
      >
        <label className="flex flex-col gap-1">
          <span className="label">The file</span>
          <input
            type="file"
            accept=".json,.csv,text/csv,application/json"
            className="min-h-11 file:min-h-11 file:border-2 file:border-ink file:bg-transparent file:px-4 file:font-semibold"
            onChange={async (event) => read((await event.target.files?.[0]?.text()) ?? '')}
          />
        </label>
        <label className="flex flex-col gap-1">
          <span className="label">or paste it</span>
          <textarea
            className="min-h-24 border-2 border-ink bg-paper p-2 font-mono text-sm"
            value={text}
            onChange={(event) => read(event.target.value)}
          />
        </label>
        <Faults of={[...(preview?.fault ? [preview.fault] : []), ...look.rest([]), ...take.rest([])]} />
        {preview && preview.formulas.length > 0 ? (
          <>
            <ul aria-label="What was understood">
              {preview.formulas.map((one, i) => {
                const { mark, says, tone } = STATUS[one.status];
                return (
                  // biome-ignore lint/suspicious/noArrayIndexKey: a file's formulas have no other name that is sure to differ
                  <li key={i} className="border-hair border-b py-2">
                    <p>
                      <strong>{one.name || 'no name'}</strong>{' '}
                      <span className={`font-semibold ${tone}`}>
                        {mark} {says} {one.knownAs && one.status !== 'new' ? `“${one.knownAs}”` : ''}
                      </span>
                    </p>
                    <p className="reading text-sm text-soft">
                      {one.lines
                        .map((line) => `${line.parts} ${findIngredient(line.ingredient)?.name.toLowerCase()}`)
                        .join(' : ')}{' '}
                      by {one.basis === 'mass' ? 'weight' : 'volume'}
                    </p>
                    {one.faults.map((fault) => (
                      <p key={fault} className="text-sm text-late">
                        ▲ {fault}
                      </p>
                    ))}
                  </li>
                );
              })}
            </ul>
            {saved === null ? (
              <Button
                look="main"
                big
                disabled={count === 0 || take.busy}
                onClick={() =>
                  void take.run(
                    () => takeFile({ text }),
                    (done) => setSaved(done.saved),
                  )
                }
              >
                {count === 0 ? 'Nothing new to save' : `Save ${count} of ${preview.formulas.length}`}
              </Button>
            ) : (
              <p role="status" className="font-semibold text-fit">
                ● {saved} saved.
              </p>
            )}
          </>
        ) : null}
      </Sheet>
    </>
  );
}
