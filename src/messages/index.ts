export { sayBlocking } from './blocking';
export { CAUTION_WORDS } from './cautions';
export { sayIssue } from './issues';
export {
  CARE_WORDS,
  CHECK_WORDS,
  CONTACT_WORDS,
  DRYING_WORDS,
  FAMILY_WORDS,
  FEEL_WORDS,
  GATE_WORDS,
  HEAT_WORDS,
  RAG_WORDS,
} from './words';
