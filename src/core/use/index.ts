export { type GateAhead, gatesAhead } from './ahead';
export { type FinishLayer, finishOf, layerOfBlend, usualUses, withAdded } from './finish';
export { gates, USE_GATE_KINDS, USE_GATES, type UseGate, type UseGateId, type UseGates } from './gates';
export type { Shown } from './gates/gate';
export { type GatesInput, meetsFood, STATEMENTS, type Statement } from './gates/piece';
export { isBySurface, slotMeets, surfacesMeeting, whereSlotLies, withoutSurface } from './meets';
export { ADDED, type Added, Glue, glueOf, layerOfGlue, strictest } from './wood';
