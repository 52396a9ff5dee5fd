import { CHECK_WORDS } from '@/messages';
import { SelectField, TextField } from '@/ui/field';
import { Tick } from '@/ui/tick';
import { CHOICES, type StepDraft } from '@/core/regimen';

type Props = {
  readonly step: StepDraft;
  readonly slots: readonly string[];
  readonly onChange: (part: Partial<StepDraft>) => void;
};

/** Everything of one step: what to do, its hands, the wait after it, its material, its check, the label's rule beside the house's. */
export function StepFields({ step, slots, onChange }: Props) {
  const set = (field: keyof StepDraft) => (event: { readonly target: { readonly value: string } }) =>
    onChange({ [field]: event.target.value });
  const pick = (
    field: keyof StepDraft,
    label: string,
    options: readonly string[],
    say: (value: string) => string = (value) => value,
  ) => (
    <SelectField label={label} value={String(step[field])} onChange={set(field)}>
      <option value="">none</option>
      {options.map((value) => (
        <option key={value} value={value}>
          {say(value)}
        </option>
      ))}
    </SelectField>
  );
  return (
    <div className="my-2 grid grid-cols-2 gap-x-4 pl-8 bench:grid-cols-4">
      <TextField label="What to do" value={step.action} onChange={set('action')} className="col-span-2" />
      <TextField label="The button says" value={step.done} onChange={set('done')} />
      <SelectField label="Kind of work" value={step.kind} onChange={set('kind')}>
        {CHOICES.kinds.map((kind) => (
          <option key={kind}>{kind}</option>
        ))}
      </SelectField>
      <TextField label="Set-up, min" inputMode="decimal" value={step.setup} onChange={set('setup')} />
      <TextField label="A piece, min" inputMode="decimal" value={step.perPiece} onChange={set('perPiece')} />
      {pick('place', 'Then it stands', CHOICES.places)}
      {pick('until', 'Repeat until', CHOICES.checks, (kind) => CHECK_WORDS[kind as keyof typeof CHECK_WORDS].name.toLowerCase())}
      <TextField label="Then wait at least" value={step.min} onChange={set('min')} hint="20 min, 24 h" />
      <TextField label="Best" value={step.ideal} onChange={set('ideal')} hint="as the least, when empty" />
      <TextField label="At most" value={step.max} onChange={set('max')} hint="empty: nothing spoils" />
      <div className="self-center">
        <Tick checked={step.optional} onChange={() => onChange({ optional: !step.optional })}>
          May be left out
        </Tick>
      </div>
      {step.until ? (
        <>
          <TextField label="Reckon with so many times" inputMode="numeric" value={step.expect} onChange={set('expect')} />
          <TextField label="Again after" value={step.again} onChange={set('again')} hint="24 h" />
        </>
      ) : null}
      {pick('slot', 'Material', slots)}
      {pick('lies', 'It lies', CHOICES.lies)}
      {pick('coatClass', 'Class of coat', CHOICES.classes)}
      <TextField label="Coat number" inputMode="numeric" value={step.coat} onChange={set('coat')} />
      <TextField
        label="The label’s rule, where the house does otherwise"
        value={step.labelRule}
        onChange={set('labelRule')}
        className="col-span-2"
      />
      <TextField
        label="Note; or the reason for the house’s rule"
        value={step.note}
        onChange={set('note')}
        className="col-span-2"
      />
    </div>
  );
}
