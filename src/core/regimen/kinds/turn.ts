import { stepKind } from './kind';

/** Turning a piece over, or carrying it; nothing is done to its surface. */
export const turn = stepKind({
  setupMin: 0,
  perPieceMin: 0.5,
  lays: false,
  ends: false,
  abrades: false,
  doing: null,
});
