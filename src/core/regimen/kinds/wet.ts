import { stepKind } from './kind';

/** Water on the wood, so that its fibres stand up and can be cut off. */
export const wet = stepKind({
  setupMin: 1,
  perPieceMin: 0.5,
  lays: false,
  ends: false,
  abrades: false,
  doing: null,
});
