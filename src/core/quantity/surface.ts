import { fail, ok, type Result } from './issue';
import { checkPositive, parseNumber } from './number';
import { typedText } from './typed';

/** Square millimetres in each unit of surface. Source: international inch (exact). */
export const SURFACE_UNITS: readonly { readonly names: readonly string[]; readonly perUnit: number }[] = [
  { names: ['mm2', 'mm²', 'sq mm'], perUnit: 1 },
  { names: ['cm2', 'cm²', 'sq cm'], perUnit: 100 },
  { names: ['dm2', 'dm²'], perUnit: 10_000 },
  { names: ['m2', 'm²', 'sq m'], perUnit: 1_000_000 },
  { names: ['in2', 'in²', 'sq in'], perUnit: 25.4 ** 2 },
  { names: ['ft2', 'ft²', 'sq ft'], perUnit: 304.8 ** 2 },
];

/** A typed surface: `1200 cm²`, `0,12 m2`, `40 sq in`; a bare number is asked about. Returns mm², above 0. */
export function parseArea(text: string): Result<number> {
  const typed = typedText(text);
  if (!typed.ok) return typed;
  // The unit begins where the letters do.
  const at = typed.value.search(/[a-z]/i);
  const unit = at < 0 ? '' : typed.value.slice(at);
  const read = parseNumber(at < 0 ? typed.value : typed.value.slice(0, at));
  if (!read.ok) return read;
  const name = unit.toLowerCase();
  if (name === '') return fail('unit-missing', '');
  const row = SURFACE_UNITS.find((one) => one.names.includes(name));
  if (!row) return fail('wrong-unit', '', { unit });
  const positive = checkPositive(read.value);
  return positive.ok ? ok(read.value * row.perUnit) : positive;
}
