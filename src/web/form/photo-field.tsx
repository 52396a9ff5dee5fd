'use client';

import { useState } from 'react';
import { shared } from '@/messages/screens/shared';
import { photoField as wording } from '@/messages/screens/web';
import { KeptPhoto, photoAt } from '@/ui/kept-photo';
import { photoData } from '../photo-data';
import { takenPhoto } from './taken-photo';

type Props = {
  readonly label: string;
  /** A data address of the photo that is not kept yet; empty where none was taken. */
  readonly value: string;
  readonly onChange: (photo: string) => void;
  /** The photo that is kept now, by its hash. */
  readonly kept?: string | null;
};

/** A photo that is kept with a form: small, and shown before it is kept. */
export function PhotoField({ label, value, onChange, kept = null }: Props) {
  const [fault, setFault] = useState('');
  const take = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    const small = await takenPhoto(file);
    setFault(small ? '' : shared.thisFileCannotBeRead);
    if (small) onChange(await photoData(small.blob));
  };
  const shown = value || (kept ? photoAt(kept) : '');
  return (
    <label className="mt-1 flex min-h-11 flex-wrap items-center gap-3">
      <span className="label">{label}</span>
      <input
        type="file"
        accept="image/*"
        className="file:min-h-11 file:border-2 file:border-ink file:bg-transparent file:px-4 file:font-semibold"
        onChange={(event) => void take(event.target.files?.[0])}
      />
      {shown ? <KeptPhoto src={shown} alt={value ? wording.whatWillBeKept : wording.whatIsKept} className="h-20" /> : null}
      {fault ? <span className="font-semibold text-late">▲ {fault}</span> : null}
    </label>
  );
}
