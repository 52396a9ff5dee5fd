'use client';

import { usePathname } from 'next/navigation';
import type { ReactNode } from 'react';
import { z } from 'zod';
import { SelectField, TextField } from '@/ui/field';
import type { Opened } from '@/ui/on-open';
import type { Answer } from '../act';
import { SheetForm } from './sheet-form';
import { useForm } from './use-form';

export type FormField = {
  readonly name: string;
  readonly label: string;
  readonly hint?: string;
  readonly value?: string;
  readonly type?: 'text' | 'date' | 'number';
  readonly options?: readonly { readonly value: string; readonly name: string }[];
};
type Values = Readonly<Record<string, string>>;
export type FieldsSheetProps = {
  readonly opens: string;
  readonly title: string;
  readonly say?: string;
  readonly saves: string;
  readonly fields: readonly FormField[];
  readonly save: (values: Values) => Promise<Answer<unknown>>;
  readonly look?: 'main' | 'plain' | 'quiet' | 'late' | 'hand';
  /** What was understood of what is typed, said above the button. */
  readonly echo?: (values: Values) => ReactNode;
};

/** A few fields in a sheet; its action reads them, and says at which of them a fault stands. */
export function FieldsSheet({ title, say, saves, fields, save, echo, open, onOpenChange }: FieldsSheetProps & Opened) {
  const start = Object.fromEntries(fields.map((field) => [field.name, field.value ?? field.options?.[0]?.value ?? '']));
  const path = usePathname();
  const form = useForm({
    schema: z.record(z.string(), z.string()),
    start,
    save,
    done: () => onOpenChange(false),
    // The same sheet of another batch is another form.
    keptAs: `${path} ${title}`,
  });
  return (
    <SheetForm form={form} title={title} open={open} onOpenChange={onOpenChange} saves={saves} {...(say ? { say } : {})}>
      {fields.map(({ name, label, hint, type, options }) =>
        options ? (
          <SelectField key={name} label={label} hint={hint} {...form.field(name)}>
            {options.map((option) => (
              <option key={option.value} value={option.value}>
                {option.name}
              </option>
            ))}
          </SelectField>
        ) : (
          <TextField
            key={name}
            label={label}
            hint={hint}
            type={type === 'date' ? 'date' : 'text'}
            {...(type === 'number' ? { inputMode: 'decimal' as const } : {})}
            {...form.field(name)}
          />
        ),
      )}
      {echo ? <div aria-live="polite">{echo(form.values)}</div> : null}
    </SheetForm>
  );
}
