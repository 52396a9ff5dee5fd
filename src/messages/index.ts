export { sayBlocking } from './blocking';
export { OWNER_WORDS, sayChoice, sayReason } from './choose';
export {
  CARE_NAMES,
  GOVERNS_WORDS,
  HAZARD_WORDS,
  INSPECTION_WORDS,
  KIND_WORDS,
  UNTIL_WORDS,
  VERDICT_KIND_WORDS,
} from './regimen';
export { roomWords, tooColdWords } from './room';
export { ROLE_WORDS, WHY_NONE_WORDS } from './roles';
export {
  CAUTION_WORDS,
  type CautionWords,
  cautionsInWords,
  NOTICE_WORDS,
  noticesInWords,
  sayCaution,
  WARMING,
} from './cautions';
export { sayIssue } from './issues';
export { SHAPE_WORDS, sizeWords } from './shape';
export {
  CHECK_WORDS,
  CONTACT_WORDS,
  COST_WORDS,
  DRYING_WORDS,
  FAMILY_WORDS,
  FAULT_WORDS,
  FEEL_WORDS,
  GATE_WORDS,
  gateName,
  HEAT_WORDS,
  HEATER_WORDS,
  KEEPER_WORDS,
  LAST_WORDS,
  ADDED_WORDS,
  DOUBT_WORDS,
  WENT_WORDS,
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
  USE_WORDS,
  VERDICT_WORDS,
  WAY_WORDS,
  WHY_WORDS,
} from './words';
export { GUIDE_WHERE_WORDS } from './guide';
export { POT_CALL_WORDS, POT_HEATER_GUARDS } from './pot';
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
