import { askedFor, type Findable, findIn } from '@/core/find';
import questions from './questions.json';
import type { Question, School, Stop, Symptom } from './schema';
import symptoms from './symptoms.json';

/** What makers disagree on; a test holds each to its schema. */
export const QUESTIONS = questions.questions as readonly Question[];
/** What one sees, feels and smells, and what it comes from. */
export const SYMPTOMS = symptoms.symptoms as readonly Symptom[];
/** What is done before anything is looked up. */
export const STOPS = symptoms.stop as readonly Stop[];

export const findQuestion = (id: string): Question | undefined => QUESTIONS.find((one) => one.id === id);
export const findSymptom = (id: string): Symptom | undefined => SYMPTOMS.find((one) => one.id === id);

/** A side of a question. */
export const findSchool = (question: string, school: string): School | undefined =>
  findQuestion(question)?.schools.find((one) => one.id === school);
/** The side the house takes. */
export const houseSchoolOf = (question: string): string | undefined => findQuestion(question)?.houseSchool;

const WEIGHT = { name: 3, facts: 1 } as const;

/** The guide as it is searched: in a maker's own words, title before text. */
export const GUIDE_TO_FIND: readonly Findable[] = [
  ...QUESTIONS.map((one) => ({
    kind: 'guide' as const,
    id: one.id,
    at: 0,
    parts: [
      { text: one.asks, weight: WEIGHT.name },
      { text: one.id.replaceAll('-', ' '), weight: WEIGHT.name },
      ...[one.sides, one.house, one.chemistry, ...one.schools.map((school) => school.says)].map((text) => ({
        text,
        weight: WEIGHT.facts,
      })),
    ],
  })),
  ...SYMPTOMS.map((one) => ({
    kind: 'guide' as const,
    id: one.id,
    at: 0,
    parts: [
      { text: one.says, weight: WEIGHT.name },
      { text: one.id.replaceAll('-', ' '), weight: WEIGHT.name },
      ...one.looks.flatMap((look) => [look.tells, look.cause, look.back]).map((text) => ({ text, weight: WEIGHT.facts })),
    ],
  })),
];

/** Ids of what answers a question, the best first; everything where nothing was asked. */
export const findInGuide = (asked: string): readonly string[] =>
  askedFor(asked).length === 0 ? GUIDE_TO_FIND.map((one) => one.id) : findIn(GUIDE_TO_FIND, asked).map(({ of }) => of.id);
