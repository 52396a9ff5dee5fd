import { stepKind } from './kind';

/** Taking the surplus off with a cloth. */
export const wipe = stepKind({
  setupMin: 2,
  perPieceMin: 1,
  lays: false,
  ends: true,
  abrades: false,
  doing: 'wiping',
});
