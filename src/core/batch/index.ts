export { regimenAsDone } from './as-done';
export { type BookEntry, readBook } from './book';
export {
  byLabelCoats,
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
export { FAULTS, type Fault, faultsFor, waysBackFor } from './faults';
export { type Ask, GIVES, type Give, HONEST_SHARE, type Offer, offer, type ShopNow } from './offer';
export {
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
export { withinReach } from './reach';
export { AT_THE_END, type TakenWay, withRecoveries, withTurns } from './recoveries';
export { type RingFacts, ringOf } from './ring';
export { type AirAhead, type AirRows, roomAlong } from './room';
export { type DwellBound, roundsRecorded, type SlotBound, scheduleOf } from './schedule';
export { SCUFF_AFTER_DAYS, withScuffs } from './scuffs';
export { leastUntil, settingFrom } from './setting';
export type { Task } from './task';
export { isOfRegimen, readTaskKey, stepOfTask } from './task-key';
export { WAYS, type Way } from './ways-back';
