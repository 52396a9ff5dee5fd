import { stepKind } from './kind';

/** Stain or dye. */
export const colour = stepKind({
  setupMin: 3,
  perPieceMin: 1.5,
  lays: true,
  ends: false,
  abrades: false,
  doing: 'coating',
});
