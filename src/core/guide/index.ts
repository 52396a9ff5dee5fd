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
  lastGrit,
  leastGap,
  type OwnRule,
  warningsOf,
} from './rules';
export { Question, type School, Stop, Symptom, WHERES } from './schema';
