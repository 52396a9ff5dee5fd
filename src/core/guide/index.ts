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
  type OwnRule,
  questionOfWood,
  warningsOf,
} from './rules';
export { Question, type School, Symptom, WHERES } from './schema';
export { faultOfSymptom } from './ways-back';
