export {
  type A0Source,
  a0Of,
  a0OfBought,
  MILESTONE_IDS,
  type MilestoneId,
  milestones,
  type Needs,
  OIL_SHARES,
  onWood,
  SLOW_WOOD_FACTOR,
} from './a0';
export { type AgeClock, ageClock, type TimedClimate } from './age';
export { CHECK_KINDS, type CheckKind, openingChecks } from './checks';
export { CURE_MODES, type CureMode } from './checks/check';
export {
  type CheckSeen,
  type Cure,
  countingChecks,
  cure,
  estimate,
  LN_SCALE,
  type Needed,
  neededHours,
  priorFactor,
  quantile,
  readyShare,
  type SeenAt,
} from './cure';
export { CHECK_HOLDS_HOURS, checksOpen, FIT_FROM, type Fitness, fitness, type Setting } from './fit';
export { type AirGap, ahead, bridge, type Forecast, forecastOf, gapsIn, type SeasonCell } from './forecast';
export { type Learned, type Learning, learnA0, nextBatch, type PastBatch, saidBy } from './learn';
export { clockSetRight, type Logged, type LoggerFile, readLogger, type UnderstoodLog } from './logger';
export { cureRate } from './rate';
export { coldNights, hoursOf, MAY, warmestIn, weekOf } from './scenes';
export { type Climate, LIGHTS, type Light } from './schema';
export { coverage } from './simulated';
export { type Weeping, WIPE_AGAIN_HOURS, weepingNow } from './weep';
export { LEAST_WEIGHINGS, type WeighCurve, type Weighing, weighCurve } from './weigh';
export {
  type Daily,
  dailyRate,
  dailyRates,
  type Movable,
  type Move,
  type ReadyAt,
  rankMoves,
  readyWith,
  type Spot,
  togetherMoves,
  type Underway,
} from './whatif';
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
