import { stepKind } from './kind';

/** A check of the cure. */
export const check = stepKind({
  setupMin: 1,
  perPieceMin: 0.5,
  lays: false,
  ends: false,
  abrades: false,
  doing: null,
});
