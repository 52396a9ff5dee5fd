import type { FinishClass } from '@/core/piece';
import { STEP_TRAITS, type StepKind } from './kinds';
import type { RegimenStep } from './schema';

/** Minutes per piece are those of a piece of this surface, m²; a smaller one takes less, but never less than this share. Source: working estimates. */
export const HANDS_AREA = { m2: 0.22, leastShare: 1 / 3 } as const;
/** How much longer hands are over a piece than over one of bread-board size; setting up takes as long as ever. */
export const handsScale = ({ areaMm2 }: { readonly areaMm2: number }): number =>
  Math.max(HANDS_AREA.leastShare, (areaMm2 * 1e-6) / HANDS_AREA.m2);
/** Minutes of hands over so many pieces at one step. */
export const handsMin = (step: Pick<RegimenStep, 'setupMin' | 'perPieceMin'>, pieces: number, scale: number): number =>
  // A hair is taken off before rounding up: 3 × 1.1 is 3.3000000000000003 to a computer.
  Math.ceil(step.setupMin + pieces * step.perPieceMin * scale - 1e-9);

/** What a regimen of many coats in a day counts on: fit within a week at 20 °C. Source: cure/a0, oils with driers and heat-bodied tung. */
export const QUICK_HOURS = 168;

const HOUR = 60;
export const hours = (value: number): number => value * HOUR;

/** A wait of least, ideal and most minutes; null where nothing spoils. */
export const wait = (min: number, ideal: number, max: number | null): RegimenStep['wait'] => ({ min, ideal, max });
export const NONE = wait(0, 0, null);

type Extra = Partial<Omit<RegimenStep, 'id' | 'kind' | 'wait'>>;

/** A step of one kind with the hands that are usual for it. */
export function step(
  kind: StepKind,
  id: string,
  action: string,
  done: string,
  after: RegimenStep['wait'],
  extra: Extra = {},
): RegimenStep {
  return {
    id,
    kind,
    action,
    done,
    setupMin: STEP_TRAITS[kind].setupMin,
    perPieceMin: STEP_TRAITS[kind].perPieceMin,
    wait: after,
    slot: null,
    lies: null,
    coatClass: null,
    coat: null,
    until: null,
    expect: 1,
    againMin: 0,
    place: null,
    optional: false,
    note: '',
    labelRule: '',
    governs: null,
    whenBelowC: null,
    surfaces: [],
    house: null,
    looksBy: null,
    ...extra,
  };
}

export const sandStep = (grit: number, after = NONE, extra: Extra = {}): RegimenStep =>
  step('sand', `sand-${grit}`, `Sand to ${grit}`, `Sanded to ${grit}`, after, { place: 'bench', grit, ...extra });

/** Raise the grain and let it dry before knocking it back. */
export const wetStep = (dryMin: number): RegimenStep =>
  step('wet', 'wet', 'Wet to raise the grain', 'Wetted', wait(dryMin, dryMin, null), { place: 'rack' });

/** Sanding, wetting and knocking back as most regimens begin. */
export const raiseGrain = (first: number, last: number): RegimenStep[] => [
  sandStep(first),
  wetStep(120),
  step('sand', `knock-back-${last}`, `Knock back with ${last}, dust off`, 'Knocked back', NONE, { place: 'bench', grit: last }),
];

type Coat = { readonly slot: string; readonly coat: number; readonly lies: 'flooded' | 'thin'; readonly coatClass: FinishClass };

/** A coat of the slot's material and its dwell. */
export const coatStep = (
  id: string,
  action: string,
  done: string,
  dwell: RegimenStep['wait'],
  of: Coat,
  extra: Extra = {},
): RegimenStep => step('coat', id, action, done, dwell, { ...of, place: 'bench', ...extra });

export const wipeStep = (id: string, rest: RegimenStep['wait'], extra: Extra = {}): RegimenStep =>
  step('wipe', id, 'Wipe until dry, turn the cloth', 'Wiped', rest, { place: 'rack', ...extra });

export const buffStep = (id: string, after: RegimenStep['wait'], extra: Extra = {}): RegimenStep =>
  step('buff', id, 'Buff', 'Buffed', after, { place: 'rack', ...extra });

/** The look before release, repeated until it passes. */
export const lastCheck = (): RegimenStep =>
  step('check', 'check', 'Check: press clean paper on', 'Checked', NONE, { place: 'bench', until: 'towel' });
