import { stepKind } from './kind';

/** Warming the tin in a bath. */
export const warm = stepKind({
  setupMin: 3,
  perPieceMin: 0,
  lays: false,
  ends: false,
  abrades: false,
  doing: null,
});
