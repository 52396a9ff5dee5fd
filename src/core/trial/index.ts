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
export { type Field, fieldsOn, LEAST_FIELD_MM, layFields, TAPE_MM } from './layout';
export { powerOf, SCORE_SD } from './power';
export { MOST_SCORES } from './schema';
export { type CoatLaid, type Evenness, evenness, solidsPerM2, UNEQUAL_FROM } from './solids';
export { answerOf, type Lies, meansOver, type ReadPicture, type Said, type TrialFacts, type Value, valuesOf } from './tally';
export { MOST_TAUGHT, PRIOR_BOARDS, type Taught, taught, type Washed } from './teach';
export { TRIAL_VERDICTS, type TreatmentAnswer, type TrialAnswer, type TrialVerdict, trial } from './trial';
