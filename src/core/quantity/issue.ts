/** Every expected failure of the core, by code. The words live in src/messages. */
export type IssueCode =
  | 'invalid'
  | 'required'
  | 'not-a-number'
  | 'must-be-positive'
  | 'must-not-be-negative'
  | 'too-large'
  | 'unknown-unit'
  | 'unit-missing'
  | 'wrong-unit'
  | 'ounce-ambiguous'
  | 'unknown-ingredient'
  | 'duplicate-ingredient'
  | 'duplicate-id'
  | 'no-stock-given'
  | 'one-make'
  | 'nothing-to-fill'
  | 'too-many-combinations'
  | 'unknown-line'
  | 'nothing-poured'
  | 'add-other'
  | 'target-out-of-reach'
  | 'same-fractions'
  | 'want-too-much'
  | 'bottle-gained'
  | 'lost-more-than-solvent'
  | 'not-in-proportion'
  | 'not-one-volatile'
  | 'fractions-sum'
  | 'dwell-shorter-than-setup'
  | 'dwell-past-chemistry'
  | 'wait-order'
  | 'opening-order'
  | 'unknown-zone'
  | 'bad-time'
  | 'step-out-of-order'
  | 'actual-backwards'
  | 'finish-by-later'
  | 'profile-undercut'
  | 'profile-short'
  | 'profile-backwards'
  | 'profile-thick'
  | 'one-ingredient'
  | 'not-found'
  | 'stale'
  | 'name-taken'
  | 'no-person'
  | 'overdrawn'
  | 'not-next'
  | 'in-the-future'
  | 'in-the-past'
  | 'before-last'
  | 'no-readings'
  | 'reading-fell'
  | 'wrong-drying'
  | 'wrong-feel'
  | 'stays-tacky'
  | 'slot-empty'
  | 'not-optional'
  | 'nothing-to-undo'
  | 'check-needs-outcome'
  | 'gate-unmet'
  | 'reason-needed'
  | 'already-decided'
  | 'not-released'
  | 'not-enough-pieces'
  | 'rags-first'
  | 'not-enough-jars'
  | 'pour-closed'
  | 'no-wax'
  | 'only-wax'
  | 'wax-too-soft'
  | 'wrong-way'
  | 'ambiguous-name'
  | 'unknown-basis'
  | 'solvent-above-oil'
  | 'lot-held'
  | 'same-lot'
  | 'bad-date'
  | 'not-enough-tins'
  | 'next-pot-too-small'
  | 'below-tare';

/** One fault: what, where in the input, and the bounds that were broken. */
export type Issue = {
  readonly code: IssueCode;
  readonly path: string;
  readonly with?: Readonly<Record<string, string | number>>;
};

/** What a function that can fail in an expected way gives back. */
export type Result<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly issues: readonly Issue[] };

export const ok = <T>(value: T): Result<T> => ({ ok: true, value });

export const fail = (code: IssueCode, path: string, bounds?: Issue['with']): Result<never> => ({
  ok: false,
  issues: [bounds ? { code, path, with: bounds } : { code, path }],
});
