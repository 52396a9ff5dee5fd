import { blend, cheapest, correct, fill, measures } from '@/core/blend';
import { care } from '@/core/care';
import { cautions } from '@/core/caution';
import { colour } from '@/core/colour';
import { cost } from '@/core/cost';
import { cure, windows } from '@/core/cure';
import { identify, SHIPPED } from '@/core/material';
import { melt } from '@/core/melt';
import { area, emc, uptake } from '@/core/piece';
import { day, plan, rounds } from '@/core/plan';
import { BASE_READS, ok, type Result } from '@/core/quantity';
import { trial } from '@/core/trial';
import { gates } from '@/core/use';
import { sayBlocking, sayIssue } from '@/messages';
import { loadSolver } from '@/solvers/highs';

/** The plan with what blocks it in words. */
function planInWords(input: unknown): Result<unknown> {
  const made = plan(input);
  if (!made.ok || made.value.feasible) return made;
  return ok({ ...made.value, blocking: { ...made.value.blocking, reason: sayBlocking(made.value.blocking) } });
}

/** The whole shop's plan with what blocks it in words. */
function dayInWords(input: unknown): Result<unknown> {
  const made = day(input);
  if (!made.ok || made.value.feasible) return made;
  const { blocking } = made.value;
  return ok({ ...made.value, blocking: { ...blocking, reason: sayBlocking(blocking) } });
}

type Calculation = (input: unknown) => Result<unknown> | Promise<Result<unknown>>;

let solver: ReturnType<typeof loadSolver> | undefined;

/** The solver is loaded with the first blend that asks for it. */
async function solve(input: unknown): Promise<Result<unknown>> {
  solver ??= loadSolver();
  return cheapest(input, await solver, SHIPPED);
}

/** Every calculation of the contract, by the name it is called with. */
export const CALCULATIONS: Readonly<Record<string, Calculation>> = {
  area,
  blend: (one) => blend(one, SHIPPED),
  care,
  cautions: (one) => cautions(one, SHIPPED),
  colour,
  correct: (one) => correct(one, SHIPPED),
  cost,
  cure,
  day: dayInWords,
  emc,
  fill,
  gates,
  identify,
  measures: (one) => measures(one, BASE_READS, SHIPPED),
  melt,
  plan: planInWords,
  rounds,
  solve,
  trial,
  uptake,
  windows,
};

type ErrorObject = { readonly error: { readonly path: string; readonly message: string } };

const errorOf = (path: string, message: string): ErrorObject => ({ error: { path, message } });

/** Whether every number of a result is one. */
function isSayable(value: unknown): boolean {
  if (typeof value === 'number') return Number.isFinite(value);
  return typeof value !== 'object' || value === null || Object.values(value).every(isSayable);
}

/** One case: the result, or an error object. */
async function one(name: string, input: unknown): Promise<unknown> {
  let result: Result<unknown>;
  try {
    result = await (CALCULATIONS[name] as Calculation)(input);
  } catch {
    // One case that breaks the reckoning never ends the others.
    return errorOf('', 'This case cannot be reckoned. Check its numbers: one of them is far from anything that is made.');
  }
  if (result.ok)
    return isSayable(result.value)
      ? result.value
      : errorOf('', 'Its numbers are too large or too small to be reckoned with. Check the digits and the units.');
  const [first] = result.issues;
  return errorOf(first?.path ?? '', result.issues.map((one) => sayIssue(one, BASE_READS)).join(' '));
}

const isError = (value: unknown): boolean => typeof value === 'object' && value !== null && 'error' in value;

/** Runs one case or an array of them. In an array an error takes its case's place and the status stays 0. */
export async function calc(name: string, text: string): Promise<{ readonly output: string; readonly status: 0 | 2 }> {
  const say = (value: unknown): { output: string; status: 0 | 2 } => ({
    output: JSON.stringify(value),
    status: isError(value) ? 2 : 0,
  });
  if (!Object.hasOwn(CALCULATIONS, name)) {
    return say(errorOf('', `There is no calculation “${name}”. There are: ${Object.keys(CALCULATIONS).join(', ')}.`));
  }
  let input: unknown;
  try {
    input = JSON.parse(text);
  } catch {
    return say(errorOf('', 'This is not JSON. Check the brackets, quotes and commas.'));
  }
  if (!Array.isArray(input)) return say(await one(name, input));
  const results: unknown[] = [];
  for (const item of input) results.push(await one(name, item));
  return say(results);
}
