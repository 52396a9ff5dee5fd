export { type BookEntry, readBook } from './coatbook';
export {
  type DoneTask,
  type Fact,
  missOf,
  type Progress,
  progressOf,
  type Standing,
  standingOf,
  turnsOf,
  type Window,
  windowAfter,
} from './progress';
export { type Ask, EVENING, type Give, type Offer, offer, type ShopNow } from './promise';
export { dayJobs, waitIn } from './dayjobs';
export { CABINET, type CabinetFault, cabinetFault, ROOM_UNITS } from './places';
export { type RingFacts, ringOf } from './ring';
export {
  AT_THE_END,
  type Fault,
  FAULTS,
  GUMMED_PAST_MIN,
  OFFERS,
  type Taken,
  type Way,
  WAYS,
  waysFor,
  withRecoveries,
  withTurns,
} from './recoveries';
export { type DwellBound, outOfTheWarm, planSteps, roundsRecorded, scheduleOf, type SlotBound, type Task } from './schedule';
export { LIES, PLACE_KINDS, type PlaceKind, Regimen, RegimenStep, Slot, STEP_KINDS, type StepKind } from './schema';
export { REGIMENS } from './shipped';
export { PASTE_UP_TO, POURED_BELOW, suits } from './suits';
export {
  type Candidate,
  type Choice,
  chooseFinish,
  COLOURS,
  MEETS,
  type Meet,
  OWNERS,
  type Reason,
  type ReasonCode,
  SHINES,
  type Wish,
} from './choose';
export { faultsOfSequence, gritOf } from './rules';
export { isRestoration, type Mark, type Marked, MARKS, notNeeded, RESTORATIONS, sandingPlan } from './restore';
export { asNowKnown, isAsShipped } from './withdrawn';
