export type { HandAction } from './action';
export { type Ahead, aheadOf, CALL_BEFORE_MS, type Call, callsOf, projected } from './ahead';
export { type Countdown, countdownOf } from './countdown';
export { doingIn, isDoneThere } from './doing';
export { type NotFree, notFree } from './free';
export { type Knocked, type KnockTune, knockReader, type Level, TUNE, tuneOf } from './knocks';
export { asAction, type TaskWords } from './task-words';
export { type Amiss, amissNow, OFFERED_HOURS, overdueMin, type SeenEntry } from './troubles';
export { byUrgency, type HandRisk, isForHandsNow, PRESSING_MS, pressOf, READING_COUNTS_HOURS, riskOf } from './urgency';
