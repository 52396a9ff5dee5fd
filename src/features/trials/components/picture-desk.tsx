'use client';

import { useState } from 'react';
import { type Bearing, type BoardRead, deltaE } from '@/core/colour';
import { sayIssue } from '@/messages';
import { shared } from '@/messages/screens/shared';
import { pictureDesk as wording } from '@/messages/screens/trials';
import { CornerPicture, START_CORNERS, TypedCorners } from '@/trade/picture/corner-picture';
import { type PartCorners, swatch } from '@/trade/picture/corners';
import { Button } from '@/ui/button';
import { ChoiceField } from '@/ui/choice';
import { Faults, SelectField } from '@/ui/field';
import { FileField } from '@/ui/file-field';
import { Fold } from '@/ui/fold';
import { freshId } from '@/ui/id';
import { type SmallPhoto, takenPhoto } from '@/web/form/taken-photo';
import { reads } from '@/web/here';
import { photoData } from '@/web/photo-data';
import { useSave } from '@/web/use-save';
import { savePicture } from '../actions';
import { useBoardReader } from '../use-board-reader';

type Props = {
  readonly trialId: number;
  readonly cycle: number;
  readonly boards: number;
  readonly board: Bearing;
  /** Names of the treatments at each place of each board, from the marked end; and which place is bare. */
  readonly names: readonly (readonly string[])[];
  readonly bare: readonly number[];
  /** Where the corners of each board were set last. */
  readonly corners: readonly (PartCorners | null)[];
};

/** Which board the picture is of, by which lamp. */
function PicturePicks({
  which,
  choose,
  boards,
  lamp,
  setLamp,
  cycle,
  take,
}: {
  readonly which: number;
  readonly choose: (to: number) => void;
  readonly boards: number;
  readonly lamp: 'even' | 'low';
  readonly setLamp: (next: 'even' | 'low') => void;
  readonly cycle: number;
  readonly take: (file: File | undefined) => Promise<void>;
}) {
  return (
    <div className="flex flex-wrap items-end gap-x-6">
      <SelectField label={wording.board} value={which} onChange={(event) => choose(Number(event.target.value))} className="w-28">
        {Array.from({ length: boards }, (_, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a board is its number
          <option key={i} value={i + 1}>
            {i + 1}
          </option>
        ))}
      </SelectField>
      <ChoiceField
        asks="Light"
        lies="beside"
        value={lamp}
        options={[
          { value: 'even', name: wording.evenForTheColour },
          { value: 'low', name: wording.lowLampForThe },
        ]}
        onChange={setLamp}
      />
      <FileField label={wording.afterCycles(cycle)} takes="image/*" onFile={(file) => void take(file)} className="mb-5" />
    </div>
  );
}

/** A picture of a board: which, in which light; its corners pulled or typed; what is read of its fields, before it is kept. */
export function PictureDesk({ trialId, cycle, boards, board, names, bare, corners: known }: Props) {
  const [which, setWhich] = useState(1);
  const [lamp, setLamp] = useState<'even' | 'low'>('even');
  const [photo, setPhoto] = useState<SmallPhoto | null>(null);
  const [corners, setCorners] = useState<PartCorners>(known[0] ?? START_CORNERS);
  const [read, setRead] = useState<BoardRead | null>(null);
  const [fault, setFault] = useState('');
  const reader = useBoardReader();
  const saving = useSave();
  const move = (next: PartCorners): void => {
    setCorners(next);
    setRead(null);
  };
  const choose = (to: number): void => {
    setWhich(to);
    move(known[to - 1] ?? START_CORNERS);
  };
  const take = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    const small = await takenPhoto(file, true);
    setFault(small ? '' : shared.thisFileCannotBeRead);
    setRead(null);
    if (small) setPhoto(small);
  };
  const look = async (): Promise<void> => {
    if (!photo) return;
    const found = await reader((face) => face.read(photo.blob, corners, board));
    setRead(found.ok ? found.value : null);
    setFault(found.ok ? '' : found.issues.map((one) => sayIssue(one, reads())).join(' '));
  };
  const keep = async (): Promise<void> => {
    if (!photo) return;
    const data = await photoData(photo.blob);
    await saving.run(
      () => savePicture({ clientId: freshId(), trialId, board: which, lamp, photo: data, corners }),
      () => {
        setPhoto(null);
        setRead(null);
        if (which < boards) choose(which + 1);
      },
    );
  };
  return (
    <section aria-label={wording.pictureOfABoard} className="flex flex-col gap-3">
      <PicturePicks which={which} choose={choose} boards={boards} lamp={lamp} setLamp={setLamp} cycle={cycle} take={take} />
      <p className="max-w-prose text-sm text-soft">{wording.alwaysFromTheSame}</p>
      {photo ? (
        <>
          <CornerPicture src={photo.shown} corners={corners} onMove={move} />
          <Fold says={wording.typeTheCorners}>
            <TypedCorners corners={corners} onMove={move} />
          </Fold>
          <Button onClick={() => void look()}>{wording.readItsFields}</Button>
        </>
      ) : null}
      <Faults of={[...(fault ? [fault] : []), ...saving.rest([])]} />
      {read ? (
        <div>
          <Fields read={read} lamp={lamp} names={names[which - 1] ?? []} bare={bare[which - 1] ?? 0} />
          <Button look="main" big disabled={saving.busy} onClick={() => void keep()}>
            {wording.keepThisPicture}
          </Button>
        </div>
      ) : null}
    </section>
  );
}

type FieldsProps = {
  readonly read: BoardRead;
  readonly lamp: 'even' | 'low';
  readonly names: readonly string[];
  readonly bare: number;
};

/** What was read, field by field: its colour as it is under even light, and how far from the bare one. */
function Fields({ read, lamp, names, bare }: FieldsProps) {
  const bareLab = read.fields[bare]?.lab;
  return (
    <ol className="my-3 flex gap-1">
      {read.fields.map(({ lab, bright }, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a field is its place
        <li key={i} className="min-w-0 grow basis-0">
          <span className="block h-16 border border-ink" style={{ background: swatch(lab) }} />
          <span className="block truncate text-sm">{names[i]}</span>
          <span className="reading block text-sm text-soft">
            {lamp === 'low'
              ? wording.glare((100 * bright).toFixed(0))
              : bareLab && i !== bare
                ? `ΔE ${deltaE(lab, bareLab).toFixed(1)}`
                : wording.bare}
          </span>
        </li>
      ))}
    </ol>
  );
}
