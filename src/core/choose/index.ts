export {
  asGuideLot,
  type Candidate,
  type Choice,
  COLOURS,
  chooseFinish,
  type FinishWish,
  OWNERS,
  type Reason,
  type ReasonCode,
  SHINES,
  usesOf,
} from './choose';
