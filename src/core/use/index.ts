export { type Choosable, type GateAhead, gatesAhead, type PlannedPiece } from './ahead';
export { finishOf, type Layer, layerOfBlend, usualUses, withAdded } from './finish';
export {
  FOOD_USES,
  type GatesInput,
  gates,
  meetsFood,
  STATEMENTS,
  type Statement,
  USE_GATES,
  type UseGate,
  type UseGateId,
  type UseGates,
} from './gates';
export { isBySurface, slotMeets, surfacesMeeting, whereSlotLies, withoutSurface } from './meets';
export { ADDED, type Added, Glue, glueOf, layerOfGlue, strictest } from './wood';
