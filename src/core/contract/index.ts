export { above, atLeastNone, byName, MOST, shortText } from './bounds';
export { check } from './check';
