import { z } from 'zod';
import { type Consistency, type Drying, FEELS } from '@/core/blend';
import { FOOD_VERDICTS, type FoodVerdict, type Ingredient, isOilSolvent, likeOf } from '@/core/material';

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
  place: z.string().max(100).nullish(),
  heater: z.enum(HEATERS).nullish(),
  wood: z.enum(FOOD_VERDICTS).nullish(),
  woodSensitises: z.boolean().default(false),
  oiledBefore: z.boolean().default(false),
  restoring: z.boolean().default(false),
  unknownFinish: z.boolean().default(false),
  undeclared: z.boolean().default(false),
});
export type CautionsInput = z.input<typeof CautionsInput>;

/** What is in hand, read once, whatever is done. */
export type InHand = {
  readonly doing: Doing;
  readonly lines: readonly Ingredient[];
  readonly drying: Drying;
  readonly consistency?: Consistency | undefined;
  readonly undeclared: boolean;
  readonly heats: boolean;
  readonly vapour: boolean;
  readonly wax: boolean;
  readonly neverHeat: readonly Ingredient[];
};

/** What else a moment may have to say, where a caution asks for it: null where nobody knows, or there is none. */
export type MomentFacts = {
  readonly place: string | null;
  readonly heater: Heater | null;
  readonly wood: FoodVerdict | null;
  readonly woodSensitises: boolean;
  readonly oiledBefore: boolean;
  readonly restoring: boolean;
  readonly unknownFinish: boolean;
};
export type FactKey = keyof MomentFacts;

/** Liquids that are deadly in the lungs when swallowed. Source: suppliers' safety sheets by kind. */
export const ASPIRATION = ['citrus-solvent', 'mineral-spirits', 'turpentine', 'isoparaffin', 'wiping-varnish'] as const;
export const HANDS: readonly Doing[] = ['weighing', 'heating', 'filling', 'coating', 'wiping', 'buffing', 'leaching'];
export const WITH_CLOTHS: readonly Doing[] = [...HANDS, 'reading', 'labelling'];
export const DUSTY: readonly Doing[] = ['sanding', 'turning'];
/** What is done to a piece that lies wet, or sets. */
export const ON_THE_PIECE: readonly Doing[] = ['coating', 'wiping', 'buffing', 'curing'];
/** From this firmness on it does not run into lungs. */
export const RUNS: readonly Consistency[] = ['liquid', 'cream'];

/** What is sprayed is laid on, whatever else it is. */
export const is = ({ doing }: Pick<InHand, 'doing'>, ...some: readonly Doing[]): boolean =>
  some.includes(doing === 'spraying' ? 'coating' : doing);
/** Rules go by the ingredient of the house that one is, or that one of the shop's own is like. */
export const isA = (one: Ingredient, ids: readonly string[]): boolean => ids.includes(likeOf(one));
export const has = ({ lines }: Pick<InHand, 'lines'>, ...ids: readonly string[]): boolean => lines.some((one) => isA(one, ids));
/** Places are compared as people write them: without case, a hyphen as a space. */
export const stands = ({ place }: Pick<MomentFacts, 'place'>, where: string): boolean =>
  (place ?? '').toLowerCase().replaceAll('-', ' ').trim() === where;
export const byFire = ({ heater }: Pick<MomentFacts, 'heater'>): boolean => heater !== null && heater !== 'water-bath';
/** Wax with at least one never-heat line, all of them solvents of the oil group. */
export const isThinnedWax = ({ wax, neverHeat }: InHand): boolean => wax && neverHeat.length > 0 && neverHeat.every(isOilSolvent);
export const hotOil = ({ lines, neverHeat }: InHand): boolean => {
  const isHot = (one: Ingredient): boolean => one.mixes === 'oil';
  return lines.some(isHot) && neverHeat.every((one) => isA(one, ['water']));
};
/** Wet with vapour, or with who knows what, where lamps warm a cabinet. */
export const vapourInCabinet = (m: InHand & Pick<MomentFacts, 'place'>): boolean =>
  is(m, ...ON_THE_PIECE) && stands(m, 'warm cabinet') && (m.vapour || m.undeclared);
/** Thin mineral oil runs into lungs as a solvent does; a paste of it does not. */
export const thinMineralOil = (m: InHand): boolean =>
  has(m, 'mineral-oil') && (m.vapour || m.consistency === undefined || RUNS.includes(m.consistency));
