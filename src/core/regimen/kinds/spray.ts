import { stepKind } from './kind';

/** A coat laid on as mist. */
export const spray = stepKind({
  setupMin: 8,
  perPieceMin: 1,
  lays: true,
  ends: false,
  abrades: false,
  doing: 'spraying',
});
