'use client';

import { useState } from 'react';
import { deltaE } from '@/core/colour';
import { sayIssue } from '@/messages';
import { shared } from '@/messages/screens/shared';
import { waxPair as wording } from '@/messages/screens/stores';
import { CornerPicture, START_CORNERS, TypedCorners } from '@/trade/picture/corner-picture';
import { type PartCorners, swatch } from '@/trade/picture/corners';
import { Button } from '@/ui/button';
import { Faults } from '@/ui/field';
import { FileField } from '@/ui/file-field';
import { Fold } from '@/ui/fold';
import { type SmallPhoto, takenPhoto } from '@/web/form/taken-photo';
import { reads } from '@/web/here';
import { type Save, useSave } from '@/web/use-save';
import { saveLotCheck } from '../lot-actions';
import { useBoardReader } from '../use-board-reader';

/** A sheet of card on which two pieces lie, mm: this lot on the marked half, the known piece on the other. */
const SHEET = {
  lengthMm: 150,
  widthMm: 70,
  fields: [
    { fromMm: 0, lengthMm: 70 },
    { fromMm: 80, lengthMm: 70 },
  ],
} as const;
/** Two pieces of one wax lie nearer than this; what is further apart is another wax, or another year's. Source: working estimate. */
const ONE_WAX = 4;

type Props = { readonly lotId: number; readonly referenceId: number | null };

/** The colour of the piece beside that of the known one, to be judged. */
function TwoColours({
  own,
  known,
  apart,
  saving,
  keep,
}: {
  readonly own: readonly [number, number, number];
  readonly known: readonly [number, number, number];
  readonly apart: number;
  readonly saving: Save<void>;
  readonly keep: (pass: boolean) => void;
}) {
  return (
    <div className="mt-2">
      <div className="flex h-14 max-w-sm" aria-hidden="true">
        <span className="grow border border-ink" style={{ background: swatch(own) }} />
        <span className="grow border border-ink" style={{ background: swatch(known) }} />
      </div>
      <p className="my-2 text-lg" aria-live="polite">
        <strong className="reading">ΔE {apart.toFixed(1)}</strong>{' '}
        {apart < ONE_WAX ? wording.apartLikeTwoPieces : wording.apartMoreThanTwo}{' '}
        <span className="text-soft">{wording.colourAloneDoesNot}</span>
      </p>
      <div className="flex gap-3">
        <Button look="main" disabled={saving.busy} onClick={() => keep(true)}>
          {wording.asItShouldBe}
        </Button>
        <Button disabled={saving.busy} onClick={() => keep(false)}>
          {wording.notAsItShould}
        </Button>
      </div>
    </div>
  );
}

/** A photo of an incoming wax beside a known piece: how far apart their colours are, kept as a check of this lot. */
export function WaxPair({ lotId, referenceId }: Props) {
  const [photo, setPhoto] = useState<SmallPhoto | null>(null);
  const [corners, setCorners] = useState<PartCorners>(START_CORNERS);
  const [read, setRead] = useState<readonly (readonly [number, number, number])[] | null>(null);
  const [fault, setFault] = useState('');
  const reader = useBoardReader();
  const saving = useSave();
  const take = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    const small = await takenPhoto(file, true);
    setFault(small ? '' : shared.thisFileCannotBeRead);
    setRead(null);
    setPhoto(small);
  };
  const look = async (): Promise<void> => {
    if (!photo) return;
    const found = await reader((face) => face.read(photo.blob, corners, SHEET));
    setRead(found.ok ? found.value.fields.map((one) => one.lab) : null);
    setFault(found.ok ? '' : found.issues.map((one) => sayIssue(one, reads())).join(' '));
  };
  const [own, known] = read ?? [];
  const apart = own && known ? deltaE(own, known) : null;
  const keep = (pass: boolean): void => {
    if (apart === null) return;
    const note = wording.readFromAPicture(apart.toFixed(1));
    void saving.run(
      () =>
        saveLotCheck({
          lotId,
          kind: 'colour',
          pass: pass ? 'yes' : 'no',
          note,
          temp: '',
          beside: referenceId === null ? '' : String(referenceId),
        }),
      () => {
        setPhoto(null);
        setRead(null);
      },
    );
  };
  return (
    <Fold says={wording.compareItsColourBy}>
      <p className="max-w-prose text-sm text-soft">{wording.layThisWaxOn}</p>
      <FileField label={wording.thePicture} takes="image/*" onFile={(file) => void take(file)} className="mt-2" />
      {photo ? (
        <div className="mt-2 flex flex-col gap-2">
          <CornerPicture src={photo.shown} corners={corners} onMove={setCorners} />
          <Fold says={wording.typeTheCorners}>
            <TypedCorners corners={corners} onMove={setCorners} />
          </Fold>
          <Button onClick={() => void look()}>{wording.readTheTwo}</Button>
        </div>
      ) : null}
      <Faults of={[...(fault ? [fault] : []), ...saving.rest([])]} />
      {own && known && apart !== null ? <TwoColours own={own} known={known} apart={apart} saving={saving} keep={keep} /> : null}
    </Fold>
  );
}
