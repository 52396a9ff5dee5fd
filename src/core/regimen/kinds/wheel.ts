import { stepKind } from './kind';

/** Buffing on the wheel. */
export const wheel = stepKind({
  setupMin: 3,
  perPieceMin: 2,
  lays: false,
  ends: true,
  abrades: false,
  doing: 'buffing',
});
