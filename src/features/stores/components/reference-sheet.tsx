'use client';

import type { z } from 'zod';
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
      title={`A piece of ${number} as the known one`}
      open={open}
      onOpenChange={onOpenChange}
      saves="It is kept"
      say={`Cut a piece of ${name.toLowerCase()} that you know to be pure, wrap it, write its number on it, and keep it dark. What comes in later is judged beside it.`}
    >
      <TextField label="How it is known to be pure" {...form.field('says')} hint="from our own hive; tested by a laboratory" />
      <PhotoField label="A photo of it in daylight" value={form.values.photo} onChange={(photo) => form.set('photo', photo)} />
    </SheetForm>
  );
}
