'use client';

import { useActionState, useState } from 'react';
import { Button } from '@/ui/button';
import { TextField } from '@/ui/field';
import { enter } from '../enter';

/** The entrance for a device of the network. */
export function EnterForm() {
  const [fault, action, busy] = useActionState(enter, '');
  // What was typed once stays when the passcode was wrong.
  const [name, setName] = useState('');
  return (
    <form action={action} className="flex flex-col gap-3">
      <TextField label="Passcode of the shop" name="passcode" type="password" maxLength={200} fault={fault} required />
      <TextField
        label="What this device is called"
        hint="The shop lists its devices by name, so that one that is lost can be sent away."
        name="name"
        value={name}
        onChange={(event) => setName(event.target.value)}
        maxLength={40}
        placeholder="Tablet at the bench"
        autoComplete="off"
      />
      <Button look="main" big type="submit" disabled={busy}>
        Come in
      </Button>
    </form>
  );
}
