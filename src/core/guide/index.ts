export {
  findInGuide,
  findQuestion,
  findSchool,
  findSymptom,
  GUIDE_TO_FIND,
  houseSchoolOf,
  QUESTIONS,
  STOPS,
  SYMPTOMS,
} from './guide';
export {
  type GuideFacts,
  type GuideWarning,
  isLookedAt,
  keepsTo,
  keptBy,
  leastGap,
  type OwnRule,
  questionOfWood,
  warningsOf,
} from './rules';
export { Question, type School, Stop, Symptom, WHERES } from './schema';
export { faultOfSymptom, SYMPTOMS_IN_BOOK } from './ways-back';
