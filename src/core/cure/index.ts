export { a0Of, a0OfBought, type MilestoneId, milestones, type Needs, OIL_SHARES, onWood, SLOW_WOOD_FACTOR } from './a0';
export { type AgeClock, ageClock, type TimedClimate } from './age';
export { CHECK_KINDS, type CheckKind, openingChecks } from './checks';
export { CURE_MODES, type CureMode } from './checks/check';
export {
  type CheckSeen,
  countingChecks,
  cure,
  estimate,
  LN_SCALE,
  type NeededHours,
  neededHours,
  priorFactor,
  quantile,
  readyShare,
  type SeenAt,
} from './cure';
export { type Fitness, fitness } from './fit';
export { type AirGap, ahead, bridge, type Forecast, forecastOf, gapsIn, type SeasonCell } from './forecast';
export { type Learning, learnA0, nextBatch, type PastBatch, saidBy } from './learn';
export { clockSetRight, type LoggerFile, readLogger } from './logger';
export { cureRate } from './rate';
export { coldNights, hoursOf, MAY, warmestIn, weekOf } from './scenes';
export { type Climate, LIGHTS, type Light } from './schema';
export { coverage } from './simulated';
export { weepingNow } from './weep';
export { LEAST_WEIGHINGS, type WeighCurve, type Weighing, weighCurve } from './weigh';
export { dailyRate, dailyRates, type Move, type ReadyAt, rankMoves, readyWith, togetherMoves } from './whatif';
export {
  GOVERNS,
  type Governed,
  type Governs,
  governedRate,
  inRoom,
  meanAir,
  RATE_CLAMP,
  type RoomWait,
  windows,
} from './windows';
