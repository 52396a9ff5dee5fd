'use client';

import { useState } from 'react';
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
      <h3 className="mt-4 mb-1 font-semibold">Devices that are in</h3>
      {devices.length === 0 ? (
        <p className="mb-2 text-soft">None has given the passcode.</p>
      ) : (
        <ul className="mb-2">
          {devices.map((device) => (
            <DeviceItem key={device.id} device={device} busy={busy} onSend={() => void run(() => sendAway({ id: device.id }))} />
          ))}
        </ul>
      )}
      <Faults of={rest([])} />
      <p className="mb-3 text-soft text-sm">One that is not used for {days} days must give the passcode again.</p>
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
      setTold('The new passcode counts from now on.');
      setOpen(false);
    },
    keptAs: null,
  });
  const field = (name: 'passcode' | 'again', label: string) => (
    <TextField label={label} type="password" autoComplete="new-password" maxLength={200} {...form.field(name)} />
  );
  return (
    <>
      <Button onClick={() => setOpen(true)}>{has ? 'New passcode' : 'Set a passcode'}</Button>
      <p role="status" className="min-h-6 pt-1 font-semibold text-fit">
        {told}
      </p>
      <SheetForm form={form} open={open} onOpenChange={setOpen} title={has ? 'New passcode' : 'Set a passcode'} saves="Keep">
        <p>Every other device is sent away and must give the new one. What waits on a device stays there and is sent after.</p>
        {field('passcode', 'New passcode')}
        {field('again', 'The same again')}
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
        {isOwn ? ' (this one)' : ''}
        <span className="block text-soft text-sm">
          used <span className="reading">{used}</span>, came in <span className="reading">{came}</span> from{' '}
          <span className="reading">{address}</span>
        </span>
      </span>
      {isOwn ? (
        <Button disabled={busy} onClick={() => void leave()}>
          Leave
        </Button>
      ) : (
        <Button disabled={busy} aria-label={`Send ${name} away`} onClick={onSend}>
          Send away
        </Button>
      )}
    </li>
  );
}
