export { sayBlocking } from './blocking';
export { CARE_CLASS_WORDS } from './care-classes';
export { type CautionWords, cautionsInWords, noticesInWords, WARMING } from './cautions';
export { CHECK_WORDS } from './checks';
export { OWNER_WORDS, sayChoice, sayReason } from './choose';
export { FAULT_WORDS } from './faults';
export { GATE_WORDS, gateName } from './gates';
export { GUIDE_WHERE_WORDS } from './guide';
export { sayIssue } from './issues';
export { POT_CALL_WORDS, POT_HEATER_GUARDS } from './pot';
export { GOVERNS_WORDS, HAZARD_WORDS, INSPECTION_WORDS, UNTIL_WORDS, VERDICT_KIND_WORDS } from './regimen';
export { ROLE_WORDS, WHY_NONE_WORDS } from './roles';
export { roomWords, tooColdWords } from './room';
export { SHAPE_WORDS, sizeWords } from './shapes';
export { STEP_WORDS } from './steps';
export {
  BEARER_WORDS,
  sayAnswer,
  sayBoards,
  sayCycles,
  sayCyclesTo,
  sayDifference,
  sayTreatment,
  sayValue,
  sayVerdict,
  TRIAL_KIND_WORDS,
  WEAR_WORDS,
} from './trial';
export {
  ADDED_WORDS,
  CONTACT_WORDS,
  COST_WORDS,
  DOUBT_WORDS,
  DRYING_WORDS,
  FAMILY_WORDS,
  FEEL_WORDS,
  HEAT_WORDS,
  HEATER_WORDS,
  LAST_WORDS,
  LOT_CHECK_WORDS,
  limitWords,
  MARK_ADVICE,
  MARK_WORDS,
  ORIGIN_WORDS,
  PURPOSE_WORDS,
  RAG_WAY_WORDS,
  RAG_WORDS,
  STATEMENT_WORDS,
  SURFACE_WORDS,
  UNSAID_WORDS,
  UPKEEP_WORDS,
  USE_WORDS,
  VERDICT_WORDS,
  WAY_WORDS,
  WENT_WORDS,
  WHY_WORDS,
} from './words';
