import { type CareClass, careTraits } from './classes';

/** What is found wrong with a finished piece, in the words of whoever has it. */
export const AMISS = ['sticky', 'pale', 'fuzzy', 'cracked', 'smells'] as const;
export type Amiss = (typeof AMISS)[number];

/** What may lie behind it. */
export const AMISS_CAUSES = [
  'surplus',
  'cold',
  'never-sets',
  'wood-holds',
  'not-settled',
  'paste-left',
  'worn',
  'dishwasher',
  'heat-ring',
  'bloom',
  'mould',
  'film-lifts',
  'fibres',
  'turning-grain',
  'dried-in-the-house',
  'end-checks',
  'runs-on',
  'heated',
  'glue-line',
  'rancid',
  'still-curing',
  'food-smell',
  'thinner',
] as const;
export type AmissCause = (typeof AMISS_CAUSES)[number];

/** What comes of it: it waits, its owner sees to it, it comes home to the bench, or it meets no food any more. */
export type AmissWay = 'wait' | 'owner' | 'home' | 'retire';

/** What is known of the piece that tells causes apart. */
export type AmissFacts = {
  readonly finish: CareClass;
  /** Its wood keeps a drying oil from setting. */
  readonly slowsCure: boolean;
  /** There is thinner in what lies on it. */
  readonly thinned: boolean;
  readonly isBoard: boolean;
  /** Days since its last coat. */
  readonly ageDays: number;
};

type Row = {
  readonly cause: AmissCause;
  readonly way: AmissWay;
  /** Whether the lot that lies on it is to be asked after as well. */
  readonly asksLot?: true;
  readonly only?: (facts: AmissFacts) => boolean;
};

/** As long as this after the last coat a drying oil may still be at it, days. Source: practice.md, 10 to 30 days and slow woods longer. */
export const STILL_CURING_DAYS = 60;

const dries = ({ finish }: AmissFacts): boolean => careTraits(finish).dries;
const never = ({ finish }: AmissFacts): boolean => careTraits(finish).never;
const film = ({ finish }: AmissFacts): boolean => careTraits(finish).film;
const waxed = ({ finish }: AmissFacts): boolean => careTraits(finish).withoutWax !== null || finish === 'hard-wax';
const young = ({ ageDays }: AmissFacts): boolean => ageDays <= STILL_CURING_DAYS;

/** Causes of each, the likeliest first. Source: symptoms.md. */
const TABLE: Readonly<Record<Amiss, readonly Row[]>> = {
  sticky: [
    { cause: 'surplus', way: 'home', only: (facts) => dries(facts) || film(facts) },
    { cause: 'cold', way: 'wait', only: (facts) => dries(facts) && young(facts) },
    { cause: 'not-settled', way: 'owner', only: never },
    { cause: 'paste-left', way: 'owner', only: waxed },
    { cause: 'wood-holds', way: 'home', only: (facts) => dries(facts) && facts.slowsCure },
    { cause: 'never-sets', way: 'home', asksLot: true },
  ],
  pale: [
    { cause: 'worn', way: 'owner', only: ({ finish }) => careTraits(finish).treatment !== null },
    { cause: 'bloom', way: 'owner', only: waxed },
    { cause: 'heat-ring', way: 'owner', only: (facts) => waxed(facts) || film(facts) },
    { cause: 'film-lifts', way: 'home', only: film },
    { cause: 'dishwasher', way: 'home' },
    { cause: 'mould', way: 'retire' },
  ],
  fuzzy: [
    { cause: 'fibres', way: 'owner' },
    { cause: 'turning-grain', way: 'owner' },
    { cause: 'dishwasher', way: 'home' },
    { cause: 'mould', way: 'retire' },
  ],
  cracked: [
    { cause: 'dried-in-the-house', way: 'retire', only: ({ isBoard }) => !isBoard },
    { cause: 'end-checks', way: 'home', only: ({ isBoard }) => isBoard },
    { cause: 'runs-on', way: 'retire' },
    { cause: 'glue-line', way: 'home', only: ({ isBoard }) => isBoard },
    { cause: 'heated', way: 'retire' },
  ],
  smells: [
    { cause: 'still-curing', way: 'wait', only: (facts) => dries(facts) && young(facts) },
    { cause: 'rancid', way: 'home', asksLot: true },
    { cause: 'food-smell', way: 'owner' },
    { cause: 'mould', way: 'retire' },
    { cause: 'thinner', way: 'wait', only: (facts) => facts.thinned && young(facts) },
  ],
};

type Found = { readonly cause: AmissCause; readonly way: AmissWay; readonly asksLot: boolean };

/** What may lie behind what is wrong with a piece, the likeliest first; what cannot be on such a piece is left out. */
export const causesOf = (amiss: Amiss, facts: AmissFacts): Found[] =>
  TABLE[amiss].filter(({ only }) => only?.(facts) ?? true).map(({ cause, way, asksLot = false }) => ({ cause, way, asksLot }));
