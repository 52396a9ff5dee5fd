'use client';

import { useState } from 'react';
import type { HandAction } from '@/core/hands';
import type { Geometry } from '@/core/piece';
import { laysCoat } from '@/core/regimen';
import { lookOver as wording } from '@/messages/screens/work';
import { SelectField } from '@/ui/field';
import { Fold } from '@/ui/fold';
import { type SmallPhoto, takenPhoto } from '@/web/form/taken-photo';
import { faultsIn, type SeenOn, type Spots, SurfaceList } from './surface-list';

/** What was seen on a piece: what is amiss on which surface, and a photo that is not yet kept. */
export type Seen = {
  readonly surfaces: SeenOn;
  readonly spots: Spots;
  /** The piece it was seen on; empty: on all of them. */
  readonly piece: string;
  readonly photo: SmallPhoto | null;
};
export const NOTHING_SEEN: Seen = { surfaces: {}, spots: {}, piece: '', photo: null };

type LookProps = {
  readonly action: HandAction;
  readonly geometry: Geometry;
  readonly speciesId: string;
  readonly dries: boolean;
  /** What is chalked on its pieces. */
  readonly tags: readonly string[];
  readonly seen: Seen;
  /** From what it is by then: a photo is read while surfaces are looked over. */
  readonly onChange: (next: (now: Seen) => Seen) => void;
};

/** Looked over: what is amiss on which surface, and a photo. */
export function LookOver({ action, geometry, speciesId, dries, tags, seen, onChange }: LookProps) {
  const { surfaces, spots, piece, photo } = seen;
  const coated = action.ring.coats > 0 || laysCoat(action);
  const [fault, setFault] = useState('');
  const take = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    const small = await takenPhoto(file);
    onChange((now) => ({ ...now, photo: small }));
    setFault(small ? '' : wording.thisCannotBeRead);
  };
  return (
    <Fold
      className="mb-3"
      says={wording.lookItOverSurfaces(
        faultsIn(surfaces).length > 0 ? wording.amiss(faultsIn(surfaces).length) : '',
        photo ? wording.photoReady : '',
      )}
    >
      <SurfaceList
        geometry={geometry}
        speciesId={speciesId}
        name={action.title}
        seen={surfaces}
        dries={dries}
        coated={coated}
        spots={spots}
        onSpot={(next) => onChange((now) => ({ ...now, spots: next }))}
        onChange={(next) => onChange((now) => ({ ...now, surfaces: next }))}
      />
      {tags.length > 1 ? (
        <SelectField
          label={wording.onWhichPiece}
          className="mt-2 max-w-xs"
          value={piece}
          onChange={(event) => onChange((now) => ({ ...now, piece: event.target.value }))}
          hint={wording.oneBadPieceMay}
        >
          <option value="">{wording.allOfThem}</option>
          {tags.map((tag) => (
            <option key={tag} value={tag}>
              {wording.alone(tag)}
            </option>
          ))}
        </SelectField>
      ) : null}
      <label className="mt-2 flex min-h-11 flex-wrap items-center gap-3">
        <span className="font-semibold">{wording.photo}</span>
        <input type="file" accept="image/*" capture="environment" onChange={(event) => void take(event.target.files?.[0])} />
        {/* biome-ignore lint/performance/noImgElement: a picture of this device, not yet anywhere else */}
        {photo ? <img src={photo.shown} alt={wording.whatWillBeKept} className="h-20" /> : null}
        {fault ? <span className="font-semibold text-late">▲ {fault}</span> : null}
      </label>
    </Fold>
  );
}
