import { stepKind } from './kind';

/** Paint. */
export const paint = stepKind({
  setupMin: 4,
  perPieceMin: 3,
  lays: true,
  ends: false,
  abrades: false,
  doing: 'coating',
});
