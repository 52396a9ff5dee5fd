import { checkKind } from './check';

/** A drop that beads shows protection, never cure, and opens nothing; it beads on wet oil too. */
export const waterBead = checkKind({
  errs: { oxidise: { fp: 0.6, fn: 0.15 }, settle: { fp: 0.6, fn: 0.15 }, evaporate: { fp: 0.6, fn: 0.15 } },
  opens: [],
});
