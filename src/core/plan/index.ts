/**
 * When each thing is done. The shop is planned by `day`: all batches, hands and places together, by search. `plan` is the contract’s own, for one
 * batch by itself, and exact; no screen asks it. Both read moments, waits and blockings alike.
 */

export type { Blocking } from './blocking';
export { type DayPlan, day, type OpenDay, openDay } from './day';
export { type DayInput, MOST_PLANNED } from './day-schema';
export { HOURS_STEP_MIN, type HoursText, hoursText, minutesOf, readHours, withEdge } from './hours-text';
export { openingsOf } from './openings';
export { plan } from './plan';
export { latestStart, type PlacedBatch, promise } from './promise';
export { rounds } from './rounds';
export { Opening, type PlanInput, type PlanStep, Wait } from './schema';
export { type Moved, movedBetween, type ShopStep, slackOf } from './standing';
