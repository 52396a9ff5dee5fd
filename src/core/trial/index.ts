export {
  BEARERS,
  type Bearer,
  GRADES,
  kindTraits,
  LONGEST_DROP_S,
  rangeOf,
  SAID_KINDS,
  TRIAL_KINDS,
  type TrialKind,
  WEARS,
  type Wear,
} from './kinds';
export { fieldsOn, layFields } from './layout';
export { powerOf } from './power';
export { MOST_SCORES } from './schema';
export { type Evenness, evenness, solidsPerM2 } from './solids';
export { answerOf, type GivenScore, type Lies, meansOver, type TrialFacts, type Value, valuesOf } from './tally';
export { type Taught, taught, type Washed } from './teach';
export { type TreatmentAnswer, type TrialAnswer, type TrialVerdict, trial } from './trial';
