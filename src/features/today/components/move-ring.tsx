'use client';

import { useState } from 'react';
import { moveRing as wording } from '@/messages/screens/today';
import { moveTo } from '@/trade/hands/actions';
import { Button } from '@/ui/button';
import { Faults, TextBox } from '@/ui/field';
import { Form } from '@/ui/form';
import { useShortYear } from '@/ui/zone';
import { useSave } from '@/web/use-save';

type Props = {
  readonly batches: readonly { readonly id: number; readonly number: string; readonly title: string }[];
  readonly places: readonly { readonly id: number; readonly name: string }[];
};

const near = (text: string, typed: string): boolean => text.toLowerCase().startsWith(typed.trim().toLowerCase());

/** Carries a batch to another place: both are chosen, or typed as they are called. */
export function MoveRing({ batches, places }: Props) {
  const year = useShortYear();
  const [batch, setBatch] = useState('');
  const [place, setPlace] = useState('');
  const [missing, setMissing] = useState('');
  const { busy, rest, run } = useSave();
  const carry = (): void => {
    const what =
      batches.find((one) => one.number === batch.trim()) ??
      batches.find((one) => one.number.endsWith(batch.trim()) && batch.trim() !== '');
    const where = place.trim() === '' ? undefined : places.find((one) => near(one.name, place));
    if (!what || !where) {
      setMissing(what ? wording.noPlaceIsCalled(place) : wording.noOpenBatchIs(batch));
      return;
    }
    setMissing('');
    void run(
      () => moveTo({ batchId: what.id, placeId: where.id }),
      () => {
        setBatch('');
        setPlace('');
      },
    );
  };
  return (
    <Form
      className="no-print mt-3 flex flex-wrap items-center gap-3"
      onSubmit={() => {
        carry();
      }}
    >
      <label className="flex items-center gap-2">
        <span className="text-soft">{wording.move}</span>
        <TextBox
          list="open-batches"
          value={batch}
          onChange={(event) => setBatch(event.target.value)}
          className="reading w-28"
          placeholder={`${year}-006`}
        />
      </label>
      <datalist id="open-batches">
        {batches.map((one) => (
          <option key={one.id} value={one.number}>
            {one.title}
          </option>
        ))}
      </datalist>
      <label className="flex items-center gap-2">
        <span className="text-soft">{wording.to}</span>
        <TextBox
          list="all-places"
          value={place}
          onChange={(event) => setPlace(event.target.value)}
          className="reading w-36"
          placeholder={wording.sill}
        />
      </label>
      <datalist id="all-places">
        {places.map((one) => (
          <option key={one.id} value={one.name} />
        ))}
      </datalist>
      <Button type="submit" disabled={busy}>
        {wording.move}
      </Button>
      <Faults of={missing ? [missing] : rest([])} />
    </Form>
  );
}
