'use client';

import { type ReactNode, useState } from 'react';
import { Button } from '@/ui/button';
import { Sheet } from '@/ui/dialog';
import { Faults, SelectField, TextField } from '@/ui/field';
import type { Answer } from './act';
import { useSave } from './use-save';

export type FormField = {
  readonly name: string;
  readonly label: string;
  readonly hint?: string;
  readonly value?: string;
  readonly type?: 'text' | 'date' | 'number';
  readonly options?: readonly { readonly value: string; readonly name: string }[];
};
type Values = Readonly<Record<string, string>>;
type Props = {
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

/** A few fields behind one button: what was typed stays until it is saved, faults stand at their fields. */
export function FormSheet({ opens, title, say, saves, fields, save, look = 'plain', echo }: Props) {
  const first = Object.fromEntries(fields.map((field) => [field.name, field.value ?? field.options?.[0]?.value ?? '']));
  const [open, setOpen] = useState(false);
  const [values, setValues] = useState<Values>(first);
  const { busy, faults, rest, run } = useSave<unknown>();
  const set = (name: string) => (event: { readonly target: { readonly value: string } }) =>
    setValues((now) => ({ ...now, [name]: event.target.value }));
  return (
    <>
      <Button
        look={look}
        onClick={() => {
          setValues({
            ...first,
            ...Object.fromEntries(
              Object.entries(values).filter(([name]) =>
                fields.every((field) => field.name !== name || field.value === undefined),
              ),
            ),
          });
          setOpen(true);
        }}
      >
        {opens}
      </Button>
      <Sheet title={title} open={open} onOpenChange={setOpen} {...(say ? { say } : {})}>
        <form
          className="flex flex-col gap-1"
          onSubmit={(event) => {
            event.preventDefault();
            void run(
              () => save(values),
              () => {
                setOpen(false);
                setValues(first);
              },
            );
          }}
        >
          {fields.map(({ name, label, hint, type, options }) =>
            options ? (
              <SelectField
                key={name}
                label={label}
                value={values[name] ?? ''}
                onChange={set(name)}
                hint={hint}
                fault={faults[name]}
              >
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
                value={values[name] ?? ''}
                onChange={set(name)}
                hint={hint}
                fault={faults[name]}
                type={type === 'date' ? 'date' : 'text'}
                {...(type === 'number' ? { inputMode: 'decimal' as const } : {})}
              />
            ),
          )}
          {echo ? <div aria-live="polite">{echo(values)}</div> : null}
          <Faults of={rest(fields.map((field) => field.name))} />
          <Button look="main" big type="submit" disabled={busy} className="mt-2">
            {saves}
          </Button>
        </form>
      </Sheet>
    </>
  );
}
