import { fail, type Result } from './issue';
import { parseTerms, sumTerms } from './measure';
import type { Reads } from './reads';
import { typedText } from './typed';
import type { Quantity, UnitRow } from './unit';

/** Length in millimetres. */
export type Millimetres = Quantity<'mm'>;

/** Millimetres in each unit of length. Source: international inch (exact). */
export const LENGTH_UNITS = [
  { names: ['mm', 'millimetre', 'millimeter'], perUnit: 1 },
  { names: ['cm', 'centimetre', 'centimeter'], perUnit: 10 },
  { names: ['m', 'metre', 'meter'], perUnit: 1000 },
  { names: ['in', 'inch', 'inche', '"', '″'], perUnit: 25.4 },
  { names: ['ft', 'foot', 'feet', "'", '′'], perUnit: 304.8 },
] as const satisfies readonly UnitRow[];

/** More sizes than this describe no piece. */
const MOST_SIZES = 12;

/** @public */
export const millimetres = (value: number): Millimetres => value as Millimetres;

/** A typed length: `420`, `42 cm`, `1½ in`; a bare number is in what the shop's rule shows. Returns mm, above 0. */
export function parseLength(text: string, reads: Reads): Result<Millimetres> {
  const terms = parseTerms(text);
  return (terms.ok ? sumTerms(terms.value, LENGTH_UNITS, reads.length) : terms) as Result<Millimetres>;
}

/** Millimetres as a field holds them, in what the shop's rule shows: `40`, `1.57 in`. To a millimetre, or a hundredth of an inch. */
export const typedLength = (mm: number, reads: Reads): string =>
  reads.length === 'in' ? `${Number((mm / 25.4).toFixed(2))} in` : String(Math.round(mm));

/**
 * Sizes in one go: `420 x 260 x 24`, `12 x 18 in` (a unit at the end holds for all that have none).
 * @returns millimetres, in the order typed
 */
export function parseSizes(text: string, reads: Reads): Result<readonly Millimetres[]> {
  const typed = typedText(text);
  if (!typed.ok) return typed;
  const parts = typed.value.split(/ ?[x×*] ?/i);
  if (parts.length > MOST_SIZES) return fail('too-large', '', { most: MOST_SIZES });
  const last = /[a-z"″'′]{1,12}$/i.exec(parts.at(-1) ?? '')?.[0] ?? reads.length;
  const sizes: Millimetres[] = [];
  for (const part of parts) {
    const size = parseLength(/[a-z"″'′]$/i.test(part) ? part : `${part} ${last}`, reads);
    if (!size.ok) return size;
    sizes.push(size.value);
  }
  return { ok: true, value: sizes };
}
