/** How something is scored: on five grades that a person says, in seconds by the clock, or read from a picture. */
type KindTraits = {
  readonly unit: 'grade' | 's' | 'dE' | 'share';
  readonly better: 'high' | 'low';
  /** Where it must be renewed, in its own unit. Source: working estimates. */
  readonly threshold: number;
  /** The light a picture of it is taken in; null where a person says it. */
  readonly from: 'even' | 'low' | null;
  /** Whether washing takes it away: only then a trial may move how often an owner is asked to look. */
  readonly washes: boolean;
};

export const KIND_TRAITS = {
  gloss: { unit: 'grade', better: 'high', threshold: 2, from: null, washes: true },
  'colour-kept': { unit: 'grade', better: 'high', threshold: 2, from: null, washes: false },
  feel: { unit: 'grade', better: 'high', threshold: 2, from: null, washes: true },
  drop: { unit: 's', better: 'high', threshold: 60, from: null, washes: true },
  'wash-out': { unit: 'grade', better: 'high', threshold: 2, from: null, washes: true },
  odour: { unit: 'grade', better: 'high', threshold: 3, from: null, washes: false },
  'over-paint': { unit: 'grade', better: 'high', threshold: 3, from: null, washes: false },
  'knife-marks': { unit: 'grade', better: 'high', threshold: 2, from: null, washes: false },
  darkened: { unit: 'dE', better: 'low', threshold: 12, from: 'even', washes: false },
  'shift-since': { unit: 'dE', better: 'low', threshold: 6, from: 'even', washes: false },
  shine: { unit: 'share', better: 'high', threshold: 0.02, from: 'low', washes: true },
} as const satisfies Readonly<Record<string, KindTraits>>;

/** What is asked of a trial. */
export type TrialKind = keyof typeof KIND_TRAITS;
export const TRIAL_KINDS = Object.keys(KIND_TRAITS) as [TrialKind, ...TrialKind[]];
/** Kinds that a person scores. */
export const SAID_KINDS = TRIAL_KINDS.filter((kind) => KIND_TRAITS[kind].from === null);
export const kindTraits = (kind: TrialKind): KindTraits => KIND_TRAITS[kind];

/** The grades of a scale, worst first. */
export const GRADES = [1, 2, 3, 4, 5] as const;
/** A drop is watched no longer than this, seconds. */
export const LONGEST_DROP_S = 3600;

/** The lowest and the highest a score of a kind may be. */
export const rangeOf = (kind: TrialKind): readonly [least: number, most: number] =>
  (({ grade: [1, 5], s: [0, LONGEST_DROP_S], dE: [0, 200], share: [0, 1] }) as const)[KIND_TRAITS[kind].unit];

/** What wears a field, counted one by one. */
export const WEARS = ['wash', 'sun', 'heat', 'knife'] as const;
export type Wear = (typeof WEARS)[number];

/** What a trial is made on: boards with fields, one in two halves, or a single scrap kept as a reference. */
export const BEARERS = ['boards', 'halves', 'spoon', 'scrap'] as const;
export type Bearer = (typeof BEARERS)[number];
