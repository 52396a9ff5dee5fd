import { HONEST_SHARE } from '@/core/batch';
import { careTraits } from '@/core/care';
import { type CureMode, SLOW_WOOD_FACTOR } from '@/core/cure';
import { findSchool, type GuideFacts, houseSchoolOf, keptBy, type OwnRule, warningsOf } from '@/core/guide';
import type { Catalogue, PieceUse } from '@/core/material';
import type { Geometry } from '@/core/piece';
import { isRestoration, type Material, offerFor, type Regimen, type Slot, type WhyNone } from '@/core/regimen';
import {
  type FinishLayer,
  finishOf,
  type GatesInput,
  gates,
  isBySurface,
  meetsFood,
  slotMeets,
  type UseGate,
  type UseGateId,
  withAdded,
  withoutSurface,
} from '@/core/use';

/** Who owns a piece, and what is wished of its finish. */
export const OWNERS = ['re-oils', 'will-not', 'unknown'] as const;
export const SHINES = ['any', 'matt', 'gloss'] as const;
export const COLOURS = ['any', 'as-it-is', 'warm'] as const;

export type FinishWish = {
  /** What it is for; nothing said: wet food. */
  readonly uses: readonly PieceUse[];
  /** Kept under a lid: a smell would stay. */
  readonly closed: boolean;
  readonly owner: (typeof OWNERS)[number];
  readonly avoid: readonly string[];
  /** Days until it must leave the shop; null: no hurry. */
  readonly days: number | null;
  readonly shine: (typeof SHINES)[number];
  readonly colour: (typeof COLOURS)[number];
  readonly wood: GatesInput['wood'] & { readonly slowsCure: boolean };
  /** The wood by its name in the house, where one is named; and the shop’s own rules, which rank and refuse nothing. */
  readonly woodId?: string;
  readonly rules?: readonly OwnRule[];
  /** The shape it is for, where one is named. */
  readonly piece?: Geometry;
};

/** A lot that might be used. */
export type Candidate = Material & {
  readonly id: number;
  readonly number: string;
  readonly title: string;
  readonly held: boolean;
  readonly leftG: number;
  readonly mode: CureMode;
  readonly layer: FinishLayer;
  /** Ids of what is known to be in it. */
  readonly ingredients: readonly string[];
  /** A kitchen oil, or one that dries by halves, that smells and sticks after some months: never named for new work. */
  readonly turnsRancid: boolean;
};

/** Why a finish is refused outright, or what it gains and costs for this wish. */
export type ReasonCode =
  | `gate-${UseGateId}`
  | WhyNone
  | 'not-for-food'
  | 'allergen'
  | 'turns-rancid'
  | 'sets-in-hour'
  | 'too-late'
  | 'renewed-by-owner'
  | 'washes-out'
  | 'lasts-without-care'
  | 'owner-unknown-safe'
  | 'bare-greys'
  | 'bare-soaks'
  | 'stands-heat'
  | 'marks-with-heat'
  | 'smell-stays'
  | 'no-smell'
  | 'easy-dry-food'
  | 'wears-well'
  | 'weathers'
  | 'greys-outdoors'
  | 'flakes-outdoors'
  | 'shines'
  | 'stays-dull'
  | 'stays-matt'
  | 'keeps-colour'
  | 'darkens'
  | 'warms-colour'
  | 'quick'
  | 'own-rule-for'
  | 'own-rule-against'
  | 'house-rule-against'
  | 'no-such-surface';
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

const MINUTES_PER_DAY = 1440;
const QUICK_DAYS = 3;

/** Weight of each reason in the ranking. Working estimates: what is wished most of a finish comes first. */
const WEIGHT: Readonly<Partial<Record<ReasonCode, number>>> = {
  'renewed-by-owner': 2,
  'lasts-without-care': 3,
  'owner-unknown-safe': 2,
  'washes-out': -3,
  'bare-greys': -3,
  'bare-soaks': -3,
  'stands-heat': 2,
  'marks-with-heat': -2,
  'smell-stays': -2,
  'no-smell': 1,
  'easy-dry-food': 1,
  'wears-well': 1,
  weathers: 1,
  'greys-outdoors': -1,
  'flakes-outdoors': -2,
  shines: 2,
  'stays-dull': -1,
  'stays-matt': 1,
  'keeps-colour': 1,
  darkens: -1,
  'warms-colour': 1,
  quick: 1,
  'own-rule-for': 3,
  'own-rule-against': -4,
  'house-rule-against': -3,
};

/** What a gate weighs that somebody must sign for. Working estimate: more than any one wish. */
const SIGNED_WEIGHT = -3;
const weighs = ({ code }: Reason): number => (code.startsWith('gate-') ? SIGNED_WEIGHT : (WEIGHT[code] ?? 0));

/** What a piece is for where nothing, or only a lid, was said: food is assumed. */
export const usesOf = ({ uses }: Pick<FinishWish, 'uses'>): readonly PieceUse[] => (uses.length > 0 ? uses : ['food-wet']);

const hoursOf = ({ a0Hours, mode }: Candidate, { wood }: FinishWish): number =>
  (a0Hours ?? Number.POSITIVE_INFINITY) * (wood.slowsCure && mode === 'oxidise' ? SLOW_WOOD_FACTOR : 1);

type Offered = { readonly slot: Slot; readonly lots: readonly Candidate[]; readonly why: Reason | null };

/** The lots a slot may take: of its family, free, without what is to be avoided, the soonest ready first, of those alike the one that holds most; of those that gates see alike only the first. */
function offered(slot: Slot, regimen: Regimen, lots: readonly Candidate[], wish: FinishWish, catalogue: Catalogue): Offered {
  const found = offerFor(slot, lots, regimen.steps);
  if (found.why) return { slot, lots: [], why: { code: found.why, with: slot.name } };
  const stored = found.lots.filter((lot) => !lot.setsInTin);
  if (stored.length === 0) return { slot, lots: [], why: { code: 'sets-in-hour', with: slot.name } };
  const keeps = stored
    .filter((lot) => !lot.turnsRancid)
    .map((lot) => ({ ...lot, layer: withAdded(lot.layer, slot.adds, catalogue) }));
  if (keeps.length === 0) return { slot, lots: [], why: { code: 'turns-rancid', with: slot.name } };
  // What is not declared may hold what is to be avoided.
  const clean = keeps.filter(
    ({ layer }) => !layer.allergens.some((one) => wish.avoid.includes(one)) && !(wish.avoid.length > 0 && layer.undeclared),
  );
  if (clean.length === 0) return { slot, lots: [], why: { code: 'allergen', with: wish.avoid.join(', ') } };
  const soonest = [...clean].sort((a, b) => hoursOf(a, wish) - hoursOf(b, wish) || b.leftG - a.leftG || a.id - b.id);
  const faces = new Set<string>();
  const alike = soonest.filter(({ layer }) => {
    const face = JSON.stringify(layer);
    return faces.has(face) ? false : Boolean(faces.add(face));
  });
  return { slot, lots: alike, why: null };
}

type Judged = { readonly lots: readonly Candidate[]; readonly unmet: readonly UseGate[]; readonly notForFood: boolean };

/** What lies where the piece meets its use; of a piece nobody named, everything. */
const meeting = (regimen: Regimen, lots: readonly Candidate[], { piece, ...wish }: FinishWish): readonly Candidate[] => {
  const needed = slotsNeeded(regimen);
  if (!piece || !isBySurface(regimen.steps)) return lots;
  return lots.filter((_, i) => slotMeets(piece, usesOf(wish), regimen.steps, needed[i]?.slot ?? ''));
};

/** Materials that may not be left out. */
const slotsNeeded = ({ slots, steps }: Regimen): readonly Slot[] =>
  slots.filter((slot) => steps.some((step) => step.slot === slot.slot && !step.optional));

function judge(regimen: Regimen, lots: readonly Candidate[], wish: FinishWish): Judged {
  const found = gates({
    use: [...usesOf(wish)],
    wood: { food: wish.wood.food, keepOff: wish.wood.keepOff, origin: wish.wood.origin },
    finish: finishOf(
      meeting(regimen, lots, wish).map((lot) => lot.layer),
      !regimen.knifeSurface && !(wish.piece && isBySurface(regimen.steps)),
    ),
  });
  // A wish the gates cannot read recommends nothing.
  if (!found.ok) return { lots, unmet: [{ id: 'wood', met: false, maySign: false }], notForFood: true };
  return { lots, unmet: found.value.gates.filter((gate) => !gate.met), notForFood: found.value.notForFood };
}

/** Every way to fill the slots, the soonest first in each. */
const combinations = (slots: readonly Offered[]): Candidate[][] =>
  slots.reduce<Candidate[][]>((all, { lots }) => all.flatMap((chosen) => lots.map((lot) => [...chosen, lot])), [[]]);

/** The lots that no gate refuses; where every choice is refused, the one that fewest do. */
function bestLots(regimen: Regimen, slots: readonly Offered[], wish: FinishWish): Judged {
  const food = meetsFood(usesOf(wish));
  const weight = ({ unmet, notForFood }: Judged): number => unmet.length * 2 + (food && notForFood ? 1 : 0);
  let best: Judged | null = null;
  for (const lots of combinations(slots)) {
    const judged = judge(regimen, lots, wish);
    if (weight(judged) === 0) return judged;
    if (!best || weight(judged) < weight(best)) best = judged;
  }
  return best ?? judge(regimen, [], wish);
}

/** What a finish gains and costs by the kind its owner will meet. */
function reasonsOf({ careClass }: Regimen, wish: FinishWish, readyDays: number): Reason[] {
  const { never, film, dries, lastsWithoutCare, heat } = careTraits(careClass);
  const bare = careClass === 'bare';
  const uses = usesOf(wish);
  const mouth = uses.includes('mouth') || uses.includes('toy');
  const is = (use: PieceUse): boolean => uses.includes(use);
  const rows: readonly (readonly [boolean, ReasonCode])[] = [
    [wish.owner === 're-oils' && never, 'renewed-by-owner'],
    [wish.owner === 'will-not' && lastsWithoutCare, 'lasts-without-care'],
    [wish.owner === 'unknown' && lastsWithoutCare, 'owner-unknown-safe'],
    [wish.owner !== 're-oils' && never, 'washes-out'],
    [wish.owner !== 're-oils' && bare, 'bare-greys'],
    [mouth && bare, 'bare-soaks'],
    [is('hot-food') && heat === 'stands', 'stands-heat'],
    [is('hot-food') && heat === 'marks', 'marks-with-heat'],
    [wish.closed && dries, 'smell-stays'],
    [wish.closed && (careClass === 'friction' || bare || never), 'no-smell'],
    [is('food-dry') && !is('food-wet') && (never || careClass === 'hard-wax'), 'easy-dry-food'],
    [is('hands') && (lastsWithoutCare || film), 'wears-well'],
    [is('outdoors') && careClass === 'drying-oil', 'weathers'],
    [is('outdoors') && film, 'flakes-outdoors'],
    [is('outdoors') && (dries || never), 'greys-outdoors'],
    [is('outdoors') && wish.owner === 're-oils' && never, 'washes-out'],
    [wish.shine === 'gloss' && film, 'shines'],
    [wish.shine === 'gloss' && !film, 'stays-dull'],
    [wish.shine === 'matt' && !film, 'stays-matt'],
    [wish.colour === 'as-it-is' && (never || bare), 'keeps-colour'],
    [wish.colour === 'as-it-is' && dries, 'darkens'],
    [wish.colour === 'warm' && dries, 'warms-colour'],
    [readyDays <= QUICK_DAYS, 'quick'],
  ];
  const reasons = rows.flatMap(([isSo, code]): Reason[] => (isSo ? [{ code }] : []));
  // Bare wood is praised neither for a mouth nor to an owner who looks after nothing.
  const unpraised = bare && (mouth || wish.owner === 'will-not');
  return unpraised ? reasons.filter(({ code }) => (WEIGHT[code] ?? 0) < 0) : reasons;
}

/** A lot in its slot as the guide's rules look at it. */
export const asGuideLot = (slot: string, { ingredients, drying, layer }: Candidate): GuideFacts['lots'][number] => ({
  slot,
  ingredients,
  drying,
  allergens: layer.allergens,
});

/** Rules a finish goes against, the shop's own and the house's where it has none, and own ones it keeps to where they choose between finishes. */
function ruleReasons(regimen: Regimen, lots: Choice['lots'], wish: FinishWish, catalogue: Catalogue): Reason[] {
  const facts: GuideFacts = {
    catalogue,
    uses: usesOf(wish),
    wood: wish.woodId ?? '',
    regimen,
    lots: lots.map(({ slot, lot }) => asGuideLot(slot, lot)),
    upkeep: wish.owner,
  };
  const own = wish.rules ?? [];
  const says = ({ question, school }: Pick<OwnRule, 'question' | 'school'>): string =>
    findSchool(question, school)?.says.toLowerCase() ?? school;
  return [
    ...warningsOf(facts, own, houseSchoolOf).map(
      (one): Reason => ({ code: one.own ? 'own-rule-against' : 'house-rule-against', with: says(one) }),
    ),
    ...keptBy(facts, own).flatMap((one): Reason[] =>
      one.question === 'drying-on-boards' ? [{ code: 'own-rule-for', with: says(one) }] : [],
    ),
  ];
}

function choiceOf(regimen: Regimen, lots: readonly Candidate[], wish: FinishWish, catalogue: Catalogue): Choice {
  // A material that may be left out is not named: what is recommended holds without it.
  const needed = slotsNeeded(regimen);
  const slots = needed.map((slot) => offered(slot, regimen, lots, wish, catalogue));
  const missing = slots.flatMap(({ why }) => (why ? [why] : []));
  const judged = missing.length > 0 ? null : bestLots(regimen, slots, wish);
  const chosen = slots.flatMap(({ slot }, i) => {
    const lot = judged?.lots[i];
    return lot ? [{ slot: slot.slot, lot }] : [];
  });
  const waits = regimen.steps.reduce(
    (sum, step) => sum + step.setupMin + step.perPieceMin + (step.optional ? 0 : step.wait.ideal),
    0,
  );
  const cure = Math.max(0, ...chosen.map(({ lot }) => hoursOf(lot, wish))) * HONEST_SHARE;
  const readyDays = waits / MINUTES_PER_DAY + cure / 24;
  const food = meetsFood(usesOf(wish));
  const unmet = judged?.unmet ?? [];
  // What a maker may sign for is told and weighed; what takes food away from food, or stays tacky, is refused all the same.
  const mayBeSigned = ({ id, maySign }: UseGate): boolean => maySign && id !== 'cures' && !(food && judged?.notForFood);
  const asReason = ({ id, maySign }: UseGate): Reason => ({ code: `gate-${id}`, with: maySign ? 'sign' : '' });
  // A regimen by surfaces wants a piece that has them.
  const lacks = isBySurface(regimen.steps) && (!wish.piece || withoutSurface(wish.piece, regimen.steps).length > 0);
  const refused: Reason[] = [
    ...(lacks ? [{ code: 'no-such-surface' as const }] : []),
    ...missing,
    ...unmet.filter((gate) => !mayBeSigned(gate)).map(asReason),
    ...(food && judged?.notForFood && unmet.length === 0 ? [{ code: 'not-for-food' as const }] : []),
    ...(wish.days !== null && readyDays > wish.days
      ? [{ code: 'too-late' as const, with: Math.ceil(readyDays).toString() }]
      : []),
  ];
  const signs = unmet.filter(mayBeSigned).map(asReason);
  const reasons = [...signs, ...reasonsOf(regimen, wish, readyDays), ...ruleReasons(regimen, chosen, wish, catalogue)];
  return {
    regimen,
    lots: chosen,
    refused,
    gains: reasons.filter((reason) => weighs(reason) > 0),
    costs: reasons.filter((reason) => weighs(reason) < 0),
    readyDays,
  };
}

const scoreOf = ({ gains, costs }: Choice): number => [...gains, ...costs].reduce((sum, reason) => sum + weighs(reason), 0);

/**
 * Regimens for a new piece, ranked by what it is for and who owns it, with lots in stock that no gate refuses; bare wood is one of the
 * answers. Refused: whatever a gate lets nobody sign for, or takes away from food, what turns rancid, what every fitting lot holds and is to be avoided, what is not fit by
 * the day it must leave, what nothing in stock suits.
 */
export const chooseFinish = (
  regimens: readonly Regimen[],
  lots: readonly Candidate[],
  wish: FinishWish,
  catalogue: Catalogue,
): Choice[] =>
  regimens
    .filter((regimen) => !isRestoration(regimen.id))
    .map((regimen) => choiceOf(regimen, lots, wish, catalogue))
    .sort(
      (a, b) => Math.sign(a.refused.length) - Math.sign(b.refused.length) || scoreOf(b) - scoreOf(a) || a.readyDays - b.readyDays,
    );

/** A regimen with each thing its first material may be: neat tung, walnut, a blend of the shop's own; none that a gate refuses. */
export function choicesByTitle(regimen: Regimen, lots: readonly Candidate[], wish: FinishWish, catalogue: Catalogue): Choice[] {
  const slot = regimen.slots.find((one) => regimen.steps.some((step) => step.slot === one.slot && !step.optional));
  const offered = slot ? offerFor(slot, lots, regimen.steps).lots : [];
  const titles = [...new Set(offered.map((lot) => lot.title))];
  return (titles.length > 0 ? titles : [null]).flatMap((title) => {
    const some = lots.filter((lot) => !offered.some((one) => one.id === lot.id) || lot.title === title);
    return chooseFinish([regimen], some, wish, catalogue).filter((choice) => choice.refused.length === 0);
  });
}
