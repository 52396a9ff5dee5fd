export { COST_PARTS, type CostPart, costOf, type RecordedCost } from './cost';
export { type Beside, besideGate, type Evidence, GATES, type Gate, type GateId, gatesOf, mayRelease } from './gates';
export { GATES_1, NewReleaseRecord, ReleaseRecord } from './schema';
