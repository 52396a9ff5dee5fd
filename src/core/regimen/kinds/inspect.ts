import { stepKind } from './kind';

/** Looking the wood over. */
export const inspect = stepKind({
  setupMin: 1,
  perPieceMin: 1,
  lays: false,
  ends: false,
  abrades: false,
  doing: null,
});
