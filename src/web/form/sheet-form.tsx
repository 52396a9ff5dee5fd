'use client';

import type { ReactNode } from 'react';
import type { FieldValues } from 'react-hook-form';
import { Button } from '@/ui/button';
import { Sheet } from '@/ui/dialog';
import { Faults } from '@/ui/field';
import { Form } from '@/ui/form';
import type { FormState } from './use-form';

type Props<V extends FieldValues> = {
  readonly form: FormState<V>;
  readonly title: string;
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  /** What its button says. */
  readonly saves: string;
  readonly say?: string;
  /** It cannot be saved yet, though nothing typed is wrong. */
  readonly notYet?: boolean;
  /** What else may be done, beside its button. */
  readonly beside?: ReactNode;
  readonly children: ReactNode;
};

/** A form in a sheet: its fields, what is wrong with the whole, and its button. */
export function SheetForm<V extends FieldValues>({
  form,
  title,
  open,
  onOpenChange,
  saves,
  say,
  notYet = false,
  beside,
  children,
}: Props<V>) {
  return (
    <Sheet title={title} open={open} onOpenChange={onOpenChange} {...(say ? { say } : {})}>
      <Form className="flex flex-col gap-1" onSubmit={form.submit}>
        {children}
        <Faults of={form.faults} />
        <div className="mt-2 flex flex-wrap gap-3 [&>*:only-child]:grow">
          <Button look="main" big type="submit" disabled={form.busy || notYet}>
            {saves}
          </Button>
          {beside}
        </div>
      </Form>
    </Sheet>
  );
}
