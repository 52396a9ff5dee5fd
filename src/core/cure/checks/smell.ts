import { checkKind } from './check';

/** A nose close to it. */
export const smell = checkKind({
  errs: { oxidise: { fp: 0.15, fn: 0.1 }, settle: { fp: 0.15, fn: 0.1 }, evaporate: { fp: 0.15, fn: 0.1 } },
  opens: ['oxidise', 'evaporate'],
});
