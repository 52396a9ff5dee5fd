'use client';

import { useState } from 'react';
import type { z } from 'zod';
import type { Design } from '@/data/catalogue/catalogue';
import { USE_WORDS } from '@/messages';
import { shared } from '@/messages/screens/shared';
import { uses as wording } from '@/messages/screens/start';
import { UseTicks } from '@/trade/use-ticks';
import { Button } from '@/ui/button';
import { Faults } from '@/ui/field';
import { SheetForm } from '@/web/form/sheet-form';
import { useForm } from '@/web/form/use-form';
import { useSave } from '@/web/use-save';
import { changeUses } from '../actions';
import { UsesFields } from '../forms';

/** What a design is for, in a line; asked where an older file only guessed it, and changed as a revision. */
export function UsesOf({ design, onSaid }: { readonly design: Design; readonly onSaid: (revisionId: number) => void }) {
  const [open, setOpen] = useState(false);
  const save = (said: z.input<typeof UsesFields>) => changeUses({ designId: design.id, base: design.revisionId, ...said });
  const begun = { uses: [...design.uses], tableware: design.tableware };
  const then = (said: { readonly revisionId: number }): void => {
    setOpen(false);
    onSaid(said.revisionId);
  };
  const form = useForm<z.input<typeof UsesFields>, { readonly revisionId: number }>({
    schema: UsesFields,
    start: begun,
    save,
    done: then,
    keptAs: `uses ${design.revisionId}`,
    stays: true,
  });
  const { busy, rest, run } = useSave<{ readonly revisionId: number }>();
  const says = design.uses.map((use) => USE_WORDS[use]).join(', ');
  return (
    <div className="mb-2">
      {design.usesSaid ? (
        <p className="flex flex-wrap items-center gap-x-4">
          <span>{wording.forWord(says)}</span>
          <Button look="quiet" onClick={() => setOpen(true)}>
            {wording.changeWhatItIs}
          </Button>
        </p>
      ) : (
        <div className="border-cure border-l-8 bg-paper px-3 py-2">
          <p>
            <strong>{wording.whatIsFor(design.name)}</strong>
            {wording.itWasDrawnBefore(says)}
          </p>
          <p className="mt-1 flex flex-wrap gap-3">
            <Button look="main" disabled={busy} onClick={() => void run(() => save(begun), then)}>
              {wording.yesForThat}
            </Button>
            <Button onClick={() => setOpen(true)}>{wording.forSomethingElse}</Button>
          </p>
        </div>
      )}
      <Faults of={rest([])} />
      <SheetForm
        form={form}
        title={wording.whatIsFor2(design.name)}
        open={open}
        onOpenChange={setOpen}
        saves={shared.keepIt}
        notYet={form.values.uses.length === 0}
        say={wording.itDecidesWhichGates}
      >
        <UseTicks
          {...form.values}
          onChange={({ uses, tableware }) => {
            form.set('uses', [...uses]);
            form.set('tableware', tableware);
          }}
        />
      </SheetForm>
    </div>
  );
}
