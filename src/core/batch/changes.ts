import { type CareClass, careTraits } from '@/core/care';
import type { FinishClass } from '@/core/piece';
import { drawsLot, endsCoat, hours, type RegimenStep, wait } from '../regimen';
import { readTaskKey, withKey } from './task-key';

/** Why no more is given: the wood takes none, the sheen is right, the paper stays clean, there is none left, or the label gives so many. */
export const LAST_REASONS = ['full', 'sheen', 'paper', 'out', 'other'] as const;
export type LastReason = (typeof LAST_REASONS)[number];

/**
 * What was decided of a batch's coats while it ran. `another` repeats the last coat of a material; `last` strikes the coats of a material
 * that come after the step `after` (null: all of them).
 */
export type StepChange = {
  readonly id: number;
  readonly kind: 'another' | 'last';
  readonly slot: string;
  readonly after: string | null;
};

type Wait = RegimenStep['wait'];

/** The rest before another coat where a regimen gives only one of its kind. Source: the rests of the regimens that give several. */
const BETWEEN: Readonly<Record<FinishClass, Wait>> = {
  'flood-oil': wait(30, 60, null),
  bath: wait(hours(2), hours(2), null),
  'thin-oil': wait(hours(24), hours(24), null),
  'oil-wax': wait(hours(24), hours(36), null),
  'hard-wax': wait(hours(24), hours(48), null),
  'wax-paste': wait(hours(2), hours(12), null),
  friction: wait(1, 3, null),
  film: wait(30, 45, null),
};

/** A coat and what belongs to it: the steps up to the next coat, as far as they wipe, scuff, buff it off or turn it over. */
export type CoatGroup = { readonly from: number; readonly to: number; readonly slot: string; readonly wiped: boolean };

/** The coats of a regimen with what belongs to each; `to` is the last step of it. A buff that ends no dwell belongs to none. */
export function coatGroups(steps: readonly RegimenStep[]): CoatGroup[] {
  return steps.flatMap((step, from): CoatGroup[] => {
    if (!drawsLot(step) || step.slot === null) return [];
    let to = from;
    let wiped = false;
    for (let i = from + 1; i < steps.length && !drawsLot(steps[i]); i++) {
      const next = steps[i] as RegimenStep;
      const belongs =
        next.kind === 'wipe' ||
        next.kind === 'scuff' ||
        next.kind === 'turn' ||
        ((next.kind === 'buff' || next.kind === 'wheel') && !wiped);
      if (!belongs) break;
      wiped ||= endsCoat(next);
      to = i;
    }
    return [{ from, to, slot: step.slot, wiped }];
  });
}

const withWait = (step: RegimenStep, after: Wait): RegimenStep => ({ ...step, wait: after });

/** Strikes the coats of a material after a step, with what belongs to them. What is left waits as the last of them would have. */
function strike(steps: readonly RegimenStep[], { slot, after }: StepChange): RegimenStep[] {
  const past = after === null ? -1 : steps.findIndex((step) => step.id === after);
  if (after !== null && past < 0) return [...steps];
  const groups = coatGroups(steps);
  const gone = groups.filter((group) => group.slot === slot && group.from > past);
  const kept = groups.findLast((group) => group.slot === slot && group.from <= past);
  const last = gone.at(-1);
  if (!last) return [...steps];
  // A coat laid wet on wet still wants the wipe that ends the last of them.
  const wipeStays = kept !== undefined && !kept.wiped;
  const struck = new Set(
    gone.flatMap((group) =>
      Array.from({ length: group.to - group.from + 1 }, (_, i) => group.from + i).filter(
        (index) => index === group.from || group !== last || !wipeStays,
      ),
    ),
  );
  const left = steps.flatMap((step, index) => (struck.has(index) ? [] : [{ step, index }]));
  if (!kept || wipeStays) return left.map(({ step }) => step);
  const final = steps[last.to]?.wait;
  // Only where nothing else lies between does the wait of the last struck coat pass to the one that is kept.
  const isNext = groups.every((group) => group.from <= kept.from || group.from > last.to || gone.includes(group));
  return left.map(({ step, index }) => (final && isNext && index === kept.to ? withWait(step, final) : step));
}

/** The step after which one more coat of a material would come: its last coat with what belongs to it. */
const lastGroup = (groups: readonly CoatGroup[], slot: string): CoatGroup | undefined =>
  groups.findLast((group) => group.slot === slot);

/** Repeats the last coat of a material: where that stands, or, once work has gone past it, before what comes next. */
function repeat(steps: readonly RegimenStep[], { id, slot, after }: StepChange): RegimenStep[] {
  const groups = coatGroups(steps);
  const last = lastGroup(groups, slot);
  const coat = last && steps[last.from];
  if (!last || !coat?.coatClass) return [...steps];
  const before = groups.findLast((group) => group.slot === slot && group.from < last.from);
  const past = after === null ? -1 : steps.findIndex((step) => step.id === after);
  const copy = (step: RegimenStep): RegimenStep => ({
    ...step,
    id: withKey(step.id, { added: [...readTaskKey(step.id).added, id] }),
    optional: false,
  });
  const next = { ...copy(coat), coat: (coat.coat ?? 1) + 1 };
  // Wet on wet, and not wiped yet: one more is laid before the wipe.
  const isWetOnWet = before !== undefined && before.to === before.from && before.from + 1 === last.from;
  if (isWetOnWet && past <= last.from) return [...steps.slice(0, last.from + 1), next, ...steps.slice(last.from + 1)];
  const rest = before && before.to > before.from ? steps[before.to]?.wait : BETWEEN[coat.coatClass];
  const tail = steps.slice(last.from + 1, last.to + 1).map(copy);
  const again = [next, ...tail];
  const at = Math.max(last.to, past);
  // The wait that came after the last coat comes after the new one; between the two there is the usual rest.
  const moved = at === last.to;
  const final = steps[last.to]?.wait;
  const added = again.map((step, i) => (i === again.length - 1 && final ? withWait(step, final) : step));
  return [
    ...steps.slice(0, at + 1).map((step, i) => (moved && i === last.to && rest ? withWait(step, rest) : step)),
    ...added,
    ...steps.slice(at + 1),
  ];
}

/**
 * The steps of a batch as they were changed while it ran, in the order the changes were made: coats added and struck, with what belongs to
 * them. Nothing that was done is ever struck: a change names the step it comes after.
 */
export const withChanges = (steps: readonly RegimenStep[], changes: readonly StepChange[]): RegimenStep[] =>
  changes.reduce<RegimenStep[]>(
    (now, change) => (change.kind === 'last' ? strike(now, change) : repeat(now, change)),
    [...steps],
  );

/** What a label's number of coats changes in a regimen at its start: coats more than it gives, or the step after which no more is given. */
export function byLabelCoats(
  steps: readonly RegimenStep[],
  slot: string,
  coats: number,
): { readonly more: number; readonly lastAfter: string | null } {
  const own = coatGroups(steps).filter((group) => group.slot === slot);
  const nth = own[coats - 1];
  return {
    more: own.length === 0 ? 0 : Math.max(0, coats - own.length),
    lastAfter: nth && own.length > coats ? (steps[nth.from]?.id ?? null) : null,
  };
}

/** The steps of a regimen with as many coats as labels ask for, before a batch is begun. */
export const labelledSteps = (
  steps: readonly RegimenStep[],
  coats: Readonly<Record<string, number | null>>,
): readonly RegimenStep[] =>
  Object.entries(coats).reduce<readonly RegimenStep[]>((now, [slot, wanted]) => {
    if (wanted === null) return now;
    const { more, lastAfter } = byLabelCoats(now, slot, wanted);
    const added = Array.from({ length: more }, (_, i): StepChange => ({ id: i, kind: 'another', slot, after: null }));
    return withChanges(now, lastAfter === null ? added : [{ id: 0, kind: 'last', slot, after: lastAfter }]);
  }, steps);

const WAXED: readonly FinishClass[] = ['wax-paste', 'oil-wax'];

/** What a piece's owner will meet once coats were struck: bare wood where none is left, an oil alone where its wax was left out. */
export function careGiven(careClass: CareClass, steps: readonly RegimenStep[]): CareClass {
  const left = steps.flatMap((step) => (drawsLot(step) && step.coatClass ? [step.coatClass] : []));
  if (left.length === 0) return 'bare';
  if (left.some((one) => WAXED.includes(one))) return careClass;
  const { withoutWax, dries } = careTraits(careClass);
  if (withoutWax === null) return careClass;
  return dries && left.every((one) => one === 'film') ? 'film' : withoutWax;
}
