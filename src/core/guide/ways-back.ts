import type { Fault } from '@/core/batch';

/** What a symptom is called in the coat book, where it may be recorded on a piece that is still here; its ways back hang on that. */
const IN_THE_BOOK: Readonly<Record<string, Fault>> = {
  'sticky-after-a-week': 'gummed',
  greasy: 'weeping',
  'weeping-beads': 'weeping',
  'shiny-freckles': 'puddle',
  streaks: 'streak',
  'dull-patch': 'dry-spots',
  'wrinkled-film': 'wrinkle',
  nibs: 'dust',
  runs: 'run',
  prints: 'print',
  'rings-on-turned-work': 'rings',
  'grey-fuzz': 'raised-fibre',
  'white-ring': 'ring-mark',
  'warm-oil': 'weeping',
  'smells-rancid': 'rancid',
  'drop-soaks-in': 'dry-spots',
  'wax-bloom': 'white-bloom',
  'split-end': 'split',
};

/** The fault of the coat book that a symptom is; undefined where the book has none for it. */
export const faultOfSymptom = (symptom: string): Fault | undefined => IN_THE_BOOK[symptom];
/** Every symptom that has one, for a test that each is there. @public */
export const SYMPTOMS_IN_BOOK = Object.keys(IN_THE_BOOK);
