import { checkKind } from './check';

/** A dry finger: where oil cures by air a dry hand shows that the surplus is off, not that the oil has cured. */
export const touch = checkKind({
  errs: { oxidise: { fp: 0.4, fn: 0.05 }, settle: { fp: 0.2, fn: 0.05 }, evaporate: { fp: 0.2, fn: 0.05 } },
  opens: ['settle', 'evaporate'],
});
