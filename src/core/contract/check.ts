import type { z } from 'zod';
import type { Issue, IssueCode, Result } from '@/core/quantity';

/** The room's own issue, when a refinement raised one: `{ params: { code } }` on a Zod custom issue. */
type CustomParams = { readonly code?: IssueCode; readonly with?: Issue['with'] };

type ZodIssue = z.core.$ZodIssue | z.core.$ZodRawIssue;

function codeOf(issue: ZodIssue): IssueCode {
  if (issue.code === 'custom') return (issue.params as CustomParams | undefined)?.code ?? 'invalid';
  if (issue.code === 'invalid_type') return issue.input === undefined ? 'required' : 'invalid';
  if (issue.code === 'too_big')
    return issue.origin === 'string' ? 'too-long' : issue.origin === 'array' ? 'too-many' : 'too-large';
  if (issue.code === 'too_small') {
    if (issue.origin === 'string' || issue.origin === 'array') return 'required';
    if (Number(issue.minimum) !== 0) return 'too-small';
    return issue.inclusive ? 'must-not-be-negative' : 'must-be-positive';
  }
  return 'invalid';
}

/** The path of a fault as people read it: `lines.0.parts`. */
const pathOf = (path: readonly PropertyKey[]): string => path.map(String).join('.');

/** A fault of a shape as the house's own, whether it was raised by the shape itself or by what a typed field holds. */
export function issueOf(issue: ZodIssue): Issue {
  const own = issue.code === 'custom' ? (issue.params as CustomParams | undefined)?.with : undefined;
  const code = codeOf(issue);
  const path = pathOf(issue.path ?? []);
  if (own) return { code, path, with: own };
  if (issue.code === 'too_big') return { code, path, with: { most: Number(issue.maximum) } };
  if (code === 'too-small' && issue.code === 'too_small') return { code, path, with: { least: Number(issue.minimum) } };
  return code === 'invalid' && issue.message ? { code, path, with: { detail: issue.message } } : { code, path };
}

/** Checks an input against its shape and gives every fault at once, as data. */
export function check<S extends z.ZodType>(schema: S, input: unknown): Result<z.output<S>> {
  const parsed = schema.safeParse(input, { reportInput: true });
  return parsed.success ? { ok: true, value: parsed.data } : { ok: false, issues: parsed.error.issues.map(issueOf) };
}
