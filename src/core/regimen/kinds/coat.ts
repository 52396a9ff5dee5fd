import { stepKind } from './kind';

/** A coat of oil, wax or varnish. */
export const coat = stepKind({
  setupMin: 3,
  perPieceMin: 1.5,
  lays: true,
  ends: false,
  abrades: false,
  doing: 'coating',
});
