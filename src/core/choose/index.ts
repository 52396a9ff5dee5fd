export {
  asGuideLot,
  type Candidate,
  type Choice,
  COLOURS,
  choicesByTitle,
  chooseFinish,
  type FinishWish,
  OWNERS,
  type Reason,
  type ReasonCode,
  SHINES,
  usesOf,
} from './choose';
