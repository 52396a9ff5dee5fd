import type { RegimenStep } from '../regimen';
import {
  buff,
  coat,
  endsCoat,
  governsOf,
  handsMin,
  hours,
  lastGrit,
  type RoomOf,
  sand,
  step,
  wait,
  waitInRoom,
  wipe,
} from '../regimen';
import { type Fact, turnsOf } from './progress';
import type { DwellBound } from './schedule';
import { againAfter, type Task } from './task';
import { readTaskKey, stepOfTask, type TaskKey, withKey, writeTaskKey } from './task-key';

/** What can be seen amiss on a surface while the work goes on. */
export const FAULTS = [
  'scratch',
  'tool-mark',
  'torn-fibre',
  'raised-fibre',
  'bark',
  'knot',
  'damp',
  'split',
  'gummed',
  'dry-spots',
  'missed-spot',
  'streak',
  'puddle',
  'run',
  'dust',
  'print',
  'wrinkle',
  'ring-mark',
  'rings',
  'cut-through',
  'white-bloom',
  'weeping',
  'rancid',
] as const;
export type Fault = (typeof FAULTS)[number];

/** The ways back. */
export const WAYS = [
  'rewet',
  'pad-off',
  'rewet-spots',
  'smooth-and-oil',
  'recoat-face',
  'harden-and-recoat',
  'wipe-daily',
  'sand-again',
  'sand-out',
  'level-and-recoat',
  'clear-bloom',
  'sand-off',
] as const;
export type Way = (typeof WAYS)[number];

/** What the way back needs of the batch: the slot and class of the coat it mends, and how that lies. */
type Mended = {
  readonly slot: string;
  readonly coatClass: NonNullable<RegimenStep['coatClass']>;
  readonly coat: number;
  /** The last grit before the first coat; what is smoothed is smoothed as fine. */
  readonly grit: number;
};

const again = (
  id: string,
  action: string,
  done: string,
  dwell: RegimenStep['wait'],
  { slot, coatClass, coat: n }: Mended,
): RegimenStep => coat(id, action, done, dwell, { slot, coatClass, coat: n + 1, lies: 'thin' });
const REST = wait(hours(12), hours(24), null);

const smooth = (grit: number, id: string): RegimenStep => ({
  ...sand(grit),
  id,
  action: `Sand with ${grit} along the grain, dust off`,
  done: 'Sanded',
});

/** The steps of each way back (practice.md, what goes wrong), each with its own windows. Waits are working estimates, minutes. */
const STEPS: Readonly<Record<Way, (of: Mended) => readonly RegimenStep[]>> = {
  rewet: (of) => [
    again('rewet', 'Re-wet with the same oil and scrub', 'Re-wetted', wait(5, 10, 15), of),
    wipe('rewet-wipe', REST),
  ],
  'pad-off': (of) => [
    again('pad', 'Rub off with a fine pad and solvent-free oil', 'Rubbed off', wait(5, 10, 15), of),
    wipe('pad-wipe', REST),
  ],
  'rewet-spots': (of) => [again('spots', 'Re-wet the dry spots', 'Re-wetted', wait(5, 10, 20), of), wipe('spots-wipe', REST)],
  'smooth-and-oil': (of) => [
    { ...sand(of.grit), id: 'smooth', action: `Smooth with ${of.grit}, dust off`, done: 'Smoothed' },
    again('re-oil', 'Rub on a thin coat where it was smoothed', 'Re-oiled', wait(5, 10, 20), of),
    wipe('re-oil-wipe', REST),
  ],
  'recoat-face': (of) => [again('recoat', 'Recoat that face', 'Recoated', wait(5, 10, 20), of), wipe('recoat-wipe', REST)],
  'harden-and-recoat': (of) => [
    step('turn', 'harden', 'Set aside to harden', 'Set aside', wait(hours(24), hours(24), null), {
      perPieceMin: 0,
      place: 'rack',
    }),
    again('recoat', 'Rub on a thin coat', 'Recoated', wait(5, 10, 20), of),
    buff('recoat-buff', REST),
  ],
  'wipe-daily': () => [
    wipe('weep', wait(hours(12), hours(24), null), {
      action: 'Wipe in the warm; press clean paper on',
      done: 'Wiped',
      until: 'towel',
      expect: 2,
      againMin: hours(24),
      note: 'Daily until the paper stays clean.',
    }),
  ],
  'sand-again': (of) => [smooth(of.grit, 'again')],
  'sand-out': (of) => [
    smooth(120, 'coarse'),
    smooth(of.grit, 'fine'),
    again('re-oil', 'Rub on a thin coat where it was sanded', 'Re-oiled', wait(5, 10, 20), of),
    wipe('re-oil-wipe', REST),
  ],
  'level-and-recoat': (of) => [
    step('turn', 'harden', 'Set aside to harden', 'Set aside', wait(hours(24), hours(24), null), {
      perPieceMin: 0,
      place: 'rack',
    }),
    { ...smooth(320, 'level'), action: 'Level with 320 or a fine pad, dust off', done: 'Levelled' },
    again('recoat', 'Lay on one thin coat', 'Recoated', wait(5, 10, 20), of),
    wipe('recoat-wipe', REST),
  ],
  'clear-bloom': () => [
    step('turn', 'clear', 'Draw a pad with a few drops of spirit over it, once', 'Drawn over', wait(hours(2), hours(12), null), {
      place: 'rack',
      note: 'In dry, warm air. Moving air, no flame; it softens the film, so never go over it twice.',
    }),
  ],
  'sand-off': (of) => [
    step('turn', 'harden', 'Set aside until it can be sanded', 'Set aside', wait(hours(24), hours(48), null), {
      perPieceMin: 0,
      place: 'rack',
    }),
    { ...smooth(120, 'off'), action: 'Sand that face off to the wood with 120, dust off' },
    smooth(of.grit, 'fine'),
    again('anew', 'Lay on a thin coat', 'Recoated', wait(5, 10, 20), of),
    wipe('anew-wipe', REST),
  ],
};

/** What is offered for each fault, the likeliest first; none where the way back is no step of this batch. */
export const OFFERS: Readonly<Record<Fault, readonly Way[]>> = {
  scratch: ['smooth-and-oil'],
  'tool-mark': ['sand-out'],
  'torn-fibre': ['sand-out', 'smooth-and-oil'],
  'raised-fibre': ['smooth-and-oil'],
  bark: [],
  knot: [],
  damp: [],
  split: [],
  gummed: ['rewet', 'pad-off'],
  'dry-spots': ['rewet-spots'],
  'missed-spot': ['rewet-spots'],
  streak: ['rewet-spots', 'level-and-recoat'],
  puddle: ['rewet', 'pad-off'],
  run: ['level-and-recoat'],
  dust: ['level-and-recoat'],
  print: ['level-and-recoat'],
  wrinkle: ['sand-off'],
  'ring-mark': ['smooth-and-oil'],
  rings: ['harden-and-recoat'],
  'cut-through': ['recoat-face'],
  'white-bloom': ['clear-bloom', 'sand-off'],
  weeping: ['wipe-daily'],
  rancid: [],
};

/** What is in the wood itself: it can be seen before any finish is on. */
const IN_THE_WOOD: readonly Fault[] = ['scratch', 'tool-mark', 'torn-fibre', 'raised-fibre', 'bark', 'knot', 'damp', 'split'];
/** Of those, what sanding mends before any finish is on. */
const SANDED_OUT: readonly Fault[] = ['scratch', 'tool-mark', 'torn-fibre', 'raised-fibre'];

/** What can be seen amiss where nothing on a piece dries: no surplus gums, no set coat runs, wrinkles or is cut through. */
const ONLY_WHERE_IT_DRIES: readonly Fault[] = [
  'gummed',
  'cut-through',
  'rings',
  'run',
  'dust',
  'print',
  'wrinkle',
  'white-bloom',
];

/** The faults that can be seen on what a piece was finished with; before any finish is on, those of the wood. */
export const faultsFor = (dries: boolean, coated = true): readonly Fault[] =>
  FAULTS.filter((fault) => (coated || IN_THE_WOOD.includes(fault)) && (dries || !ONLY_WHERE_IT_DRIES.includes(fault)));

/** Past this long a gummed surplus no longer softens in oil alone, minutes. Source: practice.md. */
export const GUMMED_PAST_MIN = 24 * 60;

/** The ways back for a fault, the one that suits first: past a day gummed surplus wants the pad; before any finish is on, sanding is all. */
export function waysFor(fault: Fault, overdueMin: number, coated = true): readonly Way[] {
  if (!coated) return SANDED_OUT.includes(fault) ? ['sand-again'] : [];
  return fault === 'gummed' && overdueMin > GUMMED_PAST_MIN ? [...OFFERS.gummed].reverse() : OFFERS[fault];
}

/** Stands for the place after the last step. */
export const AT_THE_END = 'end';

/** A way back that was taken up: which, its own id, and the task it stands before; or that it stands at the end. */
export type TakenWay = { readonly id: number; readonly way: Way; readonly beforeTask: string; readonly at?: number };

/** As fine as a spot is smoothed where nothing says how the rest was sanded. Source: practice.md. */
const USUAL_GRIT = 220;

/** The coat that a way back mends: the last one before a task, or the first there is. */
function mendedBefore(tasks: readonly Task[], index: number): Mended | null {
  const coats = tasks.filter((task) => task.step.slot !== null && task.step.coatClass !== null);
  const last = tasks.slice(0, index).findLast((task) => coats.includes(task)) ?? coats[0];
  return last?.step.slot && last.step.coatClass
    ? {
        slot: last.step.slot,
        coatClass: last.step.coatClass,
        coat: last.step.coat ?? 1,
        grit: lastGrit({ steps: tasks.map((task) => task.step) }) ?? USUAL_GRIT,
      }
    : null;
}

const cut = ({ wait: { min, ideal, max } }: RegimenStep, most: number | null): RegimenStep['wait'] =>
  most === null
    ? { min, ideal, max }
    : { min: Math.min(min, most), ideal: Math.min(ideal, most), max: max === null ? most : Math.min(max, most) };

/**
 * Where a task stands, or would stand: one that was struck since, or is cut into other rounds now, gives its place to what comes after it
 * in the order the steps were written in.
 */
function placeOf(tasks: readonly Task[], key: string, order: readonly string[]): number {
  const exact = tasks.findIndex((task) => task.key === key);
  if (exact >= 0 || readTaskKey(key).way) return exact;
  const from = order.indexOf(stepOfTask(key));
  if (from < 0) return -1;
  const next = order.slice(from).map((id) => tasks.findIndex((task) => task.step.id === id));
  return next.find((index) => index >= 0) ?? tasks.length;
}

/** How ways back are placed: hands against a bread board's, the order steps were written in, and when each change of the coats was made. */
type Placing = {
  readonly scale?: number;
  readonly order?: readonly string[];
  readonly addedAt?: ReadonlyMap<number, number>;
  readonly room?: RoomOf | undefined;
};

/** The change that added a step; 0 where none did. */
const changeOf = (task: Task | undefined): number => readTaskKey(task?.step.id ?? '').added.at(-1) ?? 0;

/** A step of a way back as a task of the batch, its wait within what the material in hand bears and as the room makes it. */
function asTask(
  { step: one, next, slot }: { readonly step: RegimenStep; readonly next: RegimenStep | undefined; readonly slot: string },
  way: TaskKey['way'],
  pieces: number,
  bound: DwellBound,
  { scale = 1, room }: Placing,
): Task {
  const most = one.slot && one.lies ? (bound(one.slot)?.[one.lies] ?? null) : null;
  const base = cut(one, most);
  const air = room?.(one, base) ?? null;
  const made = waitInRoom(base, governsOf(one, next, bound(slot)), air, false);
  const at = made ? { min: made.min, ideal: made.ideal, max: made.max } : base;
  return {
    key: writeTaskKey({ step: one.id, way }),
    step: { ...one, wait: at },
    round: 1,
    rounds: 1,
    pieces,
    handsMin: handsMin(one, pieces, scale),
    wait: at,
    ...(made && air ? { room: { base, wait: at, air, advise: made.advise } } : {}),
  };
}

/** Puts the steps of the ways back where they belong. Where a wipe or a buff is next anyway, the way back's own is left out. */
export function withRecoveries(
  tasks: readonly Task[],
  taken: readonly TakenWay[],
  pieces: number,
  bound: DwellBound,
  placing: Placing = {},
): Task[] {
  const { order = [], addedAt = new Map() } = placing;
  let all = [...tasks];
  for (const { id, way, beforeTask, at: takenAt = 0 } of taken) {
    let index = beforeTask === AT_THE_END ? all.length : placeOf(all, beforeTask, order);
    // Coats that were added since it was taken up come after it.
    while (index > 0 && (addedAt.get(changeOf(all[index - 1])) ?? 0) > takenAt) index--;
    const mended = mendedBefore(all, index);
    if (index < 0 || !mended) continue;
    const next = all[index]?.step;
    const steps = STEPS[way](mended);
    const endsAlike = next !== undefined && endsCoat(next) && steps.slice(1).slice(-1).some(endsCoat);
    const inserted = (endsAlike ? steps.slice(0, -1) : steps).map((step, i) =>
      asTask({ step, next: steps[i + 1], slot: mended.slot }, { kind: way, id }, pieces, bound, placing),
    );
    all = [...all.slice(0, index), ...inserted, ...all.slice(index)];
  }
  return all;
}

/** A way back that is repeated until its check passes stands as often as it is reckoned to, and once more for every time it failed. */
export const withTurns = (tasks: readonly Task[], facts: readonly Fact[]): Task[] =>
  tasks.flatMap((task) => {
    if (!readTaskKey(task.key).way) return [task];
    const count = turnsOf(facts, [{ ...task.step, id: task.key }])[task.key] ?? 1;
    return Array.from({ length: count }, (_, i) => ({
      ...task,
      key: withKey(task.key, { turn: i + 1 }),
      wait: i + 1 < count ? againAfter(task.step) : task.wait,
    }));
  });
