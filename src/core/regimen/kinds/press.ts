import { stepKind } from './kind';

/** Pressing on a wax stick at the lathe. */
export const press = stepKind({
  setupMin: 1,
  perPieceMin: 2,
  lays: true,
  ends: false,
  abrades: false,
  doing: 'coating',
});
