'use client';

import type { z } from 'zod';
import type { PieceUse } from '@/core/material';
import { shared } from '@/messages/screens/shared';
import { useSheet as wording } from '@/messages/screens/work';
import { UseTicks } from '@/trade/use-ticks';
import { TextField } from '@/ui/field';
import { freshId } from '@/ui/id';
import type { Opened } from '@/ui/on-open';
import { SheetForm } from '@/web/form/sheet-form';
import { useForm } from '@/web/form/use-form';
import { changeUse } from '../actions';
import { UseChange } from '../forms';

type Props = { readonly batchId: number; readonly version: number; readonly uses: readonly PieceUse[] };

/** What a running batch is for, changed with a reason: its gates are judged anew. */
export function UseSheet({ batchId, version, uses, open, onOpenChange }: Props & Opened) {
  const form = useForm<z.input<typeof UseChange>, void>({
    schema: UseChange,
    start: { uses: [...uses], why: '' },
    save: (said) => changeUse({ batchId, version, clientId: freshId(), ...said }),
    done: () => onOpenChange(false),
    keptAs: `use of ${batchId}`,
    stays: true,
  });
  return (
    <SheetForm
      form={form}
      title={wording.whatThisBatchIs}
      open={open}
      onOpenChange={onOpenChange}
      saves={shared.keepIt}
      notYet={form.values.uses.length === 0}
      say={wording.whatItMustPass}
    >
      <UseTicks uses={form.values.uses} tableware onChange={(said) => form.set('uses', [...said.uses])} />
      <TextField label={wording.reason} {...form.field('why')} hint={wording.theCustomerWantsIt} />
    </SheetForm>
  );
}
