export { type Care, care } from './care';
export { CARE_CLASSES, type CareClass, USES, type Use, type Wash, WASHES } from './schema';
