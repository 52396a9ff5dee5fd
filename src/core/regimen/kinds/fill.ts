import { stepKind } from './kind';

/** Filling pores or cracks. */
export const fill = stepKind({
  setupMin: 3,
  perPieceMin: 4,
  lays: true,
  ends: false,
  abrades: false,
  doing: 'coating',
});
