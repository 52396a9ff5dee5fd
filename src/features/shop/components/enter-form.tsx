'use client';

import { useActionState } from 'react';
import { Button } from '@/ui/button';
import { TextField } from '@/ui/field';
import { enter } from '../enter';

/** The entrance for a device of the network. */
export function EnterForm() {
  const [fault, action, busy] = useActionState(enter, '');
  return (
    <form action={action} className="flex flex-col gap-3">
      <TextField label="Passcode of the shop" name="passcode" type="password" fault={fault} required />
      <Button look="main" big type="submit" disabled={busy}>
        Come in
      </Button>
    </form>
  );
}
