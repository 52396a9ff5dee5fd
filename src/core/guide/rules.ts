import { type Catalogue, findIngredient, likeIngredient, type PieceUse } from '@/core/material';
import { endsCoat, lastGrit, laysCoat, type Regimen, type RegimenStep } from '@/core/regimen';

/** What a rule looks at: what a piece is for, of which wood, how it is finished and with what, and who will look after it. */
export type GuideFacts = {
  /** What the ids of its lots stand for. */
  readonly catalogue: Catalogue;
  readonly uses: readonly PieceUse[];
  /** The house's wood, or the one an own wood is like. */
  readonly wood: string;
  readonly regimen: Pick<Regimen, 'careClass' | 'knifeSurface' | 'steps'>;
  readonly lots: readonly {
    readonly slot: string;
    readonly ingredients: readonly string[];
    readonly drying: 'drying' | 'never' | 'mixed';
    readonly allergens: readonly string[];
  }[];
  readonly upkeep: 're-oils' | 'will-not' | 'unknown' | null;
};

/** Whether a school is kept to; null where it says nothing of such a piece. */
type Keeps = (facts: GuideFacts) => boolean | null;

const HOUR = 60;
const FOOD: readonly PieceUse[] = ['food-wet', 'food-dry', 'hot-food', 'mouth', 'knife'];
const WASHED: readonly PieceUse[] = ['food-wet', 'hot-food', 'mouth', 'knife'];
const RING_POROUS = ['white-oak', 'red-oak', 'hickory', 'ash', 'chestnut'];
/** A dwell this long is overnight. */
const OVERNIGHT_MIN = 8 * HOUR;
/** What is meant as a day or two leaves room for the hour of the day. */
const ALMOST = 0.9;

const isFor = ({ uses }: GuideFacts, of: readonly PieceUse[]): boolean => uses.some((use) => of.includes(use));
const when = (applies: boolean, kept: boolean): boolean | null => (applies ? kept : null);

/** Ids of all that is in its lots, own ones as what they are like. */
const within = ({ lots, catalogue }: GuideFacts): readonly string[] =>
  lots.flatMap((lot) => lot.ingredients.map((id) => likeIngredient(id, catalogue)));
const has =
  (...ids: readonly string[]) =>
  (facts: GuideFacts): boolean =>
    within(facts).some((id) => ids.includes(id));
const hasFamily =
  (...families: readonly string[]) =>
  (facts: GuideFacts): boolean =>
    within(facts).some((id) => families.includes(findIngredient(id, facts.catalogue)?.family ?? ''));
const hasNuts = ({ lots }: GuideFacts): boolean => lots.some((lot) => lot.allergens.some((one) => /nut/.test(one)));

const coatsOf = ({ regimen }: GuideFacts): readonly RegimenStep[] =>
  regimen.steps.filter((step) => laysCoat(step) && !step.optional);
const isWaxCoat = ({ coatClass }: RegimenStep): boolean => coatClass === 'wax-paste' || coatClass === 'hard-wax';
const oilCoats = (facts: GuideFacts): readonly RegimenStep[] => coatsOf(facts).filter((step) => !isWaxCoat(step));
const hasWax = (facts: GuideFacts): boolean => coatsOf(facts).some(isWaxCoat) || hasFamily('wax')(facts);
const hasFilm = ({ regimen }: GuideFacts): boolean => !regimen.knifeSurface;
const dries = ({ lots }: GuideFacts): boolean => lots.some((lot) => lot.drying === 'drying');
const nothingDries = ({ lots }: GuideFacts): boolean => lots.every((lot) => lot.drying === 'never');
const hasOil = ({ lots }: GuideFacts): boolean => lots.length > 0;
const hasSeal = (facts: GuideFacts): boolean => {
  const [first, ...rest] = coatsOf(facts);
  return first?.coatClass === 'film' && rest.some((step) => step.coatClass !== 'film');
};
const liesOvernight = (facts: GuideFacts): boolean =>
  coatsOf(facts).some((step) => step.lies === 'flooded' && step.wait.ideal >= OVERNIGHT_MIN);
const takesPlace =
  (place: string) =>
  ({ regimen }: GuideFacts): boolean =>
    regimen.steps.some((step) => step.place === place);

/** The shortest rest between two coats of oil, minutes; null where there are not two. */
export function leastGap({ steps }: Pick<Regimen, 'steps'>): number | null {
  const gaps = steps.flatMap((step, i) => {
    const next = steps.slice(i + 1).find((one) => laysCoat(one) || endsCoat(one));
    return endsCoat(step) && next && laysCoat(next) && !isWaxCoat(next) && !next.optional ? [step.wait.ideal] : [];
  });
  return gaps.length > 0 ? Math.min(...gaps) : null;
}

const grit =
  (least: number, most: number): Keeps =>
  ({ regimen }) => {
    const last = lastGrit(regimen);
    return last === null ? null : last >= least && last <= most;
  };
const gapOf =
  (hours: number): Keeps =>
  (facts) => {
    const gap = leastGap(facts.regimen);
    return gap === null || !dries(facts) ? null : gap >= hours * HOUR * ALMOST;
  };

const isNuts = hasNuts;
const driers = has('linseed-boiled-driers');
const shellac = has('shellac-solution', 'shellac-flake');
const tung = has('tung-oil');
const linseed = has('flaxseed-oil', 'linseed-raw-solvent', 'linseed-heat-bodied', 'linseed-boiled-driers');
const kitchen = (facts: GuideFacts): boolean => hasFamily('culinary-oil', 'semi-drying-oil')(facts);
const isWood =
  (...woods: readonly string[]) =>
  ({ wood }: GuideFacts): boolean =>
    woods.includes(wood);
const oak = isWood(...RING_POROUS);
const spalted = isWood('spalted');

/**
 * What each school asks of a piece, by question and school; a school that is not here says nothing a screen could look at. A rule of the
 * shop's own warns and ranks by it; it opens no gate.
 */
const SCHOOLS: Readonly<Record<string, Readonly<Record<string, Keeps>>>> = {
  'drying-on-boards': {
    'by-owner': (facts) =>
      facts.upkeep === null || !hasOil(facts) ? null : facts.upkeep === 're-oils' ? nothingDries(facts) : dries(facts),
    drying: (facts) => when(hasOil(facts), dries(facts)),
    never: (facts) => when(hasOil(facts), nothingDries(facts)),
  },
  film: {
    'not-under-knife': (facts) => when(hasFilm(facts), !isFor(facts, ['knife', 'mouth'])),
    never: (facts) => when(isFor(facts, FOOD), !hasFilm(facts)),
    bowls: (facts) => when(hasFilm(facts), !isFor(facts, ['knife', 'mouth'])),
  },
  'nut-oils': {
    named: (facts) => when(isNuts(facts), !isFor(facts, ['toy'])),
    never: (facts) => when(hasOil(facts), !isNuts(facts)),
    cured: (facts) => when(isNuts(facts), true),
  },
  oak: {
    caution: (facts) => when(oak(facts), !isFor(facts, WASHED)),
    yes: (facts) => when(oak(facts), true),
    no: (facts) => when(oak(facts), !isFor(facts, FOOD)),
  },
  spalted: {
    'dry-only': (facts) => when(spalted(facts), !isFor(facts, [...WASHED, 'toy'])),
    never: (facts) => when(spalted(facts), !isFor(facts, [...FOOD, 'toy'])),
    sealed: (facts) => when(spalted(facts), hasFilm(facts)),
  },
  driers: {
    'not-on-food': (facts) => when(driers(facts), !isFor(facts, [...FOOD, 'toy'])),
    never: (facts) => when(hasOil(facts), !driers(facts)),
    listed: (facts) => when(driers(facts), true),
  },
  'overnight-dwell': {
    'by-oil': (facts) => when(liesOvernight(facts), nothingDries(facts)),
    never: (facts) => when(hasOil(facts), !liesOvernight(facts)),
    always: (facts) => when(hasOil(facts), liesOvernight(facts)),
  },
  flooding: {
    'flood-first': (facts) => when(oilCoats(facts).length > 0, oilCoats(facts)[0]?.lies === 'flooded'),
    sparing: (facts) =>
      when(
        oilCoats(facts).length > 0,
        oilCoats(facts).every((step) => step.lies !== 'flooded'),
      ),
    flood: (facts) =>
      when(
        oilCoats(facts).length > 0,
        oilCoats(facts).every((step) => step.lies === 'flooded'),
      ),
  },
  'sealing-first': {
    'no-seal': (facts) => when(coatsOf(facts).length > 1, !hasSeal(facts)),
    seal: (facts) => when(coatsOf(facts).length > 1, hasSeal(facts)),
  },
  'sanding-grit': { '180': grit(0, 180), '220': grit(220, 320), '320': grit(320, 10_000) },
  'raising-grain': {
    washed: (facts) =>
      when(
        isFor(facts, WASHED),
        facts.regimen.steps.some((step) => step.kind === 'wet'),
      ),
    always: ({ regimen }) => regimen.steps.some((step) => step.kind === 'wet'),
    never: ({ regimen }) => !regimen.steps.some((step) => step.kind === 'wet' && !step.optional),
  },
  wax: {
    'last-thin': (facts) => when(hasWax(facts), !isFor(facts, ['hot-food'])),
    none: (facts) => when(hasOil(facts), !hasWax(facts)),
    always: (facts) => when(hasOil(facts), hasWax(facts)),
  },
  heat: {
    mild: () => null,
    none: (facts) => !(facts.regimen.steps.some((step) => step.kind === 'warm') || takesPlace('warm cabinet')(facts)),
  },
  sun: { no: (facts) => !takesPlace('sill')(facts), all: (facts) => when(takesPlace('sill')(facts), true), spoons: () => null },
  bath: {
    'never-drying': (facts) => when(takesPlace('bath')(facts), nothingDries(facts)),
    no: (facts) => !takesPlace('bath')(facts),
  },
  'tung-depth': {
    'thin-first': (facts) => when(tung(facts), hasFamily('solvent')(facts)),
    neat: (facts) => when(tung(facts), !hasFamily('solvent')(facts)),
    'count-grams': () => null,
  },
  'mineral-oil': { 'as-care': () => null, none: (facts) => when(hasOil(facts), !has('mineral-oil')(facts)) },
  'shellac-under-food': {
    'dry-only': (facts) => when(shellac(facts), !isFor(facts, WASHED)),
    never: (facts) => when(shellac(facts), !isFor(facts, FOOD)),
  },
  toys: { known: () => null, bare: (facts) => when(isFor(facts, ['toy']), facts.regimen.careClass === 'bare') },
  gap: { 'by-coat': () => null, day: gapOf(24), 'two-days': gapOf(48) },
  coats: {
    'until-full': () => null,
    two: (facts) => when(oilCoats(facts).length > 0, oilCoats(facts).length <= 2),
    four: (facts) => when(oilCoats(facts).length > 0, oilCoats(facts).length >= 4),
  },
  'boiled-and-bodied': {
    'raw-or-bodied': (facts) => when(linseed(facts), !driers(facts) || !isFor(facts, FOOD)),
    raw: (facts) => when(linseed(facts), !has('linseed-heat-bodied', 'linseed-boiled-driers')(facts)),
    boiled: (facts) => when(linseed(facts), driers(facts)),
  },
  'kitchen-oils': {
    no: (facts) => when(kitchen(facts), false),
    coconut: (facts) => when(kitchen(facts), false),
  },
  bare: { sometimes: () => null, never: (facts) => when(facts.regimen.careClass === 'bare', false) },
};

/** The question makers ask of a wood by itself; null where there is none. */
export const questionOfWood = (wood: string): string | null =>
  RING_POROUS.includes(wood) ? 'oak' : wood === 'spalted' ? 'spalted' : null;

/** Whether a school is kept to by a piece; null where it says nothing of it. */
export const keepsTo = (question: string, school: string, facts: GuideFacts): boolean | null =>
  SCHOOLS[question]?.[school]?.(facts) ?? null;

/** Whether a rule of a question is looked at by any screen. */
export const isLookedAt = (question: string): boolean => question in SCHOOLS;

/** Questions whose house choice warns where nobody chose otherwise; the others are kept by gates and regimens already. */
const HOUSE_WARNS: readonly string[] = ['oak', 'spalted', 'kitchen-oils', 'raising-grain', 'wax', 'shellac-under-food'];

/** A rule of the shop's own: which school, why, since when, UTC ms. */
export type OwnRule = { readonly question: string; readonly school: string; readonly reason: string; readonly at: number };
/** A rule that a piece does not keep to. */
export type GuideWarning = { readonly question: string; readonly school: string; readonly own: OwnRule | null };

/** Rules a piece does not keep to: the shop's own, and the house's where the shop has none. */
export function warningsOf(
  facts: GuideFacts,
  own: readonly OwnRule[],
  houseSchool: (question: string) => string | undefined,
): GuideWarning[] {
  return Object.keys(SCHOOLS).flatMap((question): GuideWarning[] => {
    const rule = own.find((one) => one.question === question) ?? null;
    if (!rule && !HOUSE_WARNS.includes(question)) return [];
    const school = rule?.school ?? houseSchool(question);
    return school !== undefined && keepsTo(question, school, facts) === false ? [{ question, school, own: rule }] : [];
  });
}

/** Own rules a piece keeps to, where they say something of it. */
export const keptBy = (facts: GuideFacts, own: readonly OwnRule[]): readonly OwnRule[] =>
  own.filter((one) => keepsTo(one.question, one.school, facts) === true);
