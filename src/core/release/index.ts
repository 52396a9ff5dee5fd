export { type Evidence, GATES, type Gate, type GateId, gatesOf, mayRelease } from './gates';
