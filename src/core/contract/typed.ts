import { z } from 'zod';
import { ok, parsePositive, type Result } from '@/core/quantity';

/** The most letters of one typed field. */
const MOST_TYPED = 400;

const raise = (ctx: z.RefinementCtx, result: Extract<Result<unknown>, { ok: false }>): never => {
  for (const { code, path, with: bounds } of result.issues)
    ctx.addIssue({ code: 'custom', path: path === '' ? [] : path.split('.'), params: { code, with: bounds } });
  return z.NEVER;
};

/** A typed field, read as a form and its action both read it: text in, what was understood out; a fault keeps its own code and bounds. */
export const typed = <T>(parse: (text: string) => Result<T>) =>
  z
    .string()
    .max(MOST_TYPED)
    .transform((text, ctx): T => {
      const read = parse(text);
      return read.ok ? read.value : raise(ctx, read);
    });

/** The same of a field that may stay empty: null then. */
export const typedOrNone = <T>(parse: (text: string) => Result<T>) =>
  typed((text): Result<T | null> => (text.trim() === '' ? ok(null) : parse(text)));

/** A whole number above zero, of something that is named where it is not whole: `pieces`. */
export const typedCount = (of: string) =>
  typed((text) => {
    const read = parsePositive(text);
    return read.ok && !Number.isInteger(read.value)
      ? { ok: false, issues: [{ code: 'invalid', path: '', with: { detail: `a whole number of ${of}` } }] }
      : read;
  });

/** A choice in a list, kept as the text of a row's number; null where none is chosen. */
export const chosenRowOrNone = typed((text): Result<number | null> => {
  if (text === '') return ok(null);
  const row = Number(text);
  return Number.isInteger(row) && row > 0 ? ok(row) : { ok: false, issues: [{ code: 'required', path: '' }] };
});
