'use client';

import { useState } from 'react';
import type { HandAction } from '@/core/hands';
import type { Geometry } from '@/core/piece';
import { Fold } from '@/ui/fold';
import { type SmallPhoto, smallPhoto } from './small-photo';
import { faultsIn, type SeenOn, SurfaceList } from './surface-list';

/** What was seen on a piece: what is amiss on which surface, and a photo that is not yet kept. */
export type Seen = { readonly surfaces: SeenOn; readonly photo: SmallPhoto | null };
export const NOTHING_SEEN: Seen = { surfaces: {}, photo: null };

type LookProps = {
  readonly action: HandAction;
  readonly geometry: Geometry;
  readonly speciesId: string;
  readonly dries: boolean;
  readonly seen: Seen;
  /** From what it is by then: a photo is read while surfaces are looked over. */
  readonly onChange: (next: (now: Seen) => Seen) => void;
};

/** Looked over: what is amiss on which surface, and a photo. */
export function LookOver({ action, geometry, speciesId, dries, seen, onChange }: LookProps) {
  const { surfaces, photo } = seen;
  const [fault, setFault] = useState('');
  const take = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    const small = await smallPhoto(file);
    onChange((now) => ({ ...now, photo: small }));
    setFault(small ? '' : 'This cannot be read as a picture. Try another.');
  };
  return (
    <Fold
      className="mb-3"
      says={
        <>
          Look it over: surfaces, faults, photo
          {faultsIn(surfaces).length > 0 ? `, ${faultsIn(surfaces).length} amiss` : ''}
          {photo ? ', photo ready' : ''}
        </>
      }
    >
      <SurfaceList
        geometry={geometry}
        speciesId={speciesId}
        name={action.title}
        seen={surfaces}
        dries={dries}
        onChange={(next) => onChange((now) => ({ ...now, surfaces: next }))}
      />
      <label className="mt-2 flex min-h-11 flex-wrap items-center gap-3">
        <span className="font-semibold">Photo</span>
        <input type="file" accept="image/*" capture="environment" onChange={(event) => void take(event.target.files?.[0])} />
        {/* biome-ignore lint/performance/noImgElement: a picture of this device, not yet anywhere else */}
        {photo ? <img src={photo.shown} alt="What will be kept" className="h-20" /> : null}
        {fault ? <span className="font-semibold text-late">▲ {fault}</span> : null}
      </label>
    </Fold>
  );
}
