'use client';

import { useActionState, useState } from 'react';
import { enterForm as wording } from '@/messages/screens/settings';
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
      <TextField label={wording.passcodeOfTheShop} name="passcode" type="password" maxLength={200} fault={fault} required />
      <TextField
        label={wording.whatThisDeviceIs}
        hint={wording.theShopListsIts}
        name="name"
        value={name}
        onChange={(event) => setName(event.target.value)}
        maxLength={40}
        placeholder={wording.tabletAtTheBench}
        autoComplete="off"
      />
      <Button look="main" big type="submit" disabled={busy}>
        {wording.comeIn}
      </Button>
    </form>
  );
}
