import 'server-only';
import type { Issue, Result } from '@/core/quantity';
import type { Db } from './db';

/** Who does it and when; a command never looks at a clock. */
export type By = { readonly personId: number; readonly nowMs: number };

/** A device's clock may run this far ahead before a record counts as lying in the future. */
const AHEAD_MS = 120_000;

/** Whether something is said to have been done later than it can have been. */
export const isAhead = (at: number, { nowMs }: Pick<By, 'nowMs'>): boolean => at > nowMs + AHEAD_MS;

const refused = Symbol('refused');
type Refusal = { readonly [refused]: readonly Issue[] };
const isRefusal = (thrown: unknown): thrown is Refusal => typeof thrown === 'object' && thrown !== null && refused in thrown;

/** Runs one command in one transaction: issues roll it back and are given back, anything else is thrown on. */
export function command<T>(db: Db, run: (tx: Db) => Result<T>): Result<T> {
  try {
    return db.transaction(
      (tx) => {
        const result = run(tx as unknown as Db);
        if (!result.ok) throw { [refused]: result.issues } satisfies Refusal;
        return result;
      },
      { behavior: 'immediate' },
    );
  } catch (thrown) {
    if (isRefusal(thrown)) return { ok: false, issues: thrown[refused] };
    throw thrown;
  }
}
