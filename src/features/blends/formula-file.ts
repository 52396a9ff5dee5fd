import 'server-only';
import { FormulaFile, type FormulaRead } from '@/core/blend';
import { parseNumber } from '@/core/quantity';
import type { Formula } from '@/data/blends/queries';
import { formulaFile as wording } from '@/messages/screens/blends';
import { MOST_ROWS, readCsv, TOO_MANY_ROWS, toCsv } from '@/web/csv';

const latest = (formulas: readonly Formula[]) =>
  formulas.flatMap((formula) => {
    const revision = formula.revisions[0];
    return revision ? [{ name: formula.name, basis: revision.basis, note: revision.note, lines: revision.lines }] : [];
  });

/** Every formula's latest revision in the open format. */
export const formulasAsJson = (formulas: readonly Formula[]): string =>
  `${JSON.stringify({ format: 'rendle-formulas', version: 1, formulas: latest(formulas) }, null, 2)}\n`;

/** One row per line of a formula. */
export const formulasAsCsv = (formulas: readonly Formula[]): string =>
  toCsv(
    latest(formulas).flatMap(({ name, basis, note, lines }) =>
      lines.map((line, i) => ({
        formula: name,
        basis,
        ingredient: line.ingredient,
        parts: line.parts,
        note: i === 0 ? note : '',
      })),
    ),
  );

const HEADINGS = ['formula', 'basis', 'ingredient', 'parts'];

function readRows(text: string): {
  readonly read: readonly FormulaRead[];
  readonly missing: readonly string[];
  readonly isTooLong: boolean;
} {
  const { headings, rows } = readCsv(text);
  const missing = HEADINGS.filter((heading) => !headings.includes(heading));
  const isTooLong = rows.length > MOST_ROWS;
  if (missing.length > 0 || isTooLong) return { read: [], missing, isTooLong };
  const byName = new Map<
    string,
    { at: string; name: string; basis: string; note: string; lines: FormulaRead['lines'][number][] }
  >();
  rows.forEach((row, i) => {
    const at = wording.row(i + 2);
    const name = row.formula ?? '';
    const parts = parseNumber(row.parts ?? '');
    const line = { at, ingredient: row.ingredient ?? '', parts: parts.ok ? parts.value : null };
    const found = byName.get(name);
    if (found) found.lines.push(line);
    else byName.set(name, { at, name, basis: (row.basis || 'mass').toLowerCase(), note: row.note ?? '', lines: [line] });
  });
  return { read: [...byName.values()], missing, isTooLong };
}

/** The shape of each formula is read leniently, so that one bad line does not hide the good ones. */
function readObjects(formulas: unknown): FormulaRead[] {
  const list = Array.isArray(formulas) ? formulas : [];
  return list.map((one: unknown, i) => {
    const record = (typeof one === 'object' && one !== null ? one : {}) as Record<string, unknown>;
    const lines = Array.isArray(record.lines) ? record.lines : [];
    return {
      at: wording.formula(i + 1),
      name: String(record.name ?? ''),
      basis: String(record.basis ?? ''),
      note: String(record.note ?? ''),
      lines: lines.map((line: unknown, j) => {
        const { ingredient, parts } = (typeof line === 'object' && line !== null ? line : {}) as Record<string, unknown>;
        return {
          at: wording.formulaLine(i + 1, j + 1),
          ingredient: String(ingredient ?? ''),
          parts: typeof parts === 'number' ? parts : null,
        };
      }),
    };
  });
}

export type FileRead = { readonly read: readonly FormulaRead[] } | { readonly fault: string };

/** A file of formulas as it was given, JSON or CSV by its first letter; a fault in words when it is neither. */
export function readFormulas(text: string): FileRead {
  if (text.trim() === '') return { fault: wording.theFileIsEmpty };
  if (!/^[{[]/.test(text.trim())) {
    const { read, missing, isTooLong } = readRows(text);
    if (isTooLong) return { fault: TOO_MANY_ROWS };
    if (missing.length > 0) return { fault: wording.aColumnIsMissing(missing.join(', ')) };
    return { read };
  }
  try {
    const data = JSON.parse(text) as { readonly format?: unknown; readonly version?: unknown; readonly formulas?: unknown };
    if (data.format !== 'rendle-formulas') return { fault: wording.thisJsonIsNo };
    if (data.version !== 1) return { fault: wording.thisFileIsOf(String(data.version)) };
    if (Array.isArray(data.formulas) && data.formulas.length > MOST_ROWS) return { fault: TOO_MANY_ROWS };
    return { read: readObjects(data.formulas) };
  } catch {
    return { fault: wording.thisIsNotJson };
  }
}

/** Whether a text is a whole, faultless file of the open format. @public */
export const isFormulaFile = (text: string): boolean => FormulaFile.safeParse(JSON.parse(text)).success;
