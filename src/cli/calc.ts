import { blend, correct, fill } from '@/core/blend';
import { care } from '@/core/care';
import { cure } from '@/core/cure';
import { melt } from '@/core/melt';
import { area, emc, uptake } from '@/core/piece';
import { plan, rounds } from '@/core/plan';
import { ok, type Result } from '@/core/quantity';
import { sayBlocking, sayIssue } from '@/messages';

/** The plan with what blocks it in words. */
function planInWords(input: unknown): Result<unknown> {
  const made = plan(input);
  if (!made.ok || made.value.feasible) return made;
  return ok({ ...made.value, blocking: { ...made.value.blocking, reason: sayBlocking(made.value.blocking) } });
}

/** Every calculation of the contract, by the name it is called with. */
export const CALCULATIONS: Readonly<Record<string, (input: unknown) => Result<unknown>>> = {
  area,
  blend,
  care,
  correct,
  cure,
  emc,
  fill,
  melt,
  plan: planInWords,
  rounds,
  uptake,
};

type ErrorObject = { readonly error: { readonly path: string; readonly message: string } };

const errorOf = (path: string, message: string): ErrorObject => ({ error: { path, message } });

/** One case: the result, or an error object. */
function one(name: string, input: unknown): unknown {
  const result = (CALCULATIONS[name] as (input: unknown) => Result<unknown>)(input);
  if (result.ok) return result.value;
  const [first] = result.issues;
  return errorOf(first?.path ?? '', result.issues.map(sayIssue).join(' '));
}

const isError = (value: unknown): boolean => typeof value === 'object' && value !== null && 'error' in value;

/** Runs one case or an array of them. In an array an error takes its case's place and the status stays 0. */
export function calc(name: string, text: string): { readonly output: string; readonly status: 0 | 2 } {
  const say = (value: unknown): { output: string; status: 0 | 2 } => ({
    output: JSON.stringify(value),
    status: isError(value) ? 2 : 0,
  });
  if (!Object.hasOwn(CALCULATIONS, name)) {
    return say(errorOf('', `There is no calculation “${name}”. There are: ${Object.keys(CALCULATIONS).join(', ')}.`));
  }
  try {
    const input: unknown = JSON.parse(text);
    return say(Array.isArray(input) ? input.map((item) => one(name, item)) : one(name, input));
  } catch {
    return say(errorOf('', 'This is not JSON. Check the brackets, quotes and commas.'));
  }
}
