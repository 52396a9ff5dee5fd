export { type Brief, briefly, inFull } from './brief';
export { CHOICES, draftOf, type RegimenDraft, readRegimen, type SlotDraft, type StepDraft } from './draft';
export { governsOf, isDwell, type RoomOf, waitInRoom } from './governs';
export { lastGrit } from './grit';
export { abrades, doingOf, drawsLot, endsCoat, handlesWet, laysCoat, STEP_KINDS, type StepKind } from './kinds';
export { CABINET, cabinetFault, lightsVapour, ROOM_UNITS } from './places';
export { gritsOf, isRestoration, MARKS, type Mark, type Marked, notNeeded, RESTORATIONS, sandingPlan } from './restore';
export { rolesOf, rolesOfBought } from './roles';
export { faultsOfSequence, warningsOfSequence } from './rules';
export {
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
  type Until,
  VERDICT_KINDS,
  type VerdictKind,
} from './schema';
export { REGIMENS } from './shipped';
export { gramsPerPiece, USUAL_DENSITY } from './soak';
export { buffStep, coatStep, handsMin, handsScale, hours, NONE, sandStep, step, wait, wipeStep } from './steps';
export { type Material, offerFor, suits, type WhyNone } from './suits';
export { asNowKnown, isAsShipped } from './withdrawn';
