import type { CareClass } from '@/core/care';

/** Pores of a wood, as the core names them. */
type Porosity = 'closed' | 'fine-open' | 'open' | 'soft';
export type Allergen = 'coconut' | 'tree nut' | 'tung nut' | 'bee product' | 'citrus terpene' | 'milk';

/** Everything that a slip, a letter and an owner's page say in one language. */
export type SlipWords = {
  readonly look: string;
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
  readonly finish: Readonly<Record<CareClass, string>>;
  readonly every: (days: number, grams: string) => string;
  readonly first: (dates: string) => string;
  readonly back: string;
  readonly cloths: string;
  readonly allergens: string;
  readonly noneKnown: string;
  readonly undeclared: string;
  readonly nothing: string;
  readonly keepUntil: string;
  readonly allergenNames: Readonly<Record<Allergen, string>>;
  /** Names of ingredients and woods by id; those missing stand as the core names them. */
  readonly ingredients: Readonly<Record<string, string>>;
  readonly woods: Readonly<Record<string, string>>;
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
