export { type DayPlan, day } from './day';
export type { DayInput } from './day-schema';
export type { Blocking } from './blocking';
export { openingsOf } from './openings';
export { type Missed, type Plan, type PlannedStep, plan } from './plan';
export { type Rounds, rounds } from './rounds';
export { type Job, Opening, type PlanInput, type PlanStep, Wait } from './schema';
export type { Span } from './spans';
