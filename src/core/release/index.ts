export { COST_PARTS, type Cost, type CostPart, costOf } from './cost';
export { type Evidence, type Gate, GATES, type GateId, gatesOf, mayRelease } from './gates';
export { GATES_1, NewReleaseRecord, ReleaseRecord } from './schema';
