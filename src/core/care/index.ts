export { type Care, care } from './care';
export { MOST_FACTOR, ownInterval, PRIOR_GAPS } from './learn';
export { CARE_CLASSES, type CareClass, USES, type Use, type Wash, WASHES } from './schema';
