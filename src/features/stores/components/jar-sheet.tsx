'use client';

import { shared } from '@/messages/screens/shared';
import { jarSheet as wording } from '@/messages/screens/stores';
import { TextField } from '@/ui/field';
import type { Opened } from '@/ui/on-open';
import { SheetForm } from '@/web/form/sheet-form';
import { useForm } from '@/web/form/use-form';
import { saveJar } from '../actions';
import { JarFields } from '../forms';

const EMPTY = { name: '', capacity: '', fill: '92', have: '', tare: '', price: '' };

/** A size of jar or tin that is there to be filled. */
export function JarSheet({ open, onOpenChange }: Opened) {
  const form = useForm({ schema: JarFields, start: EMPTY, save: saveJar, done: () => onOpenChange(false), keptAs: 'jar' });
  return (
    <SheetForm form={form} title={wording.aSizeOfJar} open={open} onOpenChange={onOpenChange} saves={wording.putItInThe}>
      <TextField label={shared.name} hint={wording.tinMl} {...form.field('name')} />
      <TextField label={wording.holdsToTheBrim} hint={wording.mlFlOz} {...form.field('capacity')} />
      <TextField label={wording.filledToPercentOf} inputMode="decimal" {...form.field('fill')} />
      <TextField label={wording.howManyThereAre} inputMode="numeric" {...form.field('have')} />
      <TextField label={wording.emptyWithItsLid} hint={wording.gForTheTrue} {...form.field('tare')} />
      <TextField label={wording.costsApiece} inputMode="decimal" {...form.field('price')} />
    </SheetForm>
  );
}
