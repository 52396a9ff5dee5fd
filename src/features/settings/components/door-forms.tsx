'use client';

import { useState } from 'react';
import { doorForms as wording } from '@/messages/screens/settings';
import { Button } from '@/ui/button';
import { Faults, TextField } from '@/ui/field';
import { SheetForm } from '@/web/form/sheet-form';
import { useForm } from '@/web/form/use-form';
import { useSave } from '@/web/use-save';
import { changePasscode, leave, sendAway } from '../door-actions';
import { PasscodeFields } from '../forms';

type DeviceRow = {
  readonly id: number;
  readonly name: string;
  readonly address: string;
  readonly came: string;
  readonly used: string;
  readonly isOwn: boolean;
};

/** Devices that may come in, each with a way out. */
export function Devices({ devices, days }: { readonly devices: readonly DeviceRow[]; readonly days: number }) {
  const { busy, rest, run } = useSave();
  return (
    <>
      <h3 className="mt-4 mb-1 font-semibold">{wording.devicesThatAreIn}</h3>
      {devices.length === 0 ? (
        <p className="mb-2 text-soft">{wording.noneHasGivenThe}</p>
      ) : (
        <ul className="mb-2">
          {devices.map((device) => (
            <DeviceItem key={device.id} device={device} busy={busy} onSend={() => void run(() => sendAway({ id: device.id }))} />
          ))}
        </ul>
      )}
      <Faults of={rest([])} />
      <p className="mb-3 text-soft text-sm">{wording.oneThatIsNot(days)}</p>
    </>
  );
}

/** A new passcode, typed twice. */
export function PasscodeForm({ has }: { readonly has: boolean }) {
  const [open, setOpen] = useState(false);
  const [told, setTold] = useState('');
  const form = useForm({
    schema: PasscodeFields,
    start: { passcode: '', again: '' },
    save: changePasscode,
    done: () => {
      setTold(wording.theNewPasscodeCounts);
      setOpen(false);
    },
    keptAs: null,
  });
  const field = (name: 'passcode' | 'again', label: string) => (
    <TextField label={label} type="password" autoComplete="new-password" maxLength={200} {...form.field(name)} />
  );
  return (
    <>
      <Button onClick={() => setOpen(true)}>{has ? wording.newPasscode : wording.setAPasscode}</Button>
      <p role="status" className="min-h-6 pt-1 font-semibold text-fit">
        {told}
      </p>
      <SheetForm
        form={form}
        open={open}
        onOpenChange={setOpen}
        title={has ? wording.newPasscode : wording.setAPasscode}
        saves="Keep"
      >
        <p>{wording.everyOtherDeviceIs}</p>
        {field('passcode', wording.newPasscode)}
        {field('again', wording.theSameAgain)}
      </SheetForm>
    </>
  );
}

type ItemProps = { readonly device: DeviceRow; readonly busy: boolean; readonly onSend: () => void };

function DeviceItem({ device: { name, address, came, used, isOwn }, busy, onSend }: ItemProps) {
  return (
    <li className="flex flex-wrap items-center justify-between gap-3 border-hair border-b py-1">
      <span>
        <span className="font-semibold">{name}</span>
        {isOwn ? wording.thisOne : ''}
        <span className="block text-soft text-sm">
          {wording.used}
          <span className="reading">{used}</span>
          {wording.cameIn}
          <span className="reading">{came}</span>
          {wording.from}
          <span className="reading">{address}</span>
        </span>
      </span>
      {isOwn ? (
        <Button disabled={busy} onClick={() => void leave()}>
          {wording.leave}
        </Button>
      ) : (
        <Button disabled={busy} aria-label={wording.sendAway(name)} onClick={onSend}>
          {wording.sendAway2}
        </Button>
      )}
    </li>
  );
}
