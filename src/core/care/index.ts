export { AMISS, type Amiss, type AmissCause, type AmissFacts, type AmissWay, causesOf } from './amiss';
export { type BackShare, FEW, shareOf } from './back';
export { bestBottle, treatmentsAYear } from './bottle';
export { care, intervalOf } from './care';
export { CARE_CLASSES, type CareClass, careTraits } from './classes';
export { ownInterval, taughtDays } from './learn';
export { LANGUAGES, type Language, UPKEEPS, type Upkeep, USES, type Use, WASHES, type Wash } from './schema';
export { COUNTRIES, careInSeason, looksFrom } from './season';
