'use client';

import { useState } from 'react';
import { ownerTools as wording } from '@/messages/screens/care';
import { shared } from '@/messages/screens/shared';
import { AskButton } from '@/ui/ask';
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
      {shared.read}
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
            ({ sent, failed }) => setSaid(`${sent} sent${failed > 0 ? wording.didNotGo(failed) : ''}.`),
          )
        }
      >
        {wording.sendWhatIsDue}
      </Button>
    </p>
  );
}

/** One person's data: as a file for them, or forgotten. */
export function OwnerTools({ ownerId }: { readonly ownerId: number }) {
  const { busy, rest, run } = useSave();
  return (
    <div className="mt-4 flex flex-wrap items-center gap-3">
      <a href={`/api/owner?id=${ownerId}`}>{wording.whatIsKeptOf}</a>
      <a href={`/api/care-calendar?owner=${ownerId}`}>{wording.calendarOfAllTheir}</a>
      <AskButton
        opens={wording.forgetThisPerson}
        title={wording.forgetThisPerson}
        say={wording.nameAddressLettersAnd}
        does={wording.forgetForGood}
        busy={busy}
        onDo={(close) => void run(() => erase({ ownerId }), close)}
      >
        <Faults of={rest([])} />
      </AskButton>
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
        {all ? wording.sendAll(ids.length) : wording.sendIt}
      </Button>
      <Button look="quiet" disabled={busy} onClick={() => void run(() => settle({ ids, send: false }))}>
        {all ? wording.throwAllAway : wording.throwAway}
      </Button>
    </span>
  );
}

/** A letter that did not go, once more. */
export function AgainButton({ id }: { readonly id: number }) {
  const { busy, run } = useSave();
  return (
    <Button look="quiet" disabled={busy} onClick={() => void run(() => tryAgain({ id }))}>
      {wording.tryAgain}
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
  { value: 'occasional', name: wording.nowAndThen },
];
const WASH: readonly Choice[] = [
  { value: 'wipe', name: 'wiped' },
  { value: 'hand', name: wording.washedByHand },
  { value: 'soak', name: wording.leftInWater },
];

/** What the shop may change of a sold piece: where it is, who has it, what came of it, a refill. */
export function PieceTools({ code, now, countries, languages, bottles, today, currency, ended }: PieceToolsProps) {
  return (
    <div className="mt-4 flex flex-wrap gap-2">
      {ended ? null : (
        <>
          <FormSheet
            opens={wording.whereAndHowIt}
            title={wording.whereAndHowIt}
            say={wording.theLooksToCome}
            saves={shared.keepIt}
            fields={[
              {
                name: 'country',
                label: wording.country,
                value: now.country,
                options: [{ value: '', name: shared.notKnown }, ...countries],
              },
              { name: 'language', label: wording.lettersAndPageIn, value: now.language, options: languages },
              { name: 'use', label: shared.used, value: now.use, options: USE },
              { name: 'wash', label: wording.cleaned, value: now.wash, options: WASH },
            ]}
            save={(values) => savePlan({ code, ...values })}
          />
          <FormSheet
            opens={wording.whoHasIt}
            title={wording.whoHasItNow}
            say={wording.lettersGoThereFrom}
            saves={shared.keepIt}
            fields={[
              { name: 'name', label: shared.name, hint: wording.mayStayEmpty },
              { name: 'email', label: wording.addressForReminders, hint: wording.onlyIfTheyWant },
            ]}
            save={(values) => saveHolder({ code, ...values })}
          />
        </>
      )}
      <FormSheet
        opens={wording.writeDown}
        title={wording.whatWasSaidOf}
        saves={shared.keepIt}
        fields={[
          {
            name: 'kind',
            label: wording.what,
            options: [
              { value: 're-oiled', name: 're-oiled today' },
              { value: 'wrong', name: wording.somethingIsWrong },
              { value: 'returned', name: wording.itCameBack },
              { value: 'ended', name: wording.itIsNoMore },
            ],
          },
          { name: 'note', label: wording.inAFewWords },
        ]}
        save={(values) => noteReport({ code, ...values })}
      />
      {bottles.length > 0 ? (
        <FormSheet
          opens="Refill"
          title={wording.aRefillForThis}
          saves={wording.itLeavesTheShop}
          fields={[
            { name: 'lotId', label: wording.whichTin, options: bottles },
            { name: 'price', label: wording.forIt(currency), type: 'number', hint: wording.emptyGivenAway },
            { name: 'soldOn', label: wording.on, type: 'date', value: today },
          ]}
          save={(values) => sellRefill({ code, ...values })}
        />
      ) : (
        <span className="self-center text-soft">{wording.noTinThatRenews}</span>
      )}
    </div>
  );
}
