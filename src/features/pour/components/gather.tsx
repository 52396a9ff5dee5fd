'use client';

import type { Gathered } from '@/core/blend';
import { findIngredient } from '@/core/material';
import { say } from '@/core/quantity';
import { gather as wording } from '@/messages/screens/pour';
import { Button } from '@/ui/button';
import { FamilySwatch } from '@/ui/family';
import { Link } from '@/ui/link';
import { longDate } from '@/ui/when';
import { reads } from '@/web/here';
import { catalogue } from '@/web/here-catalogue';

export type ShelfLot = {
  readonly id: number;
  readonly number: string;
  readonly leftG: number;
  readonly bestBefore: string | null;
  /** What a check found wrong with it, in words; empty where nothing. */
  readonly doubt: string;
};
type Props = {
  readonly gathered: readonly Gathered[];
  readonly lots: readonly ShelfLot[];
  readonly residueG: number;
  readonly onDone: () => void;
};

/** What to fetch before the pot goes on the scale: each ingredient, which lot first, and what is short. */
export function Gather({ gathered, lots, residueG, onDone }: Props) {
  const isShort = gathered.some((one) => one.shortG > 0);
  return (
    <section aria-label={wording.gather}>
      <p className="mb-3 text-lg">{wording.fetchTheseTheEarliest}</p>
      <ol className="max-w-3xl">
        {gathered.map((one) => {
          const ingredient = findIngredient(one.ingredient, catalogue());
          return (
            <li
              key={one.ingredient}
              className="grid grid-cols-[3rem_minmax(0,1fr)_auto] items-center gap-x-4 border-hair border-b py-2"
            >
              <FamilySwatch family={ingredient?.family ?? ''} />
              <span>
                <strong>{ingredient?.name}</strong>
                <span className="reading block">
                  {one.takes.map((take, i) => {
                    const lot = lots.find((each) => each.id === take.lotId);
                    return (
                      <span key={take.lotId} className="block">
                        {wording.from(i > 0 ? wording.thenWord : '', say(take.grams, 'g', reads()))}
                        <strong>{lot?.number}</strong>
                        <span className="text-soft">
                          {wording.there(
                            say(lot?.leftG ?? 0, 'g', reads()),
                            lot?.bestBefore ? wording.bestBefore(longDate(lot.bestBefore)) : '',
                          )}
                        </span>
                        {lot?.doubt ? <strong className="block text-late">▲ {lot.doubt}</strong> : null}
                      </span>
                    );
                  })}
                </span>
                {one.shortG > 0 ? (
                  <span className="block font-semibold text-late">
                    {wording.short(say(one.shortG, 'g', reads()))}
                    <Link href="/stores">{wording.receiveALot}</Link>
                    {wording.orMakeLess}
                  </span>
                ) : null}
              </span>
              <strong className="reading text-2xl">{say(one.needG, 'g', reads())}</strong>
            </li>
          );
        })}
      </ol>
      {residueG > 0 ? <p className="mt-2 text-soft">{wording.ofItStaysIn(say(residueG, 'g', reads()))}</p> : null}
      <Button look="hand" big className="mt-4" onClick={onDone}>
        {isShort ? wording.weighWhatThereIs : wording.allIsAtHand}
      </Button>
    </section>
  );
}
