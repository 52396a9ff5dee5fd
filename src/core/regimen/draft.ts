import { CARE_CLASSES } from '@/core/care';
import { CHECK_KINDS, GOVERNS } from '@/core/cure';
import { ROLES } from '@/core/material';
import { FINISH_CLASSES, SURFACES } from '@/core/piece';
import {
  fail,
  type Issue,
  ok,
  parseDuration,
  parseNumber,
  parsePositive,
  parseTemperature,
  type Reads,
  type Result,
  sayMinutes,
} from '@/core/quantity';
import { abrades, STEP_KINDS } from './kinds';
import { faultsOfSequence } from './rules';
import {
  GOVERNS_ABOVE,
  INSPECTIONS,
  LIES,
  PLACE_KINDS,
  Regimen,
  type RegimenStep,
  SLOT_FEELS,
  type Slot,
  UNTILS,
} from './schema';

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
  readonly governsMin: string;
  readonly governsMax: string;
  readonly below: string;
  readonly surfaces: readonly string[];
  readonly looksBy: string;
  readonly grit: string;
  readonly houseMin: string;
  readonly houseMax: string;
  readonly houseWhy: string;
};

/** A material as it is typed; `slot` is its own name within the regimen and does not change. */
export type SlotDraft = Pick<Slot, 'slot' | 'name' | 'wants' | 'feel' | 'roles' | 'quickHours' | 'adds' | 'hint'> & {
  readonly from: string;
  readonly to: string;
  readonly until: string;
};

export type RegimenDraft = Pick<
  Regimen,
  'id' | 'name' | 'school' | 'gains' | 'costs' | 'careClass' | 'knifeSurface' | 'ownWay'
> & {
  readonly slots: readonly SlotDraft[];
  /** Days between looks and what to do then, where its owner keeps it otherwise than its class says. */
  readonly careDays: string;
  readonly careWords: string;
  readonly steps: readonly StepDraft[];
};

const text = (value: string | number | null): string => (value === null ? '' : String(value));
const time = (value: number | null): string => (value === null ? '' : value === 0 ? '0' : sayMinutes(value));

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
  governsMin: text(step.governs?.min ?? null),
  governsMax: text(step.governs?.max ?? null),
  below: text(step.whenBelowC),
  surfaces: step.surfaces,
  looksBy: text(step.looksBy),
  grit: text(step.grit ?? null),
  houseMin: step.house ? time(step.house.wait.min) : '',
  houseMax: step.house ? time(step.house.wait.max) : '',
  houseWhy: step.house?.why ?? '',
});

export const draftSlot = ({ repeat, ...slot }: Slot): SlotDraft => ({
  ...slot,
  from: text(repeat?.from ?? null),
  to: text(repeat?.to ?? null),
  until: text(repeat?.until ?? null),
});

export const draftOf = ({ steps, slots, ownCare, ...of }: Regimen): RegimenDraft => ({
  ...of,
  careDays: text(ownCare?.days ?? null),
  careWords: ownCare?.words ?? '',
  slots: slots.map(draftSlot),
  steps: steps.map((step) => draftStep(step, step.id)),
});

const oneOf = <T extends string>(value: string, list: readonly T[]): T | null => list.find((one) => one === value) ?? null;

/** One typed step, its faults at `steps.N.field`. */
function readStep(draft: StepDraft, index: number, issues: Issue[], reads: Reads): unknown {
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
    governs: readGoverns(draft),
    whenBelowC: draft.below.trim() === '' ? null : (take('below', parseTemperature(draft.below, reads)) ?? null),
    surfaces: SURFACES.filter((one) => draft.surfaces.includes(one)),
    house: readHouse(draft, take),
    looksBy: oneOf(draft.looksBy, INSPECTIONS),
    ...readGrit(draft, take),
  };
}

/** The grit of a step that cuts; of any other there is none. */
function readGrit({ kind, grit }: StepDraft, take: Take): Pick<RegimenStep, 'grit'> {
  const cuts = STEP_KINDS.some((one) => one === kind && abrades({ kind: one }));
  const read = cuts && grit.trim() !== '' ? take('grit', wholeNumber(grit)) : undefined;
  return read === undefined ? {} : { grit: read };
}

/** What governs a wait: nothing typed, and its kind says; one end typed, and the other goes by nothing. */
function readGoverns({ governsMin, governsMax }: StepDraft): RegimenStep['governs'] {
  if (governsMin === '' && governsMax === '') return null;
  return { min: oneOf(governsMin, GOVERNS) ?? 'none', max: oneOf(governsMax, GOVERNS_ABOVE) ?? 'none' };
}

type Take = <T>(field: string, result: Result<T>) => T | undefined;

/** The house's own wait; it wants its reason. */
function readHouse({ houseMin, houseMax, houseWhy }: StepDraft, take: Take): RegimenStep['house'] {
  if ([houseMin, houseMax, houseWhy].every((one) => one.trim() === '')) return null;
  if (houseWhy.trim() === '') take('houseWhy', fail('reason-needed', ''));
  const min = take('houseMin', parseDuration(houseMin.trim() || '0')) ?? 0;
  const max = houseMax.trim() === '' ? null : (take('houseMax', parseDuration(houseMax)) ?? null);
  if (max !== null && min > max) take('houseMax', fail('wait-order', ''));
  return { wait: { min, ideal: min, max }, why: houseWhy.trim() };
}

function wholeNumber(value: string): Result<number> {
  const read = parsePositive(value);
  return !read.ok || Number.isInteger(read.value) ? read : fail('invalid', '', { detail: 'a whole number' });
}

/** The house's own care: nothing where neither its days nor its words are typed. */
function readCare({ careDays, careWords }: RegimenDraft, issues: Issue[]): Regimen['ownCare'] {
  if (careDays.trim() === '' && careWords.trim() === '') return null;
  const days = careDays.trim() === '' ? ok(null) : wholeNumber(careDays);
  if (!days.ok) issues.push(...days.issues.map((issue) => ({ ...issue, path: 'careDays' })));
  return { days: days.ok ? days.value : null, words: careWords.trim() };
}

/** One typed material, its faults at `slots.N.field`. Coats until something is seen want both their bounds. */
function readSlot({ from, to, until, ...slot }: SlotDraft, index: number, issues: Issue[]): unknown {
  const at = `slots.${index}`;
  if (slot.name.trim() === '') issues.push({ code: 'name-needed', path: `${at}.name` });
  if (slot.wants.length === 0) issues.push({ code: 'required', path: `${at}.wants` });
  const what = oneOf(until, UNTILS);
  if (what === null) return { ...slot, name: slot.name.trim(), repeat: null };
  const [least, most] = [from, to].map((value) => wholeNumber(value));
  for (const [field, read] of [
    ['from', least],
    ['to', most],
  ] as const)
    if (read && !read.ok) issues.push(...read.issues.map((issue) => ({ ...issue, path: `${at}.${field}` })));
  if (!least?.ok || !most?.ok) return slot;
  if (least.value > most.value) issues.push({ code: 'wait-order', path: `${at}.to` });
  return { ...slot, name: slot.name.trim(), repeat: { from: least.value, to: most.value, until: what } };
}

/** The typed regimen, or every fault of its fields and then of its order. */
export function readRegimen(draft: RegimenDraft, reads: Reads): Result<Regimen> {
  const issues: Issue[] = [];
  const steps = draft.steps.map((step, i) => readStep(step, i, issues, reads));
  const slots = draft.slots.map((slot, i) => readSlot(slot, i, issues));
  if (steps.length === 0) issues.push({ code: 'required', path: 'steps' });
  if (draft.name.trim() === '') issues.push({ code: 'name-needed', path: 'name' });
  const ownCare = readCare(draft, issues);
  if (issues.length > 0) return { ok: false, issues };
  const parsed = Regimen.safeParse({ ...draft, name: draft.name.trim(), ownWay: draft.ownWay.trim(), ownCare, slots, steps });
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
  governs: GOVERNS,
  governsAbove: GOVERNS_ABOVE,
  surfaces: SURFACES,
  looks: INSPECTIONS,
  roles: ROLES,
  feels: SLOT_FEELS,
  untils: UNTILS,
} as const;
