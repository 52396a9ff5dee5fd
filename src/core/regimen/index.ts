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
export { CHOICES, draftOf, draftSlot, draftStep, type RegimenDraft, readRegimen, type SlotDraft, type StepDraft } from './draft';
export { governsOf, type RoomOf } from './governs';
export { lastGrit } from './grit';
export { abrades, drawsLot, endsCoat, handlesWet, laysCoat, STEP_KINDS, type StepKind } from './kinds';
export { holdsOver, type Layer } from './layers';
export { type Ask, EVENING, GIVES, type Give, HONEST_SHARE, type Offer, offer, type ShopNow } from './offer';
export { CABINET, type CabinetFault, cabinetFault, lightsVapour, ROOM_UNITS } from './places';
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
export {
  AT_THE_END,
  FAULTS,
  type Fault,
  faultsFor,
  GUMMED_PAST_MIN,
  OFFERS,
  type TakenWay,
  WAYS,
  type Way,
  waysFor,
  withRecoveries,
  withTurns,
} from './recoveries';
export { gritsOf, isRestoration, MARKS, type Mark, type Marked, notNeeded, RESTORATIONS, sandingPlan } from './restore';
export { type RingFacts, ringOf } from './ring';
export { PASTE_UP_TO, POURED_BELOW, rolesOf, rolesOfBought } from './roles';
export { type AirAhead, type AirRows, meanOfRows, roomAlong } from './room';
export { faultsOfSequence, gritOf, warningsOfSequence } from './rules';
export {
  type DwellBound,
  outOfTheWarm,
  planSteps,
  roundsRecorded,
  type Scheduling,
  type SlotBound,
  scheduleOf,
} from './schedule';
export {
  INSPECTIONS,
  LIES,
  OwnCare,
  PLACE_HAZARDS,
  PLACE_KINDS,
  type PlaceHazard,
  type PlaceKind,
  Regimen,
  RegimenStep,
  Slot,
  StepDetail,
  UNTILS,
  type Until,
  VERDICT_KINDS,
  type VerdictKind,
  type Written,
} from './schema';
export { SCUFF_AFTER_DAYS, withScuffs } from './scuffs';
export { leastUntil, setsAfter, settingFrom } from './setting';
export { REGIMENS } from './shipped';
export { gramsPerPiece, type Soaks, USUAL_DENSITY } from './soak';
export { handsScale } from './steps';
export { type Material, offerFor, suits, type WhyNone } from './suits';
export { stepOfTask, type Task, type TaskRoom } from './task';
export { asNowKnown, isAsShipped } from './withdrawn';
