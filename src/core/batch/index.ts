export { regimenAsDone, stepsAsDone, type Took } from './as-done';
export { type BookEntry, readBook } from './book';
export {
  byLabelCoats,
  type CoatGroup,
  careGiven,
  coatGroups,
  LAST_REASONS,
  type LastReason,
  labelledSteps,
  type StepChange,
  withChanges,
} from './changes';
export { type TooCold, tooColdFor } from './cold';
export { dayJobs, waitIn } from './dayjobs';
export { FAULT_KINDS, FAULTS, type Fault, faultsFor, GUMMED_PAST_MIN, waysFor } from './faults';
export { type Ask, EVENING, GIVES, type Give, HONEST_SHARE, type Offer, offer, type ShopNow } from './offer';
export {
  type DoneTask,
  type Fact,
  missOf,
  type Press,
  type Progress,
  pressIn,
  progressOf,
  type Soonest,
  soonestOf,
  turnsOf,
  type Window,
  windowAfter,
} from './progress';
export { REACH_DAYS, type Reached, withinReach } from './reach';
export { AT_THE_END, type TakenWay, withRecoveries, withTurns } from './recoveries';
export { type RingFacts, ringOf } from './ring';
export { type AirAhead, type AirRows, meanOfRows, roomAlong } from './room';
export {
  type DwellBound,
  outOfTheWarm,
  planSteps,
  roundsRecorded,
  type Scheduling,
  type SlotBound,
  scheduleOf,
} from './schedule';
export { SCUFF_AFTER_DAYS, withScuffs } from './scuffs';
export { leastUntil, setsAfter, settingFrom } from './setting';
export type { Task, TaskRoom } from './task';
export { isOfRegimen, readTaskKey, stepOfTask } from './task-key';
export { WAYS, type Way } from './ways';
