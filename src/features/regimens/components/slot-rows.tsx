import type { Role } from '@/core/material';
import { CHOICES, type SlotDraft } from '@/core/regimen';
import { ROLE_WORDS, UNTIL_WORDS } from '@/messages';
import { slotRows as wording } from '@/messages/screens/regimens';
import { Button } from '@/ui/button';
import { SelectField, TextField } from '@/ui/field';
import { Tick } from '@/ui/tick';

type Props = {
  readonly slots: readonly SlotDraft[];
  /** Faults by path under `slots`. */
  readonly faultOf: (path: string) => string | undefined;
  /** How many steps take each. */
  readonly takenBy: (slot: string) => number;
  readonly onChange: (slots: readonly SlotDraft[]) => void;
};

const WANTS = [
  ['drying', 'dries'],
  ['never', 'never dries'],
] as const;

const toggled = <T,>(all: readonly T[], one: T): T[] =>
  all.includes(one) ? all.filter((other) => other !== one) : [...all, one];

/** A name within the regimen that no other material has. */
function freshSlot(slots: readonly SlotDraft[]): string {
  for (let n = slots.length + 1; ; n++) if (!slots.some((one) => one.slot === `material-${n}`)) return `material-${n}`;
}

/** The materials of a regimen: what each is, how it sets and feels, and until when its coats are given. */
export function SlotRows({ slots, faultOf, takenBy, onChange }: Props) {
  const change = (index: number, part: Partial<SlotDraft>): void =>
    onChange(slots.map((slot, i) => (i === index ? { ...slot, ...part } : slot)));
  const add = (): void =>
    onChange([
      ...slots,
      {
        slot: freshSlot(slots),
        name: '',
        wants: ['drying'],
        feel: 'any',
        roles: [],
        quickHours: null,
        adds: [],
        hint: '',
        from: '',
        to: '',
        until: '',
      },
    ]);
  return (
    <section aria-label={wording.materials} className="mb-6">
      <h2 className="mb-1">{wording.materials}</h2>
      {slots.length === 0 ? <p className="text-soft">{wording.itTakesNoFinish}</p> : null}
      <ul>
        {slots.map((slot, index) => (
          <SlotRow
            key={slot.slot}
            slot={slot}
            at={`slots.${index}`}
            faultOf={faultOf}
            taken={takenBy(slot.slot)}
            onChange={(part) => change(index, part)}
            onOut={() => onChange(slots.filter((_, i) => i !== index))}
          />
        ))}
      </ul>
      <Button onClick={add}>{wording.anotherMaterial}</Button>
    </section>
  );
}

type RowProps = {
  readonly slot: SlotDraft;
  readonly at: string;
  readonly faultOf: Props['faultOf'];
  readonly taken: number;
  readonly onChange: (part: Partial<SlotDraft>) => void;
  readonly onOut: () => void;
};

function SlotRow({ slot, at, faultOf, taken, onChange, onOut }: RowProps) {
  const typed = (field: 'name' | 'hint' | 'from' | 'to') => ({
    value: slot[field],
    onChange: (event: { readonly target: { readonly value: string } }) => onChange({ [field]: event.target.value }),
    fault: faultOf(`${at}.${field}`),
  });
  return (
    <li className="border-hair border-t py-2">
      <div className="grid gap-x-4 bench:grid-cols-[minmax(0,1fr)_minmax(0,1fr)_10rem_auto]">
        <TextField
          label={wording.material}
          {...typed('name')}
          hint={taken === 1 ? wording.oneStepTakesIt : wording.stepsTakeIt(taken)}
        />
        <TextField label={wording.whichForWhoChooses} {...typed('hint')} />
        <SelectField
          label={wording.itIs}
          value={slot.feel}
          onChange={(event) => onChange({ feel: CHOICES.feels.find((one) => one === event.target.value) ?? 'any' })}
        >
          <option value="any">{wording.ofAnyFeel}</option>
          <option value="liquid">{wording.poured}</option>
          <option value="paste">{wording.rubbedIn}</option>
        </SelectField>
        <Button look="quiet" disabled={taken > 0} onClick={onOut}>
          {wording.takeOut}
        </Button>
      </div>
      <fieldset className="flex flex-wrap gap-x-6">
        <legend className="label">{wording.it}</legend>
        {WANTS.map(([want, words]) => (
          <Tick key={want} checked={slot.wants.includes(want)} onChange={() => onChange({ wants: toggled(slot.wants, want) })}>
            {words}
          </Tick>
        ))}
        {faultOf(`${at}.wants`) ? <span className="self-center font-semibold text-late">▲ {faultOf(`${at}.wants`)}</span> : null}
      </fieldset>
      <fieldset className="grid bench:grid-cols-3">
        <legend className="label">{wording.whatMayStandFor}</legend>
        {CHOICES.roles.map((role: Role) => (
          <Tick key={role} checked={slot.roles.includes(role)} onChange={() => onChange({ roles: toggled(slot.roles, role) })}>
            {ROLE_WORDS[role]}
          </Tick>
        ))}
      </fieldset>
      <div className="grid grid-cols-2 gap-x-4 bench:grid-cols-[16rem_8rem_8rem]">
        <SelectField
          label={wording.itsCoatsAreGiven}
          value={slot.until}
          onChange={(event) => onChange({ until: event.target.value })}
        >
          <option value="">{wording.asTheStepsSay}</option>
          {CHOICES.untils.map((until) => (
            <option key={until} value={until}>
              {wording.until(UNTIL_WORDS[until].name)}
            </option>
          ))}
        </SelectField>
        {slot.until ? (
          <>
            <TextField label={wording.atLeast} inputMode="numeric" {...typed('from')} />
            <TextField label={wording.atMost} inputMode="numeric" {...typed('to')} />
          </>
        ) : null}
      </div>
    </li>
  );
}
