export { type Field, fieldsOn, layFields, LEAST_FIELD_MM, TAPE_MM } from './layout';
export { powerOf, SCORE_SD } from './power';
export { type TreatmentAnswer, TRIAL_VERDICTS, type TrialAnswer, type TrialVerdict, trial } from './trial';
