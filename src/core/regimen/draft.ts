import { CARE_CLASSES } from '@/core/care';
import { CHECK_KINDS } from '@/core/cure';
import { FINISH_CLASSES } from '@/core/piece';
import { fail, say, type Issue, ok, parseDuration, parseNumber, parsePositive, type Result } from '@/core/quantity';
import { STEP_KINDS } from './kinds';
import { faultsOfSequence } from './rules';
import { LIES, PLACE_KINDS, Regimen, type RegimenStep } from './schema';

/** A step as it is typed: durations and choices as text, empty for none. */
export type StepDraft = {
  readonly key: string;
  readonly id: string;
  readonly kind: string;
  readonly action: string;
  readonly done: string;
  readonly setup: string;
  readonly perPiece: string;
  readonly min: string;
  readonly ideal: string;
  readonly max: string;
  readonly slot: string;
  readonly lies: string;
  readonly coatClass: string;
  readonly coat: string;
  readonly until: string;
  readonly expect: string;
  readonly again: string;
  readonly place: string;
  readonly optional: boolean;
  readonly note: string;
  readonly labelRule: string;
};

export type RegimenDraft = Pick<
  Regimen,
  'id' | 'name' | 'school' | 'gains' | 'costs' | 'careClass' | 'knifeSurface' | 'slots'
> & {
  readonly steps: readonly StepDraft[];
};

const text = (value: string | number | null): string => (value === null ? '' : String(value));
const time = (value: number | null): string => (value === null ? '' : value === 0 ? '0' : say(value, 'min'));

export const draftStep = (step: RegimenStep, key: string): StepDraft => ({
  key,
  id: step.id,
  kind: step.kind,
  action: step.action,
  done: step.done,
  setup: text(step.setupMin),
  perPiece: text(step.perPieceMin),
  min: time(step.wait.min),
  ideal: time(step.wait.ideal),
  max: time(step.wait.max),
  slot: text(step.slot),
  lies: text(step.lies),
  coatClass: text(step.coatClass),
  coat: text(step.coat),
  until: text(step.until),
  expect: text(step.expect),
  again: time(step.againMin),
  place: text(step.place),
  optional: step.optional,
  note: step.note,
  labelRule: step.labelRule,
});

export const draftOf = ({ steps, ...of }: Regimen): RegimenDraft => ({
  ...of,
  steps: steps.map((step) => draftStep(step, step.id)),
});

const oneOf = <T extends string>(value: string, list: readonly T[]): T | null => list.find((one) => one === value) ?? null;

/** One typed step, its faults at `steps.N.field`. */
function readStep(draft: StepDraft, index: number, issues: Issue[]): unknown {
  const take = <T>(field: string, result: Result<T>): T | undefined => {
    if (result.ok) return result.value;
    issues.push(...result.issues.map((issue) => ({ ...issue, path: `steps.${index}.${field}` })));
    return undefined;
  };
  const count = (value: string): Result<number> => {
    const read = parseNumber(value);
    return read.ok && read.value < 0 ? fail('must-not-be-negative', '') : read;
  };
  const min = take('min', parseDuration(draft.min)) ?? 0;
  const ideal = take('ideal', parseDuration(draft.ideal === '' ? draft.min : draft.ideal)) ?? min;
  const max = draft.max.trim() === '' ? null : (take('max', parseDuration(draft.max)) ?? null);
  if (min > ideal || (max !== null && ideal > max)) issues.push({ code: 'wait-order', path: `steps.${index}.ideal` });
  const coat = draft.coat.trim() === '' ? null : (take('coat', wholeNumber(draft.coat)) ?? null);
  if (draft.action.trim() === '') issues.push({ code: 'required', path: `steps.${index}.action` });
  return {
    id: draft.id,
    kind: draft.kind,
    action: draft.action.trim(),
    done: draft.done.trim() || 'Done',
    setupMin: take('setup', count(draft.setup)) ?? 0,
    perPieceMin: take('perPiece', count(draft.perPiece)) ?? 0,
    wait: { min, ideal, max },
    slot: draft.slot || null,
    lies: oneOf(draft.lies, LIES),
    coatClass: oneOf(draft.coatClass, FINISH_CLASSES),
    coat,
    until: oneOf(draft.until, CHECK_KINDS),
    expect: take('expect', wholeNumber(draft.expect || '1')) ?? 1,
    againMin: take('again', parseDuration(draft.again || '0')) ?? 0,
    place: oneOf(draft.place, PLACE_KINDS),
    optional: draft.optional,
    note: draft.note.trim(),
    labelRule: draft.labelRule.trim(),
  };
}

function wholeNumber(value: string): Result<number> {
  const read = parsePositive(value);
  return !read.ok || Number.isInteger(read.value) ? read : fail('invalid', '', { detail: 'a whole number' });
}

/** The typed regimen, or every fault of its fields and then of its order. */
export function readRegimen(draft: RegimenDraft): Result<Regimen> {
  const issues: Issue[] = [];
  const steps = draft.steps.map((step, i) => readStep(step, i, issues));
  if (steps.length === 0) issues.push({ code: 'required', path: 'steps' });
  if (draft.name.trim() === '') issues.push({ code: 'name-needed', path: 'name' });
  if (issues.length > 0) return { ok: false, issues };
  const parsed = Regimen.safeParse({ ...draft, name: draft.name.trim(), steps });
  if (!parsed.success)
    return {
      ok: false,
      issues: parsed.error.issues.map((issue) => ({
        code: 'invalid' as const,
        path: issue.path.join('.'),
        with: { detail: issue.message },
      })),
    };
  const faults = faultsOfSequence(parsed.data);
  return faults.length > 0 ? { ok: false, issues: faults } : ok(parsed.data);
}

export const CHOICES = {
  kinds: STEP_KINDS,
  lies: LIES,
  classes: FINISH_CLASSES,
  checks: CHECK_KINDS,
  places: PLACE_KINDS,
  care: CARE_CLASSES,
} as const;
