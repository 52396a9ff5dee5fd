import { fail, type Issue, ok, type Result } from './issue';
import { checkPositive, parseNumber } from './number';
import { typedText } from './typed';
import { lookUpUnit, type UnitRow } from './unit';

const TERM = /([+-]?[\d½⅓⅔¼¾⅛⅜⅝⅞⅕][\d.,/\s½⅓⅔¼¾⅛⅜⅝⅞⅕\u2009\u202f\u00a0]*)\s*([^\d.,/\s½⅓⅔¼¾⅛⅜⅝⅞⅕][^\d½⅓⅔¼¾⅛⅜⅝⅞⅕]*)?/gy;

/** One written term: a number and what stands behind it. */
export type Term = { readonly value: number; readonly unit: string };

/** Splits `1 lb 2 oz` into its terms; an issue when a part of the text belongs to no term. */
export function parseTerms(text: string): Result<readonly Term[]> {
  const typed = typedText(text);
  if (!typed.ok) return typed;
  const trimmed = typed.value;
  if (trimmed === '') return fail('required', '');
  const terms: Term[] = [];
  TERM.lastIndex = 0;
  while (TERM.lastIndex < trimmed.length) {
    const match = TERM.exec(trimmed);
    if (!match) return fail('not-a-number', '', { text });
    const number = parseNumber(match[1] ?? '');
    if (!number.ok) return number;
    terms.push({ value: number.value, unit: (match[2] ?? '').trim() });
  }
  return ok(terms);
}

/**
 * Reads terms against one unit table and adds them up in the base unit.
 * @param bare the unit meant by a number alone; without it a bare number is an issue
 */
export function sumTerms(terms: readonly Term[], table: readonly UnitRow[], bare?: string): Result<number> {
  let total = 0;
  const issues: Issue[] = [];
  for (const term of terms) {
    const written = term.unit || bare;
    const row = written ? lookUpUnit(table, written) : undefined;
    if (!written) issues.push({ code: 'unit-missing', path: '' });
    else if (!row) issues.push({ code: 'unknown-unit', path: '', with: { unit: written } });
    else total += term.value * row.perUnit;
  }
  return issues.length > 0 ? { ok: false, issues } : checkPositive(total);
}
