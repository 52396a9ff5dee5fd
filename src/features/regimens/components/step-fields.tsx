import type { ReactNode } from 'react';
import { abrades, CHOICES, type StepDraft, type StepKind } from '@/core/regimen';
import { CHECK_WORDS, GOVERNS_WORDS, INSPECTION_WORDS, STEP_WORDS, SURFACE_WORDS } from '@/messages';
import { stepFields as wording } from '@/messages/screens/regimens';
import { SelectField, TextField } from '@/ui/field';
import { Tick } from '@/ui/tick';

type Props = {
  readonly step: StepDraft;
  /** The materials of the regimen, by their own names within it. */
  readonly slots: readonly { readonly slot: string; readonly name: string }[];
  /** The fault of one of its fields, in words. */
  readonly faultOf: (field: string) => string | undefined;
  readonly onChange: (part: Partial<StepDraft>) => void;
};

/** The surfaces a step is for. */
function SurfaceTicks({ step, onChange }: { readonly step: StepDraft; readonly onChange: (part: Partial<StepDraft>) => void }) {
  return (
    <fieldset className="col-span-full">
      <legend className="label">{wording.itTreatsTheseSurfaces}</legend>
      <div className="grid grid-cols-2 bench:grid-cols-5">
        {CHOICES.surfaces.map((one) => (
          <Tick
            key={one}
            checked={step.surfaces.includes(one)}
            onChange={() =>
              onChange({
                surfaces: step.surfaces.includes(one) ? step.surfaces.filter((other) => other !== one) : [...step.surfaces, one],
              })
            }
          >
            {SURFACE_WORDS[one]}
          </Tick>
        ))}
      </div>
    </fieldset>
  );
}

/** Everything of one step: what to do, its hands, the wait after it, its material, its check, the label's rule beside the house's. */
export function StepFields({ step, slots, faultOf, onChange }: Props) {
  const set = (field: keyof StepDraft) => (event: { readonly target: { readonly value: string } }) =>
    onChange({ [field]: event.target.value });
  const pick = (
    field: keyof StepDraft,
    label: string,
    options: readonly string[],
    say: (value: string) => string = (value) => value,
  ) => (
    <SelectField label={label} value={String(step[field])} onChange={set(field)}>
      <option value="">{wording.none}</option>
      {options.map((value) => (
        <option key={value} value={value}>
          {say(value)}
        </option>
      ))}
    </SelectField>
  );
  return (
    <div className="my-2 grid grid-cols-2 gap-x-4 pl-8 bench:grid-cols-4">
      <TextField label={wording.whatToDo} value={step.action} onChange={set('action')} className="col-span-2" />
      <TextField label={wording.theButtonSays} value={step.done} onChange={set('done')} />
      <SelectField label={wording.kindOfWork} value={step.kind} onChange={set('kind')}>
        {CHOICES.kinds.map((kind) => (
          <option key={kind} value={kind}>
            {STEP_WORDS[kind]}
          </option>
        ))}
      </SelectField>
      {abrades({ kind: step.kind as StepKind }) ? (
        <TextField label={wording.grit} inputMode="numeric" value={step.grit} onChange={set('grit')} fault={faultOf('grit')} />
      ) : null}
      <TextField label={wording.setUpMin} inputMode="decimal" value={step.setup} onChange={set('setup')} />
      <TextField label={wording.aPieceMin} inputMode="decimal" value={step.perPiece} onChange={set('perPiece')} />
      {pick('place', wording.thenItStands, CHOICES.places)}
      {pick('until', wording.repeatUntil, CHOICES.checks, (kind) =>
        CHECK_WORDS[kind as keyof typeof CHECK_WORDS].name.toLowerCase(),
      )}
      <TextField label={wording.thenWaitAtLeast} value={step.min} onChange={set('min')} hint={wording.minH} />
      <TextField label={wording.best} value={step.ideal} onChange={set('ideal')} hint={wording.asTheLeastWhen} />
      <TextField label={wording.atMost} value={step.max} onChange={set('max')} hint={wording.emptyNothingSpoils} />
      <div className="self-center">
        <Tick checked={step.optional} onChange={() => onChange({ optional: !step.optional })}>
          {wording.mayBeLeftOut}
        </Tick>
      </div>
      {step.until ? (
        <>
          <TextField label={wording.reckonWithSoMany} inputMode="numeric" value={step.expect} onChange={set('expect')} />
          <TextField label={wording.againAfter} value={step.again} onChange={set('again')} hint="24 h" />
        </>
      ) : null}
      {pick(
        'slot',
        'Material',
        slots.map((one) => one.slot),
        (slot) => slots.find((one) => one.slot === slot)?.name || slot,
      )}
      {pick('lies', wording.itLies, CHOICES.lies)}
      {pick('coatClass', wording.classOfCoat, CHOICES.classes)}
      <TextField label={wording.coatNumber} inputMode="numeric" value={step.coat} onChange={set('coat')} />
      <TextField label={wording.theLabelsRuleWhere} value={step.labelRule} onChange={set('labelRule')} className="col-span-2" />
      <TextField label={wording.noteOrTheReason} value={step.note} onChange={set('note')} className="col-span-2" />
      <Room step={step} set={set} pick={pick} faultOf={faultOf} />
      <SurfaceTicks step={step} onChange={onChange} />
    </div>
  );
}

type Choice = (field: keyof StepDraft, label: string, options: readonly string[], say?: (value: string) => string) => ReactNode;
type RoomProps = Pick<Props, 'step' | 'faultOf'> & {
  readonly set: (field: keyof StepDraft) => (event: { readonly target: { readonly value: string } }) => void;
  readonly pick: Choice;
};

/** What its wait follows in the room, when it is called for, how it looks the wood over, and the house's own bounds. */
function Room({ step, set, pick, faultOf }: RoomProps) {
  const asGoverns = (value: string): string => GOVERNS_WORDS[value as keyof typeof GOVERNS_WORDS];
  return (
    <>
      {pick('governsMin', wording.theLeastWaitGoes, CHOICES.governs, asGoverns)}
      {pick('governsMax', wording.theLongestGoesBy, CHOICES.governsAbove, asGoverns)}
      <TextField
        label={wording.onlyWhereItIs}
        value={step.below}
        onChange={set('below')}
        hint={wording.cEmptyAlways}
        fault={faultOf('below')}
      />
      {pick(
        'looksBy',
        wording.lookedOverBy,
        CHOICES.looks,
        (value) => INSPECTION_WORDS[value as keyof typeof INSPECTION_WORDS].name,
      )}
      <TextField
        label={wording.houseRuleWaitAt}
        value={step.houseMin}
        onChange={set('houseMin')}
        hint={wording.overLabelAndChemistry}
        fault={faultOf('houseMin')}
      />
      <TextField
        label={wording.houseRuleNoLonger}
        value={step.houseMax}
        onChange={set('houseMax')}
        hint={wording.emptyNoBound}
        fault={faultOf('houseMax')}
      />
      <TextField
        label={wording.whyTheHouseDoes}
        value={step.houseWhy}
        onChange={set('houseWhy')}
        className="col-span-2"
        fault={faultOf('houseWhy')}
      />
    </>
  );
}
