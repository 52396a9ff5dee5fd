export { CHOICES, draftOf, draftSlot, draftStep, type RegimenDraft, readRegimen, type SlotDraft, type StepDraft } from './draft';
export { governsOf, isDwell, type RoomOf, waitInRoom } from './governs';
export { lastGrit } from './grit';
export { abrades, doingOf, drawsLot, endsCoat, handlesWet, laysCoat, STEP_KINDS, type StepKind } from './kinds';
export { holdsOver, type Layer } from './layers';
export { CABINET, type CabinetFault, cabinetFault, lightsVapour, ROOM_UNITS } from './places';
export { gritsOf, isRestoration, MARKS, type Mark, type Marked, notNeeded, RESTORATIONS, sandingPlan } from './restore';
export { PASTE_UP_TO, POURED_BELOW, rolesOf, rolesOfBought } from './roles';
export { faultsOfSequence, warningsOfSequence } from './rules';
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
export { REGIMENS } from './shipped';
export { gramsPerPiece, type Soaks, USUAL_DENSITY } from './soak';
export { buff, coat, HANDS_AREA, handsMin, handsScale, hours, NONE, sand, step, wait, wipe } from './steps';
export { type Material, offerFor, suits, type WhyNone } from './suits';
export { asNowKnown, isAsShipped } from './withdrawn';
