'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { SURFACES } from '@/core/piece';
import { CHOICES, type RegimenDraft, readRegimen, type StepDraft, warningsOfSequence } from '@/core/regimen';
import { CARE_CLASS_WORDS, CHECK_WORDS, SURFACE_WORDS, sayIssue } from '@/messages';
import { regimenEditor as wording } from '@/messages/screens/regimens';
import { shared } from '@/messages/screens/shared';
import { Button } from '@/ui/button';
import { Faults, SelectField, TextField } from '@/ui/field';
import { Form } from '@/ui/form';
import { freshId } from '@/ui/id';
import { Tick } from '@/ui/tick';
import { reads } from '@/web/here';
import { useSave } from '@/web/use-save';
import { keepRegimen } from '../actions';
import { SlotRows } from './slot-rows';
import { StepFields } from './step-fields';

const BLANK: Omit<StepDraft, 'key' | 'id'> = {
  kind: 'check',
  action: wording.lookItOver,
  done: wording.lookedOver,
  setup: '1',
  perPiece: '0.5',
  min: '0',
  ideal: '',
  max: '',
  slot: '',
  lies: '',
  coatClass: '',
  coat: '',
  until: '',
  expect: '1',
  again: '0',
  place: '',
  optional: false,
  note: '',
  labelRule: '',
  governsMin: '',
  governsMax: '',
  below: '',
  surfaces: [],
  looksBy: '',
  grit: '',
  houseMin: '',
  houseMax: '',
  houseWhy: '',
};

/** The waits of a step in a few words. */
const waitWords = ({ min, ideal, max }: StepDraft): string => {
  const least = min === '0' || min === '' ? '' : min;
  const best = ideal === '0' || ideal === min ? '' : ideal;
  return (
    [least, best && (least ? wording.best(best) : best), max && wording.atMost(max)].filter(Boolean).join(', ') || wording.noWait
  );
};

type FactsProps = {
  readonly draft: RegimenDraft;
  readonly faultOf: (field: string) => string | undefined;
  readonly onChange: (draft: RegimenDraft) => void;
};

/** What holds of the whole regimen: what it gains and costs, how its owner keeps it, and why. */
function RegimenFacts({ draft, faultOf, onChange }: FactsProps) {
  return (
    <>
      <div className="grid gap-x-6 bench:grid-cols-2">
        <TextField
          label={wording.gains}
          value={draft.gains}
          onChange={(event) => onChange({ ...draft, gains: event.target.value })}
        />
        <TextField
          label={wording.costs}
          value={draft.costs}
          onChange={(event) => onChange({ ...draft, costs: event.target.value })}
        />
      </div>
      <div className="grid gap-x-6 bench:grid-cols-2">
        <SelectField
          label={wording.itsOwnerKeepsIt}
          value={draft.careClass}
          onChange={(event) =>
            onChange({ ...draft, careClass: CHOICES.care.find((one) => one === event.target.value) ?? draft.careClass })
          }
        >
          {CHOICES.care.map((one) => (
            <option key={one} value={one}>
              {CARE_CLASS_WORDS[one].name}
            </option>
          ))}
        </SelectField>
        <TextField
          label={wording.theSchoolInA}
          value={draft.school}
          onChange={(event) => onChange({ ...draft, school: event.target.value })}
        />
      </div>
      <div className="grid gap-x-6 bench:grid-cols-[12rem_minmax(0,1fr)]">
        <TextField
          label={wording.ownDaysBetweenLooks}
          inputMode="numeric"
          value={draft.careDays}
          onChange={(event) => onChange({ ...draft, careDays: event.target.value })}
          hint={wording.emptyAsItsClass}
          fault={faultOf('careDays')}
        />
        <TextField
          label={wording.ownWordsForIts}
          value={draft.careWords}
          onChange={(event) => onChange({ ...draft, careWords: event.target.value })}
          hint={wording.printedInPlaceOf}
        />
      </div>
      <Tick checked={draft.knifeSurface} onChange={() => onChange({ ...draft, knifeSurface: !draft.knifeSurface })}>
        {wording.mayLieWhereA}
      </Tick>
      <TextField
        label={wording.whyTheHouseKeeps}
        value={draft.ownWay}
        onChange={(event) => onChange({ ...draft, ownWay: event.target.value })}
        hint={wording.withAReasonThe}
      />
    </>
  );
}

/** A regimen step by step: what is typed is checked against the rules of sequence at once, each fault at its step. */
export function RegimenEditor({ draft: first, base }: { readonly draft: RegimenDraft; readonly base: number }) {
  const [draft, setDraft] = useState(first);
  const [open, setOpen] = useState<string | null>(null);
  const read = readRegimen(draft, reads());
  const issues = read.ok ? [] : read.issues;
  const warned = read.ok ? warningsOfSequence(read.value) : [];
  const faultOf = (path: string): string | undefined => {
    const found = issues.find((issue) => issue.path === path);
    return found && sayIssue(found, reads());
  };
  const said = (index: number): readonly string[] =>
    issues
      .filter((issue) => issue.path === `steps.${index}` || issue.path.startsWith(`steps.${index}.`))
      .map((one) => sayIssue(one, reads()));
  const setSteps = (steps: readonly StepDraft[]): void => setDraft({ ...draft, steps });
  const change = (index: number, part: Partial<StepDraft>): void =>
    setSteps(draft.steps.map((step, i) => (i === index ? { ...step, ...part } : step)));
  const carry = (index: number, by: -1 | 1): void => {
    const steps = [...draft.steps];
    const [step] = steps.splice(index, 1);
    if (step) steps.splice(index + by, 0, step);
    setSteps(steps);
  };
  const addAfter = (index: number): void => {
    const key = freshId();
    setSteps([
      ...draft.steps.slice(0, index + 1),
      { ...BLANK, key, id: `step-${key.slice(0, 6)}` },
      ...draft.steps.slice(index + 1),
    ]);
    setOpen(key);
  };
  const changed = JSON.stringify(draft) !== JSON.stringify(first);
  return (
    <Form onSubmit={() => undefined}>
      <RegimenFacts draft={draft} faultOf={faultOf} onChange={setDraft} />
      <SlotRows
        slots={draft.slots}
        faultOf={faultOf}
        takenBy={(slot) => draft.steps.filter((step) => step.slot === slot).length}
        onChange={(slots) => setDraft({ ...draft, slots })}
      />
      <h2 className="mb-1">{wording.steps}</h2>
      <ol className="border-ink border-b">
        {draft.steps.map((step, index) => (
          <StepRow
            key={step.key}
            step={step}
            index={index}
            last={index === draft.steps.length - 1}
            says={said(index)}
            warns={warned.filter((issue) => issue.path === `steps.${index}`).map((one) => sayIssue(one, reads()))}
            slots={draft.slots}
            faultOf={(field) => faultOf(`steps.${index}.${field}`)}
            open={open === step.key}
            onOpen={() => setOpen(open === step.key ? null : step.key)}
            onCarry={(by) => carry(index, by)}
            onChange={(part) => change(index, part)}
            onAddAfter={() => addAfter(index)}
            onOut={() => setSteps(draft.steps.filter((_, i) => i !== index))}
          />
        ))}
      </ol>
      {changed ? (
        <KeepIt draft={draft} base={base} first={first.name} fits={read.ok} onName={(name) => setDraft({ ...draft, name })} />
      ) : null}
    </Form>
  );
}

type StepProps = {
  readonly step: StepDraft;
  readonly index: number;
  readonly last: boolean;
  /** What is wrong with it, in words. */
  readonly says: readonly string[];
  /** What is allowed, and warned of. */
  readonly warns: readonly string[];
  readonly slots: RegimenDraft['slots'];
  readonly faultOf: (field: string) => string | undefined;
  readonly open: boolean;
  readonly onOpen: () => void;
  readonly onCarry: (by: -1 | 1) => void;
  readonly onChange: (part: Partial<StepDraft>) => void;
  readonly onAddAfter: () => void;
  readonly onOut: () => void;
};

/** What a step does, and what is asked of it. */
function StepSays({ step }: { readonly step: StepDraft }) {
  return (
    <span>
      <strong>{step.action}</strong>
      {step.optional ? <span className="text-soft">{wording.mayBeLeftOut}</span> : null}
      {step.until ? (
        <span className="text-soft">
          {wording.untilPasses(CHECK_WORDS[step.until as keyof typeof CHECK_WORDS].name.toLowerCase())}
        </span>
      ) : null}
      {step.surfaces.length > 0 ? (
        <span className="block text-sm">
          {wording.on(
            SURFACES.filter((one) => step.surfaces.includes(one))
              .map((one) => SURFACE_WORDS[one])
              .join(', '),
          )}
        </span>
      ) : null}
      {step.houseWhy ? <span className="block text-sm">{wording.houseRule(step.houseWhy)}</span> : null}
      {step.labelRule ? (
        <span className="block text-sm">{wording.labelHouse(step.labelRule, step.note || wording.otherwise)}</span>
      ) : null}
    </span>
  );
}

/** One step: what it is, its wait and hands, and its fields where it is opened. */
function StepRow({
  step,
  index,
  last,
  says,
  warns,
  slots,
  faultOf,
  open,
  onOpen,
  onCarry,
  onChange,
  onAddAfter,
  onOut,
}: StepProps) {
  return (
    <li className="border-rule border-t py-1">
      <div className="grid items-center gap-x-3 bench:grid-cols-[2rem_minmax(0,1.3fr)_minmax(0,1fr)_11rem]">
        <span className="reading text-soft">{index + 1}</span>
        <StepSays step={step} />
        <span className="reading text-sm">
          {waitWords(step)}
          <span className="block text-soft">
            {wording.handsMinAPiece(
              step.setup,
              step.perPiece,
              step.slot ? `, ${slots.find((one) => one.slot === step.slot)?.name.toLowerCase() ?? step.slot}` : '',
              step.lies ? `, ${step.lies}` : '',
            )}
          </span>
        </span>
        <span className="flex">
          <Button look="quiet" onClick={onOpen} aria-expanded={open}>
            {open ? wording.close : wording.change}
          </Button>
          <Button look="quiet" disabled={index === 0} onClick={() => onCarry(-1)} aria-label={wording.earlier(step.action)}>
            ↑
          </Button>
          <Button look="quiet" disabled={last} onClick={() => onCarry(1)} aria-label={wording.later(step.action)}>
            ↓
          </Button>
        </span>
      </div>
      {says.map((words) => (
        <p key={words} className="pl-8 font-semibold text-late">
          ▲ {words}
        </p>
      ))}
      {warns.map((words) => (
        <p key={words} className="pl-8">
          △ {words}
        </p>
      ))}
      {open ? (
        <>
          <StepFields step={step} slots={slots} faultOf={faultOf} onChange={onChange} />
          <div className="mb-2 flex flex-wrap gap-3 pl-8">
            <Button onClick={onAddAfter}>{wording.aStepAfterThis}</Button>
            <Button disabled={last && index === 0} onClick={onOut}>
              {wording.takeThisStepOut}
            </Button>
          </div>
        </>
      ) : null}
    </li>
  );
}

type KeepProps = {
  readonly draft: RegimenDraft;
  readonly base: number;
  /** The name it began with. */
  readonly first: string;
  readonly fits: boolean;
  readonly onName: (name: string) => void;
};

/** Kept as the next revision, or under a name of its own. */
function KeepIt({ draft, base, first, fits, onName }: KeepProps) {
  const router = useRouter();
  const [why, setWhy] = useState('');
  const { busy, faults, rest, run } = useSave<{ readonly id: string }>();
  const keep = (asOwn: boolean): void =>
    void run(
      () => keepRegimen({ draft, base, why, asOwn }),
      ({ id }) => {
        if (asOwn) router.push(`/work/regimens/${id}`);
      },
    );
  return (
    <section aria-label={shared.keepIt} className="mt-4 grid max-w-3xl gap-x-6 bench:grid-cols-2">
      <div>
        <TextField
          label={wording.whyThisRevision}
          value={why}
          onChange={(event) => setWhy(event.target.value)}
          hint={wording.twoCoatsWereNever}
          fault={faults.why}
        />
        <Button look="main" big disabled={busy || !fits} onClick={() => keep(false)}>
          {wording.keepAsTheNext}
        </Button>
      </div>
      <div>
        <TextField
          label={wording.orUnderAName}
          value={draft.name}
          onChange={(event) => onName(event.target.value)}
          fault={faults.name}
        />
        <Button big disabled={busy || !fits || draft.name.trim() === first} onClick={() => keep(true)}>
          {wording.keepAsOurOwn}
        </Button>
      </div>
      <div className="bench:col-span-2">
        <Faults of={rest(['why', 'name'])} />
      </div>
    </section>
  );
}
