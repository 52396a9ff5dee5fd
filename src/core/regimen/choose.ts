import type { Blend } from '@/core/blend';
import { a0Of, priorFactor } from '@/core/cure';
import { ingredientOf } from '@/core/material';
import type { Regimen, Slot } from './schema';
import { suits } from './suits';

/** What a piece will meet, who owns it, and what is wished of its finish. */
export const MEETS = ['knife', 'mouth', 'hot', 'hands', 'display', 'closed-box'] as const;
export const OWNERS = ['re-oils', 'will-not', 'unknown'] as const;
export const SHINES = ['any', 'matt', 'gloss'] as const;
export const COLOURS = ['any', 'as-it-is', 'warm'] as const;
export type Meet = (typeof MEETS)[number];

export type Wish = {
  readonly meets: readonly Meet[];
  readonly owner: (typeof OWNERS)[number];
  readonly avoid: readonly string[];
  /** Days until it must leave the shop; null: no hurry. */
  readonly days: number | null;
  readonly shine: (typeof SHINES)[number];
  readonly colour: (typeof COLOURS)[number];
};

/** A lot that might be used. */
export type Candidate = { readonly id: number; readonly number: string; readonly title: string; readonly nature: Blend };

/** Why a finish is refused outright, or what it gains and costs for this wish. */
export type ReasonCode =
  | 'film-under-knife'
  | 'film-in-mouth'
  | 'allergen'
  | 'not-for-food'
  | 'too-late'
  | 'nothing-in-stock'
  | 'renewed-by-owner'
  | 'washes-out'
  | 'lasts-without-care'
  | 'owner-unknown-safe'
  | 'stands-heat'
  | 'marks-with-heat'
  | 'smell-stays'
  | 'no-smell'
  | 'shines'
  | 'stays-matt'
  | 'keeps-colour'
  | 'warms-colour'
  | 'quick';
export type Reason = { readonly code: ReasonCode; readonly with?: string };

export type Choice = {
  readonly regimen: Regimen;
  readonly lots: readonly { readonly slot: string; readonly lot: Candidate }[];
  readonly refused: readonly Reason[];
  readonly gains: readonly Reason[];
  readonly costs: readonly Reason[];
  /** Days from the first step until it is most likely fit, at 20 °C; an estimate that errs late. */
  readonly readyDays: number;
};

/** How many times its hours nine in ten finishes need, from the prior's own grid. */
const LATE_CURE = priorFactor(0.9);
const MINUTES_PER_DAY = 1440;
const SAFE: ReadonlySet<string> = new Set(['food-grade', 'once-cured']);

/** Weight of each reason in the ranking. Working estimates: what is wished most of a finish comes first. */
const WEIGHT: Readonly<Partial<Record<ReasonCode, number>>> = {
  'renewed-by-owner': 2,
  'lasts-without-care': 3,
  'owner-unknown-safe': 2,
  'washes-out': -3,
  'stands-heat': 2,
  'marks-with-heat': -2,
  'smell-stays': -2,
  'no-smell': 1,
  shines: 2,
  'stays-matt': 1,
  'keeps-colour': 1,
  'warms-colour': 1,
  quick: 1,
};

const touchesFood = ({ meets }: Wish): boolean => meets.some((meet) => meet === 'knife' || meet === 'mouth' || meet === 'hot');

/** Hours at 20 °C until it is fit for food; what stays tacky never is. */
const hoursOf = (nature: Blend): number =>
  a0Of(nature.lines.map((line) => ({ ingredient: ingredientOf(line.ingredient), w: line.massFraction })))?.hours ??
  Number.POSITIVE_INFINITY;

/** The lot of a slot that suits best: one without what is to be avoided, fit for food where food lies, soonest ready of those. */
function lotFor(
  slot: Slot,
  lots: readonly Candidate[],
  wish: Wish,
): { readonly lot: Candidate | null; readonly why: Reason | null } {
  const fitting = lots.filter((lot) => suits(slot, lot.nature, lot.number).ok);
  if (fitting.length === 0) return { lot: null, why: { code: 'nothing-in-stock', with: slot.name } };
  const clean = fitting.filter((lot) => !lot.nature.allergens.some((allergen) => wish.avoid.includes(allergen)));
  if (clean.length === 0) return { lot: null, why: { code: 'allergen', with: wish.avoid.join(', ') } };
  const safe = touchesFood(wish) ? clean.filter((lot) => SAFE.has(lot.nature.contact)) : clean;
  const soonest = [...safe].sort((a, b) => hoursOf(a.nature) - hoursOf(b.nature))[0];
  return soonest ? { lot: soonest, why: null } : { lot: null, why: { code: 'not-for-food', with: slot.name } };
}

/** What a finish gains and costs by the kind its owner will meet. */
function reasonsOf(regimen: Regimen, wish: Wish, readyDays: number): Reason[] {
  const { careClass } = regimen;
  const never = careClass === 'never-dry' || careClass === 'oil-wax';
  const film = careClass === 'film' || careClass === 'friction';
  const reasons: Reason[] = [];
  const add = (isSo: boolean, code: ReasonCode): void => {
    if (isSo) reasons.push({ code });
  };
  add(wish.owner === 're-oils' && (never || careClass === 'bare'), 'renewed-by-owner');
  add(
    wish.owner === 'will-not' &&
      (careClass === 'drying-oil' || careClass === 'drying-oil-wax' || careClass === 'hard-wax' || careClass === 'bare'),
    'lasts-without-care',
  );
  add(
    wish.owner === 'unknown' && (careClass === 'drying-oil' || careClass === 'drying-oil-wax' || careClass === 'hard-wax'),
    'owner-unknown-safe',
  );
  add(wish.owner !== 're-oils' && never, 'washes-out');
  add(
    wish.meets.includes('hot') && (careClass === 'hard-wax' || careClass === 'drying-oil' || careClass === 'bare'),
    'stands-heat',
  );
  add(wish.meets.includes('hot') && (film || careClass === 'oil-wax'), 'marks-with-heat');
  add(wish.meets.includes('closed-box') && (careClass === 'drying-oil' || careClass === 'drying-oil-wax'), 'smell-stays');
  add(wish.meets.includes('closed-box') && (careClass === 'friction' || careClass === 'bare' || never), 'no-smell');
  add(wish.shine === 'gloss' && film, 'shines');
  add(wish.shine === 'matt' && !film, 'stays-matt');
  add(wish.colour === 'as-it-is' && (never || careClass === 'bare'), 'keeps-colour');
  add(wish.colour === 'warm' && (careClass === 'drying-oil' || careClass === 'drying-oil-wax'), 'warms-colour');
  add(readyDays <= 3, 'quick');
  return reasons;
}

function choiceOf(regimen: Regimen, lots: readonly Candidate[], wish: Wish): Choice {
  const found = regimen.slots.map((slot) => ({ slot, ...lotFor(slot, lots, wish) }));
  const needed = found.filter(({ slot }) => regimen.steps.some((step) => step.slot === slot.slot && !step.optional));
  const chosen = found.flatMap(({ slot, lot }) => (lot ? [{ slot: slot.slot, lot }] : []));
  const waits = regimen.steps.reduce(
    (sum, step) => sum + step.setupMin + step.perPieceMin + (step.optional ? 0 : step.wait.ideal),
    0,
  );
  const cure = Math.max(0, ...chosen.map(({ lot }) => hoursOf(lot.nature))) * LATE_CURE;
  const readyDays = waits / MINUTES_PER_DAY + cure / 24;
  const film = !regimen.knifeSurface || chosen.some(({ lot }) => !lot.nature.knifeSurface);
  const refused: Reason[] = [
    ...(film && wish.meets.includes('knife') ? [{ code: 'film-under-knife' as const }] : []),
    ...(film && wish.meets.includes('mouth') ? [{ code: 'film-in-mouth' as const }] : []),
    ...needed.flatMap(({ why }) => (why ? [why] : [])),
    ...(wish.days !== null && readyDays > wish.days
      ? [{ code: 'too-late' as const, with: Math.ceil(readyDays).toString() }]
      : []),
  ];
  const reasons = reasonsOf(regimen, wish, readyDays);
  const weighs = ({ code }: Reason): number => WEIGHT[code] ?? 0;
  return {
    regimen,
    lots: chosen,
    refused,
    gains: reasons.filter((reason) => weighs(reason) > 0),
    costs: reasons.filter((reason) => weighs(reason) < 0),
    readyDays,
  };
}

const scoreOf = ({ gains, costs }: Choice): number =>
  [...gains, ...costs].reduce((sum, { code }) => sum + (WEIGHT[code] ?? 0), 0);

/**
 * Regimens ranked for a piece by what it will meet and who owns it, with the lots in stock that suit; bare wood is one of the answers.
 * Refusals are hard: a film under a knife or in a mouth, an allergen that every fitting lot holds, not fit by the day it must leave.
 */
export const chooseFinish = (regimens: readonly Regimen[], lots: readonly Candidate[], wish: Wish): Choice[] =>
  regimens
    .map((regimen) => choiceOf(regimen, lots, wish))
    .sort(
      (a, b) => Math.sign(a.refused.length) - Math.sign(b.refused.length) || scoreOf(b) - scoreOf(a) || a.readyDays - b.readyDays,
    );
