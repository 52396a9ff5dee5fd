export type { HandAction } from './action';
export { type Ahead, aheadOf, type Call, callsOf, projected } from './ahead';
export { type Countdown, countdownOf } from './countdown';
export { doingIn, isDoneThere } from './doing';
export { type NotFree, notFree } from './free';
export { type Knocked, type KnockTune, knockReader, type Level, TUNE, tuneOf } from './knocks';
export { asAction } from './task-words';
export { amissNow } from './troubles';
export { byUrgency, type HandRisk, isForHandsNow, pressOf, READING_COUNTS_HOURS, riskOf } from './urgency';
