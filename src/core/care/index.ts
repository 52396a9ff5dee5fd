export { AMISS, type Amiss, type AmissCause, type AmissFacts, type AmissWay, causesOf } from './amiss';
export { type Care, care, intervalOf } from './care';
export { careInSeason, COUNTRIES, looksFrom } from './season';
export { bestBottle, treatmentsAYear } from './bottle';
export { FEW, medianOf, type BackShare, shareOf } from './back';
export { MOST_FACTOR, ownInterval, PRIOR_GAPS, taughtDays } from './learn';
export { CARE_CLASSES, type CareClass, careTraits } from './classes';
export { KEEPERS, type Keeper, LANGUAGES, type Language, USES, type Use, type Wash, WASHES } from './schema';
export type { Letter, Post } from './letter';
