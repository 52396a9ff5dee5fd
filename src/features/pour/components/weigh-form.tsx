'use client';

import { HAIR_G } from '@/core/blend';
import { parseMass, say } from '@/core/quantity';
import { sayIssue } from '@/messages';
import { pourWeighForm as wording } from '@/messages/screens/pour';
import { Button } from '@/ui/button';
import { SelectField, TextField } from '@/ui/field';
import { Form } from '@/ui/form';
import type { FormState } from '@/web/form/use-form';
import { reads } from '@/web/here';
import type { useDevice } from '@/web/use-device';
import type { ShelfLot } from './gather';

type WeighProps = {
  readonly form: FormState<{ reading: string; lotId: string }>;
  readonly shown: ReturnType<typeof useDevice>;
  readonly device: boolean;
  readonly practice: boolean;
  readonly choices: readonly ShelfLot[];
  readonly lotId: number;
  readonly correcting: boolean;
  /** The reading before is not on the page yet. */
  readonly waits: boolean;
  readonly onChoose: (lotId: number) => void;
};

/** One reading, from the scale or typed as it shows, and the lot it came from. */
export function WeighForm(props: WeighProps) {
  const { form, shown, device, practice, choices, lotId, correcting, waits, onChoose } = props;
  const { reading } = form.values;
  const typed = parseMass(reading, reads());
  const fromScale = device && reading === '' && shown.value !== null;
  const ready = reading !== '' ? typed.ok : fromScale && shown.stable && shown.trouble === null;
  return (
    <Form
      className="mt-4 grid items-start gap-4 bench:grid-cols-[minmax(0,1fr)_minmax(0,1fr)_auto]"
      onSubmit={() => {
        if (ready && !waits) form.submit();
      }}
    >
      <TextField
        label={wording.theScaleSays}
        {...form.field('reading')}
        inputMode="decimal"
        placeholder={fromScale ? say(shown.value ?? 0, 'g', reads(), 1) : ''}
        hint={device ? wording.readFromTheScale : wording.theWholeReadingAfter}
        echo={reading !== '' && typed.ok ? say(typed.value, 'g', reads()) : null}
        fault={reading !== '' && !typed.ok ? typed.issues.map((one) => sayIssue(one, reads())).join(' ') : form.fault('reading')}
      />
      {practice ? <p className="pt-6 text-soft">{wording.fromNoLotIt}</p> : null}
      <LotField
        hidden={practice}
        choices={choices}
        value={lotId}
        disabled={correcting}
        fault={form.fault('lotId')}
        onChoose={onChoose}
      />
      <Button look="hand" big type="submit" className="bench:mt-5" disabled={form.busy || waits || !ready}>
        {device && reading === '' && !shown.stable ? wording.settling : wording.weighed}
      </Button>
    </Form>
  );
}

type LotFieldProps = {
  readonly hidden: boolean;
  readonly choices: readonly ShelfLot[];
  readonly value: number;
  readonly disabled: boolean;
  readonly fault: string | undefined;
  readonly onChoose: (lotId: number) => void;
};

/** From which lot it is weighed. */
export function LotField({ hidden, choices, value, disabled, fault, onChoose }: LotFieldProps) {
  return (
    <SelectField
      className={hidden ? 'hidden' : ''}
      label={wording.fromLot}
      value={value}
      disabled={disabled}
      onChange={(event) => onChoose(Number(event.target.value))}
      fault={fault}
      hint={choices.length === 0 ? wording.noneInTheStores : 'earliest best-before first'}
    >
      {choices.length === 0 ? <option value={0}>–</option> : null}
      {choices.map((one) => (
        <option key={one.id} value={one.id}>
          {one.number}, {one.leftG > HAIR_G ? wording.left(say(one.leftG, 'g', reads())) : wording.emptyByTheBook}
          {one.doubt ? `, ▲ ${one.doubt}` : ''}
        </option>
      ))}
    </SelectField>
  );
}
