export { findInGuide, findQuestion, findSymptom, GUIDE_TO_FIND, LINES, QUESTIONS, STOPS, SYMPTOMS } from './guide';
export { Line, Question, Stop, Symptom, WHERES } from './schema';
