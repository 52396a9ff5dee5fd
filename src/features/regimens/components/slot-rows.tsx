import type { Role } from '@/core/material';
import { CHOICES, type SlotDraft } from '@/core/regimen';
import { ROLE_WORDS, UNTIL_WORDS } from '@/messages';
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
    <section aria-label="Materials" className="mb-6">
      <h2 className="mb-1">Materials</h2>
      {slots.length === 0 ? <p className="text-soft">It takes no finish.</p> : null}
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
      <Button onClick={add}>Another material</Button>
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
        <TextField label="Material" {...typed('name')} hint={taken === 1 ? 'one step takes it' : `${taken} steps take it`} />
        <TextField label="Which, for who chooses the lot" {...typed('hint')} />
        <SelectField
          label="It is"
          value={slot.feel}
          onChange={(event) => onChange({ feel: CHOICES.feels.find((one) => one === event.target.value) ?? 'any' })}
        >
          <option value="any">of any feel</option>
          <option value="liquid">poured</option>
          <option value="paste">rubbed in</option>
        </SelectField>
        <Button look="quiet" disabled={taken > 0} onClick={onOut}>
          Take out
        </Button>
      </div>
      <fieldset className="flex flex-wrap gap-x-6">
        <legend className="label">It</legend>
        {WANTS.map(([want, words]) => (
          <Tick key={want} checked={slot.wants.includes(want)} onChange={() => onChange({ wants: toggled(slot.wants, want) })}>
            {words}
          </Tick>
        ))}
        {faultOf(`${at}.wants`) ? <span className="self-center font-semibold text-late">▲ {faultOf(`${at}.wants`)}</span> : null}
      </fieldset>
      <fieldset className="grid bench:grid-cols-3">
        <legend className="label">What may stand for it; none ticked: what its coats are</legend>
        {CHOICES.roles.map((role: Role) => (
          <Tick key={role} checked={slot.roles.includes(role)} onChange={() => onChange({ roles: toggled(slot.roles, role) })}>
            {ROLE_WORDS[role]}
          </Tick>
        ))}
      </fieldset>
      <div className="grid grid-cols-2 gap-x-4 bench:grid-cols-[16rem_8rem_8rem]">
        <SelectField label="Its coats are given" value={slot.until} onChange={(event) => onChange({ until: event.target.value })}>
          <option value="">as the steps say</option>
          {CHOICES.untils.map((until) => (
            <option key={until} value={until}>
              until {UNTIL_WORDS[until].name}
            </option>
          ))}
        </SelectField>
        {slot.until ? (
          <>
            <TextField label="At least" inputMode="numeric" {...typed('from')} />
            <TextField label="At most" inputMode="numeric" {...typed('to')} />
          </>
        ) : null}
      </div>
    </li>
  );
}
