'use client';

import { LAST_REASONS, type LastReason } from '@/core/batch';
import type { Slot, Until } from '@/core/regimen';
import { LAST_WORDS, UNTIL_WORDS } from '@/messages';
import { shared } from '@/messages/screens/shared';
import { coatChanges as wording } from '@/messages/screens/trade';
import { Button } from '@/ui/button';
import { freshId } from '@/ui/id';
import { FormSheet } from '@/web/form/form-sheet';
import { useSave } from '@/web/use-save';
import { another, changeBack, lastOne, otherLot } from './actions';

/** A material of a batch: its coats given and still to come, the lot it is taken from, and those it could be. */
export type CoatSlot = {
  readonly slot: string;
  readonly name: string;
  readonly lot: { readonly id: number; readonly number: string } | null;
  readonly given: number;
  readonly left: number;
  readonly lots: readonly { readonly id: number; readonly says: string }[];
  /** Its coats are given until something is seen. */
  readonly repeat: Slot['repeat'];
  /** The last coat is still to be wiped: it is not judged yet. */
  readonly wet: boolean;
};
type Change = { readonly id: number; readonly says: string };
type Props = { readonly batchId: number; readonly slots: readonly CoatSlot[]; readonly changes: readonly Change[] };

const coats = (count: number): string => (count === 1 ? wording.coat : wording.coats(count));

type LastCoatProps = {
  readonly batchId: number;
  readonly slot: string;
  readonly name: string;
  readonly left: number;
  readonly reason?: LastReason;
  readonly look?: 'plain' | 'hand';
};

/** That was the last coat of a material: why, and it may be taken back. */
export function LastCoat({ batchId, slot, name, left, reason = LAST_REASONS[0], look = 'plain' }: LastCoatProps) {
  const ordered = [reason, ...LAST_REASONS.filter((one) => one !== reason)];
  return (
    <FormSheet
      opens={wording.thatWasTheLast(name)}
      title={wording.thatWasTheLast(name)}
      say={wording.stillPlannedStruckWith(coats(left), left === 1 ? 'is' : 'are')}
      saves={wording.thatWasTheLast2}
      look={look}
      fields={[
        { name: 'reason', label: shared.why, options: ordered.map((one) => ({ value: one, name: LAST_WORDS[one] })) },
        { name: 'note', label: wording.inYourWords, hint: wording.neededOnlyForAnother },
      ]}
      save={({ reason: why, note }) => lastOne({ clientId: freshId(), batchId, slot, reason: why, note })}
    />
  );
}

/** Whether it is time to look whether enough was given: the least is on and wiped, and there is something to decide. */
const asksUntil = ({ given, left, repeat, wet }: Pick<CoatSlot, 'given' | 'left' | 'repeat' | 'wet'>): boolean =>
  repeat !== null && !wet && given >= repeat.from && (left > 0 || given < repeat.to);

/** What each question's answer stands for in the book. */
const BY_UNTIL: Readonly<Record<Until, LastReason>> = {
  'no-dry-spots': 'full',
  'even-sheen': 'sheen',
  shine: 'sheen',
  full: 'full',
  'paper-clean': 'paper',
};

type UntilProps = Pick<CoatSlot, 'slot' | 'name' | 'given' | 'left'> & {
  readonly batchId: number;
  readonly repeat: NonNullable<CoatSlot['repeat']>;
};

/** The least is on: whether what it is given until is seen. Yes ends it, no adds one where none is planned. */
function UntilAsked({ batchId, slot, name, given, left, repeat }: UntilProps) {
  const save = useSave();
  const enough = (): void =>
    void save.run(() => lastOne({ clientId: freshId(), batchId, slot, reason: BY_UNTIL[repeat.until], note: '' }));
  const more = (): void => void save.run(() => another({ clientId: freshId(), batchId, slot, lotId: null, note: '' }));
  return (
    <div className="w-full border-cure border-l-8 bg-paper px-3 py-2">
      <p className="font-semibold">{UNTIL_WORDS[repeat.until].asks}</p>
      <p className="text-sm text-soft">
        {wording.ofAtMostOn(given, repeat.to, given === 1 ? wording.coatOfItIs : wording.coatsOfItAre)}
      </p>
      <p className="mt-1 flex flex-wrap gap-3">
        {left > 0 ? (
          <Button look="hand" disabled={save.busy} onClick={enough}>
            {wording.enoughThatWasThe(name)}
          </Button>
        ) : null}
        {left === 0 && given < repeat.to ? (
          <Button look="hand" disabled={save.busy} onClick={more}>
            {wording.notYetAnotherCoat}
          </Button>
        ) : null}
      </p>
      {save.rest([]).map((fault) => (
        <p key={fault} role="alert" className="font-semibold text-late">
          ▲ {fault}
        </p>
      ))}
    </div>
  );
}

/** More or fewer coats than planned, and from which lot: ordinary acts of any batch, at any time. */
export function CoatChanges({ batchId, slots, changes }: Props) {
  const back = useSave();
  return (
    <section aria-label={shared.coats} className="mt-4">
      <h2 className="mb-1">{shared.coats}</h2>
      <ul>
        {slots.map(({ slot, name, lot, given, left, lots, repeat, wet }) => (
          <li key={slot} className="flex flex-wrap items-center gap-x-4 gap-y-1 border-hair border-b py-1.5">
            <span className="grow">
              <strong>{name}</strong> {lot ? <span className="reading">{lot.number}</span> : wording.noLotChosen}:{' '}
              <span className="reading">{wording.givenToCome(given, left)}</span>
              {repeat ? (
                <span className="block text-sm text-soft">
                  {wording.toCoatsUntil(repeat.from, repeat.to, UNTIL_WORDS[repeat.until].name)}
                </span>
              ) : null}
            </span>
            <FormSheet
              opens={wording.anotherCoatOf(name.toLowerCase())}
              title={wording.anotherCoatOf(name.toLowerCase())}
              say={wording.theLastCoatOf}
              saves={wording.anotherCoat}
              fields={[
                {
                  name: 'lot',
                  label: wording.from,
                  options: [
                    ...(lot ? [{ value: '', name: wording.asBefore(lot.number) }] : []),
                    ...lots.map((one) => ({ value: String(one.id), name: one.says })),
                  ],
                },
                { name: 'note', label: wording.whyIfYouLike, hint: wording.stillDrinksLooksThin },
              ]}
              save={({ lot: from, note }) =>
                another({ clientId: freshId(), batchId, slot, lotId: from ? Number(from) : null, note })
              }
            />
            {asksUntil({ given, left, repeat, wet }) && repeat ? (
              <UntilAsked batchId={batchId} slot={slot} name={name.toLowerCase()} given={given} left={left} repeat={repeat} />
            ) : null}
            {left > 0 ? <LastCoat batchId={batchId} slot={slot} name={name.toLowerCase()} left={left} /> : null}
            {left > 0 && lots.length > 0 ? (
              <FormSheet
                opens={wording.anotherLotForThe(name.toLowerCase())}
                look="quiet"
                title={wording.anotherLotForThe(name.toLowerCase())}
                say={wording.fromTheNextCoat}
                saves={wording.takeItFromThere}
                fields={[
                  { name: 'lot', label: wording.from, options: lots.map((one) => ({ value: String(one.id), name: one.says })) },
                ]}
                save={({ lot: from }) => otherLot({ batchId, slot, lotId: Number(from) })}
              />
            ) : null}
          </li>
        ))}
      </ul>
      {changes.map(({ id, says }) => (
        <p key={id} className="mt-1 flex flex-wrap items-center gap-x-4 border-cure border-l-4 pl-3">
          <span className="grow">{says}</span>
          <Button
            look="quiet"
            disabled={back.busy}
            aria-label={wording.takeBack(says)}
            onClick={() => void back.run(() => changeBack({ clientId: freshId(), batchId, id }))}
          >
            {wording.takeItBack}
          </Button>
        </p>
      ))}
      {back.rest([]).map((fault) => (
        <p key={fault} role="alert" className="font-semibold text-late">
          ▲ {fault}
        </p>
      ))}
    </section>
  );
}
