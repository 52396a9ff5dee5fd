import { z } from 'zod';
import { boughtOfLine, type Consistency, FEELS, heatsRags, turnsByItself } from '@/core/blend';
import { check } from '@/core/contract';
import type { Catalogue } from '@/core/material';
import {
  ALLERGENS_NOT_DECLARED,
  FOOD_VERDICTS,
  findIngredient,
  givesVapour,
  type Ingredient,
  isOilSolvent,
  likeOf,
} from '@/core/material';
import { type Issue, ok, type Result } from '@/core/quantity';

/** Every warning a moment may need, the gravest first; the texts live in src/messages. */
export const CAUTIONS = [
  'rags-self-heat',
  'never-heat',
  'isocyanate',
  'gas-in-tin',
  'hot-heater',
  'spatter',
  'hot-wax',
  'two-stage',
  'rags-flammable',
  'solvent',
  'mist',
  'aspiration',
  'toxic-wood',
  'old-paint',
  'lathe',
  'warm-cabinet',
  'oily-dust',
  'lime-dust',
  'unknown-wood',
  'sensitising-dust',
  'dust',
  'driers',
  'undeclared',
  'allergen',
  'tacky',
  'antioxidant',
  'rancid',
  'mould-water',
  'separates',
] as const;
export type Caution = (typeof CAUTIONS)[number];

/** What hands do at a moment. */
export const DOINGS = [
  'weighing',
  'heating',
  'filling',
  'coating',
  'spraying',
  'wiping',
  'buffing',
  'leaching',
  'sanding',
  'turning',
  'reading',
  'labelling',
  'releasing',
  'curing',
] as const;
export type Doing = (typeof DOINGS)[number];

/** What a pot is warmed by, or a piece. */
export const HEATERS = ['water-bath', 'slow-cooker', 'microwave', 'hob', 'heat-gun', 'oven', 'torch'] as const;
export type Heater = (typeof HEATERS)[number];

export const CautionsInput = z.object({
  doing: z.enum(DOINGS),
  ingredients: z.array(z.string()).max(100),
  drying: z.enum(['drying', 'never', 'mixed']),
  /** How firm it is; not said unless known. */
  consistency: z.enum(FEELS).optional(),
  place: z.string().max(100).optional(),
  heater: z.enum(HEATERS).optional(),
  wood: z.enum(FOOD_VERDICTS).optional(),
  woodSensitises: z.boolean().default(false),
  oiledBefore: z.boolean().default(false),
  restoring: z.boolean().default(false),
  unknownFinish: z.boolean().default(false),
  undeclared: z.boolean().default(false),
});
export type CautionsInput = z.input<typeof CautionsInput>;

/** What is in hand, read once. */
type Moment = Omit<z.output<typeof CautionsInput>, 'ingredients'> & {
  readonly lines: readonly Ingredient[];
  readonly heats: boolean;
  readonly vapour: boolean;
  readonly wax: boolean;
  readonly neverHeat: readonly Ingredient[];
};

/** Liquids that are deadly in the lungs when swallowed. Source: suppliers' safety sheets by kind. */
const ASPIRATION = ['citrus-solvent', 'mineral-spirits', 'turpentine', 'isoparaffin', 'wiping-varnish'] as const;
const HANDS: readonly Doing[] = ['weighing', 'heating', 'filling', 'coating', 'wiping', 'buffing', 'leaching'];
const WITH_CLOTHS: readonly Doing[] = [...HANDS, 'reading', 'labelling'];
const DUSTY: readonly Doing[] = ['sanding', 'turning'];
/** What is done to a piece that lies wet, or sets. */
const ON_THE_PIECE: readonly Doing[] = ['coating', 'wiping', 'buffing', 'curing'];
/** From this firmness on it does not run into lungs. */
const RUNS: readonly Consistency[] = ['liquid', 'cream'];

/** What is sprayed is laid on, whatever else it is. */
const is = ({ doing }: Moment, ...some: readonly Doing[]): boolean => some.includes(doing === 'spraying' ? 'coating' : doing);
/** Rules go by the ingredient of the house that one is, or that one of the shop's own is like. */
const isA = (one: Ingredient, ids: readonly string[]): boolean => ids.includes(likeOf(one));
const has = ({ lines }: Moment, ...ids: readonly string[]): boolean => lines.some((one) => isA(one, ids));
/** A bought finish as a line: what it may hold beside what is declared is not known. */
const isUnknownBought = (one: Ingredient): boolean =>
  boughtOfLine(one.id) !== null && one.allergens.includes(ALLERGENS_NOT_DECLARED);
/** Places are compared as people write them: without case, a hyphen as a space. */
const stands = ({ place = '' }: Moment, where: string): boolean => place.toLowerCase().replaceAll('-', ' ').trim() === where;
const byFire = ({ heater }: Moment): boolean => heater !== undefined && heater !== 'water-bath';
/** Wax with at least one never-heat line, all of them solvents of the oil group. */
const isThinnedWax = ({ wax, neverHeat }: Moment): boolean => wax && neverHeat.length > 0 && neverHeat.every(isOilSolvent);
const hotOil = ({ lines, neverHeat }: Moment): boolean => {
  const isHot = (one: Ingredient): boolean => one.mixes === 'oil';
  return lines.some(isHot) && neverHeat.every((one) => isA(one, ['water']));
};
/** Wet with vapour, or with who knows what, where lamps warm a cabinet. */
const vapourInCabinet = (m: Moment): boolean => is(m, ...ON_THE_PIECE) && stands(m, 'warm cabinet') && (m.vapour || m.undeclared);
/** Thin mineral oil runs into lungs as a solvent does; a paste of it does not. */
const thinMineralOil = (m: Moment): boolean =>
  has(m, 'mineral-oil') && (m.vapour || m.consistency === undefined || RUNS.includes(m.consistency));

/** When each warning bites; one to a line, asked by its name. */
const BITES: Readonly<Record<Caution, (moment: Moment) => boolean>> = {
  'rags-self-heat': (m) =>
    (is(m, ...WITH_CLOTHS) && m.heats) || (is(m, 'wiping', 'buffing', 'leaching') && (m.restoring || m.unknownFinish)),
  'rags-flammable': (m) => is(m, ...WITH_CLOTHS) && m.vapour && !BITES['rags-self-heat'](m),
  'hot-wax': (m) => (is(m, 'heating', 'filling') && m.wax) || (is(m, 'heating') && hotOil(m)),
  'hot-heater': (m) => is(m, 'heating', ...ON_THE_PIECE) && byFire(m),
  'two-stage': (m) => is(m, 'heating') && isThinnedWax(m),
  'never-heat': (m) =>
    (is(m, 'heating') && ((m.neverHeat.some((one) => !isA(one, ['water'])) && !isThinnedWax(m)) || m.undeclared)) ||
    (is(m, ...ON_THE_PIECE) && m.vapour && byFire(m)) ||
    vapourInCabinet(m),
  spatter: (m) => is(m, 'heating') && has(m, 'water') && m.lines.some((one) => one.mixes !== 'water'),
  solvent: (m) =>
    (is(m, 'weighing', 'filling', 'leaching', ...ON_THE_PIECE, 'reading', 'labelling') && m.vapour) ||
    (is(m, 'heating') && isThinnedWax(m)) ||
    vapourInCabinet(m),
  mist: (m) => m.doing === 'spraying',
  aspiration: (m) =>
    (is(m, 'weighing', 'filling', 'coating', 'wiping', 'reading', 'labelling') &&
      m.lines.some((one) => isA(one, ASPIRATION) || (boughtOfLine(one.id) !== null && one.flashC !== null))) ||
    (is(m, 'weighing') && has(m, 'mineral-oil')) ||
    (is(m, 'filling', 'labelling') && (thinMineralOil(m) || (m.undeclared && m.vapour))),
  rancid: (m) => is(m, 'weighing', 'coating', 'reading', 'labelling', 'releasing') && m.lines.some(turnsByItself),
  antioxidant: (m) => is(m, 'weighing', 'reading') && has(m, 'vitamin-e') && m.lines.some((one) => one.dries !== 'never'),
  isocyanate: (m) => !is(m, 'releasing') && has(m, 'isocyanate-hardener'),
  // Damp in the tin or in the wood is enough: it need not stand beside water.
  'gas-in-tin': (m) => is(m, 'weighing', 'filling', 'reading', 'labelling') && has(m, 'isocyanate-hardener'),
  driers: (m) =>
    is(m, 'weighing', 'filling', 'coating', 'wiping', 'buffing', 'leaching', ...DUSTY, 'reading', 'labelling', 'releasing') &&
    m.lines.some((one) => one.metallicDrier),
  allergen: (m) =>
    is(m, 'weighing', 'filling', 'coating', 'labelling', 'releasing') && m.lines.some((one) => one.allergens.length > 0),
  undeclared: (m) => is(m, ...WITH_CLOTHS, 'releasing') && m.undeclared,
  lathe: (m) => is(m, 'turning') || (is(m, 'coating', 'wiping', 'buffing', 'sanding') && stands(m, 'lathe')),
  dust: (m) => is(m, ...DUSTY),
  'oily-dust': (m) => is(m, ...DUSTY) && ((m.oiledBefore && m.heats) || m.restoring),
  'old-paint': (m) =>
    m.restoring && m.unknownFinish && (is(m, ...DUSTY, 'wiping', 'buffing', 'leaching') || m.heater !== undefined),
  'unknown-wood': (m) => is(m, ...DUSTY) && m.wood === 'unknown',
  'sensitising-dust': (m) => is(m, ...DUSTY) && m.woodSensitises,
  'lime-dust': (m) =>
    is(m, 'weighing', 'filling', 'coating', 'wiping', 'sanding', 'reading', 'labelling') && has(m, 'milk-paint-powder'),
  'toxic-wood': (m) => is(m, ...DUSTY, 'releasing') && m.wood === 'toxic',
  'warm-cabinet': (m) => is(m, 'coating', 'wiping', 'curing') && stands(m, 'warm cabinet'),
  'mould-water': (m) =>
    is(m, 'weighing', 'filling', 'labelling', 'reading') && has(m, 'water') && m.lines.some((one) => one.mixes !== 'water'),
  tacky: (m) => is(m, 'weighing', 'coating', 'reading') && m.drying === 'mixed',
  separates: (m) => is(m, 'coating', 'filling', 'labelling') && new Set(m.lines.map((one) => one.mixes)).size > 1,
};

/** The cautions of a moment, the gravest first. Unknown ingredients are a fault of the caller's input. */
export function cautionsFor(input: CautionsInput, catalogue: Catalogue): Result<readonly Caution[]> {
  const checked = check(CautionsInput, input);
  if (!checked.ok) return checked;
  const { ingredients, ...rest } = checked.value;
  const issues: Issue[] = [];
  const lines = ingredients.flatMap((id, i) => {
    const found = findIngredient(id, catalogue);
    if (!found) issues.push({ code: 'unknown-ingredient', path: `ingredients.${i}`, with: { id } });
    return found ?? [];
  });
  if (issues.length > 0) return { ok: false, issues };
  const undeclared = rest.undeclared || lines.some(isUnknownBought);
  const moment: Moment = {
    ...rest,
    undeclared,
    lines,
    heats: undeclared || lines.some(heatsRags),
    vapour: lines.some((one) => givesVapour(one) || isUnknownBought(one)),
    wax: lines.some((one) => one.family === 'wax'),
    neverHeat: lines.filter((one) => one.neverHeat),
  };
  return ok(CAUTIONS.filter((caution) => BITES[caution](moment)));
}

/**
 * Which warnings a moment needs (calc.md, 15), sorted by name.
 * @example cautions({ doing: 'coating', ingredients: ['tung-oil'], drying: 'drying' }) // → { cautions: ['allergen', 'rags-self-heat'] }
 */
export function cautions(input: unknown, catalogue: Catalogue): Result<{ readonly cautions: readonly Caution[] }> {
  const found = cautionsFor(input as CautionsInput, catalogue);
  return found.ok ? ok({ cautions: [...found.value].sort() }) : found;
}
