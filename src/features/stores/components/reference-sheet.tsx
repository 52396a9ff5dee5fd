'use client';

import type { z } from 'zod';
import { referenceSheet as wording } from '@/messages/screens/stores';
import { TextField } from '@/ui/field';
import type { Opened } from '@/ui/on-open';
import { PhotoField } from '@/web/form/photo-field';
import { SheetForm } from '@/web/form/sheet-form';
import { useForm } from '@/web/form/use-form';
import { ReferenceFields } from '../forms';
import { saveReference } from '../own-actions';

type Props = { readonly lotId: number; readonly number: string; readonly name: string };

/** Keeps a piece of a lot as the known one of its material. */
export function ReferenceSheet({ lotId, number, name, open, onOpenChange }: Props & Opened) {
  const form = useForm<z.input<typeof ReferenceFields>, { readonly id: number }>({
    schema: ReferenceFields,
    start: { says: '', photo: '' },
    save: (typed) => saveReference({ ...typed, lotId }),
    done: () => onOpenChange(false),
    keptAs: `reference ${lotId}`,
  });
  return (
    <SheetForm
      form={form}
      title={wording.aPieceOfAs(number)}
      open={open}
      onOpenChange={onOpenChange}
      saves={wording.itIsKept}
      say={wording.cutAPieceOf(name.toLowerCase())}
    >
      <TextField label={wording.howItIsKnown} {...form.field('says')} hint={wording.fromOurOwnHive} />
      <PhotoField label={wording.aPhotoOfIt} value={form.values.photo} onChange={(photo) => form.set('photo', photo)} />
    </SheetForm>
  );
}
