export { type A0Source, a0Of, MILESTONES } from './a0';
export { type AgeClock, ageClock, type TimedClimate } from './age';
export { type CheckSeen, type Cure, cure, estimate, type Needed, quantile, readyShare } from './cure';
export { CHECK_HOLDS_HOURS, FIT_FROM, type Fitness, fitness } from './fit';
export { type Learned, type Learning, learnA0, nextBatch, type PastBatch, saidBy } from './learn';
export { type Logged, type LoggerFile, readLogger, type Understood } from './logger';
export { CHECK_KINDS, type CheckKind, type Climate, LIGHTS, type Light } from './schema';
export { cureRate } from './rate';
export {
  type Daily,
  dailyRate,
  type Movable,
  type Move,
  rankMoves,
  type ReadyAt,
  readyWith,
  type Spot,
  type Underway,
} from './whatif';
