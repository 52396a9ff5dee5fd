import type { Amiss, CareClass } from '@/core/care';
import type { Caution } from '@/core/caution';
import type { ContentUse } from '@/core/label';
import type { IngredientId, SpeciesId } from '@/core/material';
import type { UseGateId } from '@/core/use';

/** Pores of a wood, as the core names them. */
type Porosity = 'closed' | 'fine-open' | 'open' | 'soft';
export type Allergen =
  | 'not all declared'
  | 'coconut'
  | 'tree nut'
  | 'tung nut'
  | 'bee product'
  | 'citrus terpene'
  | 'milk'
  | 'soya'
  | 'turpentine';

/** Cautions that stand on labels and slips, in few words; an allergen and what is undeclared are named by themselves. */
export const LABEL_CAUTIONS = [
  'rags-self-heat',
  'rags-flammable',
  'isocyanate',
  'solvent',
  'aspiration',
  'driers',
  'mould-water',
  'separates',
] as const satisfies readonly Caution[];
export type LabelCaution = (typeof LABEL_CAUTIONS)[number];

/** Everything that a slip, a letter and an owner's page say in one language. */
/** Shipped regimens whose owner does something of its own. */
export const SHIPPED_CARE = ['soap', 'two-part'] as const;
export type ShippedCare = (typeof SHIPPED_CARE)[number];

export type SlipWords = {
  readonly look: string;
  /** Of a film, which its owner never treats. */
  readonly lookFilm: string;
  readonly lookBare: string;
  readonly headings: {
    readonly keep: string;
    readonly renew: string;
    readonly on: string;
    readonly back: string;
    readonly never: string;
  };
  readonly wash: string;
  readonly never: string;
  readonly wood: Readonly<Record<Porosity, string>>;
  readonly treat: Readonly<Record<CareClass, string>>;
  /** Of an oil that cures by air: how long after a treatment it meets no food. */
  readonly cures: (weeks: number) => string;
  readonly finish: Readonly<Record<CareClass, string>>;
  /** Said where the piece is not for food, whatever it looks like. */
  /** Regimens that ship with a care of their own: what lies on the wood where its care class does not say it, and what its owner does. */
  readonly shipped: Readonly<Record<ShippedCare, { readonly finish: string | null; readonly treat: string }>>;
  readonly notForFood: string;
  /** How scars are taken out. */
  readonly scars: string;
  /** Instead of grams below one. */
  readonly drops: string;
  /** What it is renewed with: what is on it. */
  readonly same: (name: string) => string;
  /** How many treatments the bottle in the box holds. */
  readonly inBottle: (count: number) => string;
  /** What the shop can take out. */
  readonly workshop: string;
  readonly cautions: Readonly<Record<LabelCaution, string>>;
  /** How the very contents of a jar are used; minutes at most where it dries. */
  readonly use: Readonly<Record<ContentUse, (minutes: number) => string>>;
  readonly label: {
    readonly contents: string;
    readonly made: string;
    readonly bestBefore: string;
    readonly unknown: string;
    readonly net: string;
    readonly notToSwallow: string;
    /** So that a paste does not run out of its tin. */
    readonly keepBelow: (temperature: string) => string;
  };
  /** How often, and how much a time: grams with their unit, or a few drops. */
  readonly every: (days: number, amount: string) => string;
  readonly first: (dates: string) => string;
  readonly back: string;
  readonly cloths: string;
  readonly allergens: string;
  readonly noneKnown: string;
  readonly undeclared: string;
  /** Before the names of what left it as it dried. */
  readonly madeWith: string;
  readonly nothing: string;
  readonly keepUntil: string;
  readonly allergenNames: Readonly<Record<Allergen, string>>;
  /** Names of ingredients and woods; null where the core's own names are the language's. */
  readonly ingredients: Readonly<Record<IngredientId, string>> | null;
  readonly woods: Readonly<Record<SpeciesId, string>> | null;
  readonly letter: {
    readonly subject: (what: string) => string;
    readonly severalSubject: (count: number) => string;
    readonly due: (what: string, tag: string, shop: string) => string;
    readonly link: string;
    readonly stopAt: (link: string) => string;
    readonly stopBy: string;
    readonly holdSubject: (what: string) => string;
    readonly hold: (what: string, tag: string, shop: string, why: string) => string;
    readonly bottle: string;
    readonly amissSubject: (what: string) => string;
    /** The answer to an owner who says that something is wrong: what to do, then what a cloth may do, where it may. */
    readonly amiss: (what: string, tag: string, shop: string, advice: string) => string;
    readonly advice: Readonly<Record<Amiss, string>>;
    readonly judgedSubject: (what: string) => string;
    readonly judged: (what: string, tag: string, shop: string, why: string) => string;
    /** Why a gate refuses, in half a sentence. */
    readonly gates: Readonly<Record<UseGateId, string>>;
  };
  readonly page: {
    readonly next: string;
    readonly last: string;
    readonly reOiled: string;
    readonly wrongTitle: string;
    readonly wrongLabel: string;
    readonly photo: string;
    readonly tell: string;
    readonly letters: string;
    readonly calendar: string;
    readonly file: string;
    readonly stop: string;
    readonly again: string;
    readonly refill: string;
    readonly refillHave: (sizes: string) => string;
    readonly refillOut: string;
    readonly ask: string;
    readonly gone: string;
    readonly given: string;
    readonly ended: string;
    readonly hasEnded: string;
    readonly told: Readonly<Record<string, string>>;
    readonly missing: string;
    readonly other: string;
  };
};
