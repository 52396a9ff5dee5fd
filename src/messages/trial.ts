import { type Reads, say } from '@/core/quantity';
import {
  type Bearer,
  kindTraits,
  type TreatmentAnswer,
  type TrialAnswer,
  type TrialKind,
  type TrialVerdict,
  type Wear,
} from '@/core/trial';

type KindWords = {
  readonly name: string;
  /** What whoever scores is asked. */
  readonly asks: string;
  /** Five grades, worst first; none where it is not graded. */
  readonly grades: readonly [string, string, string, string, string] | null;
};

export const TRIAL_KIND_WORDS: Readonly<Record<TrialKind, KindWords>> = {
  gloss: {
    name: 'Gloss kept',
    asks: 'Look along the field towards the light: how does it shine?',
    grades: ['dull and dry', 'mostly dull', 'a soft sheen in places', 'an even sheen', 'as on the first day'],
  },
  'colour-kept': {
    name: 'Colour kept, by eye',
    asks: 'Beside the bare field: how much of its first depth is left?',
    grades: ['as pale as bare wood', 'nearly bare', 'half of it', 'a little paler', 'as on the first day'],
  },
  feel: {
    name: 'Feel',
    asks: 'Fingertips along the grain: how does it feel?',
    grades: ['rough or sticky', 'raised or greasy', 'a little raised', 'smooth', 'smooth, dry and warm'],
  },
  drop: {
    name: 'Water drop',
    asks: 'One drop on the field: seconds until it no longer shines.',
    grades: null,
  },
  'wash-out': {
    name: 'Held against washing',
    asks: 'Wet it once and dry it: how much of the finish is left?',
    grades: ['none: it greys at once', 'only in the pores', 'patches', 'a little less', 'all of it'],
  },
  odour: {
    name: 'Odour',
    asks: 'Nose to the field, after an hour under a glass: does it smell?',
    grades: ['strong', 'clear', 'faint', 'only if one knows', 'of nothing but wood'],
  },
  'over-paint': {
    name: 'Paint under the oil',
    asks: 'Rub the painted edge with a dry white cloth: what comes off?',
    grades: ['it lifts', 'much colour', 'some colour', 'a trace', 'nothing'],
  },
  'knife-marks': {
    name: 'Knife marks',
    asks: 'Ten cuts: how much do they show?',
    grades: ['white chips', 'pale and wide', 'pale lines', 'fine lines', 'hardly to be seen'],
  },
  darkened: { name: 'Darker than bare', asks: 'Read from a picture in even light, beside the bare field.', grades: null },
  'shift-since': { name: 'Colour shift since the first picture', asks: 'Read from pictures in even light.', grades: null },
  shine: { name: 'Glare under the low lamp', asks: 'Read from a picture under the low lamp.', grades: null },
};

export const WEAR_WORDS: Readonly<
  Record<
    Wear,
    { readonly name: string; readonly one: string; readonly many: string; readonly counts: string; readonly protocol: string }
  >
> = {
  wash: {
    name: 'Washing',
    one: 'wash',
    many: 'washes',
    counts: 'One wash done',
    protocol:
      'Two minutes in hand-warm water with two drops of washing-up liquid to the litre; twenty strokes with the soft side of a sponge along each field; rinse; wipe; on edge until dry to the touch. One wash a day, no more.',
  },
  sun: {
    name: 'Sun',
    one: 'day of sun',
    many: 'days of sun',
    counts: 'One day of sun done',
    protocol:
      'Flat on a south sill behind glass from morning to evening, turned end for end at noon; half of each field under a strip of card.',
  },
  heat: {
    name: 'Heat',
    one: 'hot cup',
    many: 'hot cups',
    counts: 'One hot cup done',
    protocol:
      'A cup filled from the kettle set on each field until it has cooled, then wiped dry. Mind the hand: the cup is hot, not the board.',
  },
  knife: {
    name: 'Knife',
    one: 'round of cuts',
    many: 'rounds of cuts',
    counts: 'One round of cuts done',
    protocol:
      'Ten strokes across each field with one kitchen knife, the same hand, a wet carrot between. Cut away from the other hand.',
  },
};

export const BEARER_WORDS: Readonly<
  Record<Bearer, { readonly name: string; readonly one: string; readonly many: string; readonly says: string }>
> = {
  boards: { name: 'Boards', one: 'board', many: 'boards', says: 'every finish once on each board' },
  halves: { name: 'One board in halves', one: 'board', many: 'boards', says: 'one finish, the other half bare' },
  spoon: { name: 'Spoons in halves', one: 'spoon', many: 'spoons', says: 'one finish, the other half bare' },
  scrap: {
    name: 'A test scrap',
    one: 'scrap',
    many: 'scraps',
    says: 'kept as a reference; it says how it looks, not which is better',
  },
};

/** A value of a kind as it is read: `3.5`, `42 s`, `ΔE 4.1`, `12 %`. */
export function sayValue(kind: TrialKind, value: number, reads: Reads): string {
  switch (kindTraits(kind).unit) {
    case 's':
      return `${Math.round(value)} s`;
    case 'dE':
      return `ΔE ${value.toFixed(1)}`;
    case 'share':
      return say(value, 'fraction', reads);
    default:
      return value.toFixed(1);
  }
}

/** A difference of a kind, with its sign. */
export function sayDifference(kind: TrialKind, value: number, reads: Reads): string {
  const sign = value > 0 ? '+' : value < 0 ? '−' : '±';
  return kindTraits(kind).unit === 'dE'
    ? `${sign}${Math.abs(value).toFixed(1)}`
    : `${sign}${sayValue(kind, Math.abs(value), reads)}`;
}

const VERDICTS: Readonly<Record<TrialVerdict, string>> = {
  reference: 'compared against',
  'too-few': 'too few to say',
  better: 'better',
  worse: 'worse',
  'no-difference-shown': 'no difference shown',
};

/** What a verdict says of a kind: darker is neither better nor worse, it is darker. */
export const sayVerdict = (kind: TrialKind, verdict: TrialVerdict): string =>
  kind === 'darkened' && verdict === 'better'
    ? 'lighter'
    : kind === 'darkened' && verdict === 'worse'
      ? 'darker'
      : VERDICTS[verdict];

/** What a treatment's answer says, in a sentence. */
export function sayTreatment(kind: TrialKind, name: string, against: string, one: TreatmentAnswer, reads: Reads): string {
  if (one.verdict === 'reference') return `${name}: ${sayValue(kind, one.mean, reads)}; the others are compared against it.`;
  if (one.verdict === 'too-few' || one.low === null || one.high === null || one.probBetter === null)
    return `${name}: ${sayValue(kind, one.mean, reads)}. Too few boards to say more.`;
  const span = `${sayDifference(kind, one.low, reads)} to ${sayDifference(kind, one.high, reads)}`;
  const chance = Math.round(Math.min(0.99, Math.max(0.01, one.probBetter)) * 100);
  const verdict =
    one.verdict === 'better'
      ? `${sayVerdict(kind, 'better')} than ${against}`
      : one.verdict === 'worse'
        ? `${sayVerdict(kind, 'worse')} than ${against}`
        : `no difference to ${against} shown`;
  return `${name}: ${verdict}, by ${sayDifference(kind, one.difference, reads)} (${span}, four times in five); ${chance} in 100 that it is ${sayVerdict(kind, 'better')}.`;
}

/** So many boards, or what they are: `5 spoons`. */
export const sayBoards = (count: number, bearer: Bearer): string =>
  `${count} ${count === 1 ? BEARER_WORDS[bearer].one : BEARER_WORDS[bearer].many}`;

const listed = (names: readonly string[]): string =>
  names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join('; ')} and ${names.at(-1)}`;

/** The whole answer in one line, for a list and for a slip of paper: the best, what is worse than it, what is not; or that there are too few. */
export function sayAnswer(
  kind: TrialKind,
  { wear, bearer }: { readonly wear: Wear; readonly bearer: Bearer },
  best: TrialAnswer,
  nameOf: (id: string) => string,
): string {
  const asked = TRIAL_KIND_WORDS[kind].name.toLowerCase();
  const boards = `${sayBoards(best.blocks, bearer)}, after ${sayCycles(best.atCycle, wear)}`;
  if (best.treatments.some((one) => one.verdict === 'too-few')) return `Too few to say which is better in ${asked}: ${boards}.`;
  const named = (verdict: TrialVerdict): string =>
    listed(best.treatments.filter((one) => one.verdict === verdict).map((one) => nameOf(one.id)));
  const [worse, alike] = [named('worse'), named('no-difference-shown')];
  const parts = [
    kind === 'darkened' ? `${nameOf(best.against)} is the lightest` : `${nameOf(best.against)} comes out best in ${asked}`,
    worse ? `${sayVerdict(kind, 'worse')}: ${worse}` : '',
    alike ? `no difference shown to ${alike}` : '',
  ].filter(Boolean);
  return worse ? `${parts.join('; ')}. ${boards}.` : `No difference in ${asked} shown. ${boards}.`;
}

/** So many cycles: `16 washes`. */
export const sayCycles = (count: number, wear: Wear): string =>
  `${count} ${count === 1 ? WEAR_WORDS[wear].one : WEAR_WORDS[wear].many}`;

/** Cycles until it must be renewed. */
export const sayCyclesTo = (cyclesTo: number | null | undefined, wear: Wear, wornAtFirst = false): string =>
  wornAtFirst ? 'worn from the beginning' : cyclesTo == null ? 'not worn yet' : `about ${sayCycles(Math.round(cyclesTo), wear)}`;
