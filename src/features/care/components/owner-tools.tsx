'use client';

import { useState } from 'react';
import { Ask } from '@/ui/ask';
import { Button } from '@/ui/button';
import { Faults } from '@/ui/field';
import { FormSheet } from '@/web/form/form-sheet';
import { useSave } from '@/web/use-save';
import { erase, markSeen, noteReport, saveHolder, savePlan, sellRefill, sendNow, settle, tryAgain } from '../actions';

/** Has been read. */
export function SeenButton({ id }: { readonly id: number }) {
  const { busy, run } = useSave();
  return (
    <Button look="quiet" disabled={busy} onClick={() => void run(() => markSeen({ id }))}>
      Read
    </Button>
  );
}

/** The post's round, now. */
export function SendNow() {
  const { busy, run } = useSave<{ readonly sent: number; readonly failed: number }>();
  const [said, setSaid] = useState('');
  return (
    <p className="flex items-center gap-4">
      <span role="status">{said}</span>
      <Button
        disabled={busy}
        onClick={() =>
          void run(
            () => sendNow(),
            ({ sent, failed }) => setSaid(`${sent} sent${failed > 0 ? `, ${failed} did not go` : ''}.`),
          )
        }
      >
        Send what is due
      </Button>
    </p>
  );
}

/** One person's data: as a file for them, or forgotten. */
export function OwnerTools({ ownerId }: { readonly ownerId: number }) {
  const { busy, rest, run } = useSave();
  return (
    <div className="mt-4 flex flex-wrap items-center gap-3">
      <a href={`/api/owner?id=${ownerId}`}>What is kept of this person</a>
      <a href={`/api/care-calendar?owner=${ownerId}`}>Calendar of all their pieces</a>
      <Ask
        opens="Forget this person"
        title="Forget this person"
        say="Name, address, letters and what they wrote go for good. The piece, its sale and the trace stay, without a name. Older backups still hold them: delete those you no longer need."
        does="Forget for good"
        busy={busy}
        onDo={(close) => void run(() => erase({ ownerId }), close)}
      >
        <Faults of={rest([])} />
      </Ask>
    </div>
  );
}

/** A draft is sent with the next post, or thrown away. */
export function DraftButtons({ ids }: { readonly ids: readonly number[] }) {
  const { busy, run } = useSave();
  const all = ids.length > 1;
  return (
    <span className="flex gap-2">
      <Button disabled={busy} onClick={() => void run(() => settle({ ids, send: true }))}>
        {all ? `Send all ${ids.length}` : 'Send it'}
      </Button>
      <Button look="quiet" disabled={busy} onClick={() => void run(() => settle({ ids, send: false }))}>
        {all ? 'Throw all away' : 'Throw away'}
      </Button>
    </span>
  );
}

/** A letter that did not go, once more. */
export function AgainButton({ id }: { readonly id: number }) {
  const { busy, run } = useSave();
  return (
    <Button look="quiet" disabled={busy} onClick={() => void run(() => tryAgain({ id }))}>
      Try again
    </Button>
  );
}

type Choice = { readonly value: string; readonly name: string };
type PieceToolsProps = {
  readonly code: string;
  readonly now: { readonly language: string; readonly country: string; readonly use: string; readonly wash: string };
  readonly countries: readonly Choice[];
  readonly languages: readonly Choice[];
  readonly bottles: readonly Choice[];
  readonly today: string;
  readonly currency: string;
  readonly ended: boolean;
};
const USE: readonly Choice[] = [
  { value: 'daily', name: 'daily' },
  { value: 'weekly', name: 'weekly' },
  { value: 'occasional', name: 'now and then' },
];
const WASH: readonly Choice[] = [
  { value: 'wipe', name: 'wiped' },
  { value: 'hand', name: 'washed by hand' },
  { value: 'soak', name: 'left in water' },
];

/** What the shop may change of a sold piece: where it is, who has it, what came of it, a refill. */
export function PieceTools({ code, now, countries, languages, bottles, today, currency, ended }: PieceToolsProps) {
  return (
    <div className="mt-4 flex flex-wrap gap-2">
      {ended ? null : (
        <>
          <FormSheet
            opens="Where and how it lives"
            title="Where and how it lives"
            say="The looks to come are reckoned anew: dry winter rooms want them sooner."
            saves="Keep it"
            fields={[
              {
                name: 'country',
                label: 'Country',
                value: now.country,
                options: [{ value: '', name: 'not known' }, ...countries],
              },
              { name: 'language', label: 'Letters and page in', value: now.language, options: languages },
              { name: 'use', label: 'Used', value: now.use, options: USE },
              { name: 'wash', label: 'Cleaned', value: now.wash, options: WASH },
            ]}
            save={(values) => savePlan({ code, ...values })}
          />
          <FormSheet
            opens="Who has it"
            title="Who has it now"
            say="Letters go there from now on. The sale and the trace stay with who bought it."
            saves="Keep it"
            fields={[
              { name: 'name', label: 'Name', hint: 'may stay empty' },
              { name: 'email', label: 'Address for reminders', hint: 'only if they want letters' },
            ]}
            save={(values) => saveHolder({ code, ...values })}
          />
        </>
      )}
      <FormSheet
        opens="Write down"
        title="What was said of it, or came of it"
        saves="Keep it"
        fields={[
          {
            name: 'kind',
            label: 'What',
            options: [
              { value: 're-oiled', name: 're-oiled today' },
              { value: 'wrong', name: 'something is wrong' },
              { value: 'returned', name: 'it came back' },
              { value: 'ended', name: 'it is no more' },
            ],
          },
          { name: 'note', label: 'In a few words' },
        ]}
        save={(values) => noteReport({ code, ...values })}
      />
      {bottles.length > 0 ? (
        <FormSheet
          opens="Refill"
          title="A refill for this piece"
          saves="It leaves the shop"
          fields={[
            { name: 'lotId', label: 'Which tin', options: bottles },
            { name: 'price', label: `For it (${currency})`, type: 'number', hint: 'empty: given away' },
            { name: 'soldOn', label: 'On', type: 'date', value: today },
          ]}
          save={(values) => sellRefill({ code, ...values })}
        />
      ) : (
        <span className="self-center text-soft">No tin that renews it is left.</span>
      )}
    </div>
  );
}
