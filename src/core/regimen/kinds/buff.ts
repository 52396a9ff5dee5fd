import { stepKind } from './kind';

/** Rubbing a coat up by hand. */
export const buff = stepKind({
  setupMin: 2,
  perPieceMin: 2,
  lays: false,
  ends: true,
  abrades: false,
  doing: 'buffing',
});
