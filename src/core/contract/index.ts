export { above, atLeastNone, byName, MOST, shortText } from './bounds';
export { check, issueOf } from './check';
export { chosenRowOrNone, typed, typedCount, typedOrNone } from './typed';
