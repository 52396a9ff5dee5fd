import { stepKind } from './kind';

/** Sanding to a grit. */
export const sand = stepKind({
  setupMin: 2,
  perPieceMin: 3,
  lays: false,
  ends: false,
  abrades: true,
  doing: 'sanding',
});
