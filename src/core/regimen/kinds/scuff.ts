import { stepKind } from './kind';

/** Dulling what lies there, so that the next coat holds. */
export const scuff = stepKind({
  setupMin: 2,
  perPieceMin: 1.5,
  lays: false,
  ends: false,
  abrades: true,
  doing: 'sanding',
});
