import { checkKind } from './check';

/** Clean paper pressed on: where oil cures by air a dry one shows that the surplus is off, not that the oil has cured. */
export const towel = checkKind({
  errs: { oxidise: { fp: 0.5, fn: 0.05 }, settle: { fp: 0.1, fn: 0.05 }, evaporate: { fp: 0.1, fn: 0.05 } },
  opens: ['settle'],
});
