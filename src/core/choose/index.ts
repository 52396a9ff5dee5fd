export {
  asGuideLot,
  type Candidate,
  type Choice,
  chooseFinish,
  COLOURS,
  OWNERS,
  type Reason,
  type ReasonCode,
  SHINES,
  usesOf,
  type FinishWish,
} from './choose';
