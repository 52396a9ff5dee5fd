export { sayBlocking } from './blocking';
export { CAUTION_WORDS } from './cautions';
export { sayIssue } from './issues';
export {
  CHECK_WORDS,
  CONTACT_WORDS,
  COST_WORDS,
  DRYING_WORDS,
  FAMILY_WORDS,
  FAULT_WORDS,
  FEEL_WORDS,
  GATE_WORDS,
  HEAT_WORDS,
  LOT_CHECK_WORDS,
  limitWords,
  MARK_WORDS,
  MEET_WORDS,
  PURPOSE_WORDS,
  RAG_WAY_WORDS,
  RAG_WORDS,
  SURFACE_WORDS,
  sayReason,
  WAY_WORDS,
  WHY_WORDS,
} from './words';
