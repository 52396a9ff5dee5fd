export { COST_PARTS, type Cost, type CostPart, costOf } from './cost';
export { type Evidence, type Gate, GATES, type GateId, gatesOf, mayRelease } from './gates';
export { ReleaseRecord } from './schema';
