export {
  byLabelCoats,
  careGiven,
  type CoatGroup,
  coatGroups,
  labelledSteps,
  LAST_REASONS,
  type LastReason,
  type StepChange,
  withChanges,
} from './changes';
export { regimenAsDone, stepsAsDone, type Took } from './as-done';
export { type BookEntry, readBook } from './book';
export {
  type DoneTask,
  type Fact,
  missOf,
  type Progress,
  progressOf,
  type Press,
  pressIn,
  type Soonest,
  soonestOf,
  turnsOf,
  type Window,
  windowAfter,
} from './progress';
export { type Ask, EVENING, GIVES, HONEST_SHARE, type Give, type Offer, offer, type ShopNow } from './offer';
export { CHOICES, draftOf, draftSlot, draftStep, type RegimenDraft, readRegimen, type SlotDraft, type StepDraft } from './draft';
export { type TooCold, tooColdFor } from './cold';
export { governsOf, type RoomOf } from './governs';
export { type AirAhead, type AirRows, meanOfRows, roomAlong } from './room';
export { REACH_DAYS, type Reached, withinReach } from './reach';
export { dayJobs, waitIn } from './dayjobs';
export { CABINET, type CabinetFault, cabinetFault, lightsVapour, ROOM_UNITS } from './places';
export { type RingFacts, ringOf } from './ring';
export {
  AT_THE_END,
  type Fault,
  FAULTS,
  faultsFor,
  GUMMED_PAST_MIN,
  OFFERS,
  type TakenWay,
  type Way,
  WAYS,
  waysFor,
  withRecoveries,
  withTurns,
} from './recoveries';
export {
  type DwellBound,
  outOfTheWarm,
  planSteps,
  roundsRecorded,
  type Scheduling,
  scheduleOf,
  type SlotBound,
} from './schedule';
export { stepOfTask, type Task, type TaskRoom } from './task';
export { SCUFF_AFTER_DAYS, withScuffs } from './scuffs';
export { leastUntil, setsAfter, settingFrom } from './setting';
export { abrades, drawsLot, endsCoat, handlesWet, laysCoat, STEP_KINDS, type StepKind } from './kinds';
export { handsScale } from './steps';
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
  VERDICT_KINDS,
  type VerdictKind,
  type Until,
  type Written,
} from './schema';
export { gramsPerPiece, type Soaks, USUAL_DENSITY } from './soak';
export { REGIMENS } from './shipped';
export { PASTE_UP_TO, POURED_BELOW, rolesOf, rolesOfBought } from './roles';
export { type Material, offerFor, suits, type WhyNone } from './suits';
export { holdsOver, type Layer } from './layers';
export { faultsOfSequence, gritOf, warningsOfSequence } from './rules';
export { lastGrit } from './grit';
export { gritsOf, isRestoration, type Mark, type Marked, MARKS, notNeeded, RESTORATIONS, sandingPlan } from './restore';
export { asNowKnown, isAsShipped } from './withdrawn';
