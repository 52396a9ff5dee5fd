import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { understand } from '@/core/blend';
import { INGREDIENTS, SHIPPED } from '@/core/material';
import type { Formula } from '@/data/blends/queries';
import { readCsv, toCsv } from '@/web/csv';
import { formulaSchema, releaseSchema } from '../../../docs/formats/write-schema';
import { formulasAsCsv, formulasAsJson, isFormulaFile, readFormulas } from './formula-file';

const formula = (
  name: string,
  basis: 'mass' | 'volume',
  note: string,
  lines: readonly { ingredient: string; parts: number }[],
): Formula => ({
  id: 1,
  name,
  createdAt: 0,
  version: 1,
  revisions: [{ id: 1, formulaId: 1, number: 1, basis, note, personId: 1, at: 0, lines, isUsed: false }],
});
const word = fc
  .stringMatching(/^[ -~éß“”]{1,30}$/)
  .filter((text) => text.trim() === text && text !== '' && !text.startsWith("'"));
const anyFormula = fc
  .tuple(
    word,
    fc.constantFrom('mass' as const, 'volume' as const),
    word,
    fc.uniqueArray(fc.constantFrom(...INGREDIENTS.map((one) => one.id)), { minLength: 2, maxLength: 12 }),
    fc.array(fc.integer({ min: 1, max: 9999 }), { minLength: 12, maxLength: 12 }),
  )
  .map(([name, basis, note, ids, parts]) =>
    formula(
      name,
      basis,
      note,
      ids.map((ingredient, i) => ({ ingredient, parts: (parts[i] ?? 1) / 100 })),
    ),
  );
const read = (text: string) => {
  const file = readFormulas(text);
  if ('fault' in file) throw new Error(file.fault);
  return file.read;
};
const kept = (formulas: readonly Formula[]) =>
  formulas.map(({ name, revisions: [revision] }) => ({ name, basis: revision?.basis ?? 'mass', lines: revision?.lines ?? [] }));

describe('files of formulas', () => {
  it('give back what went out, in either format, and an import of an export changes nothing', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(anyFormula, { selector: (one) => one.name.toLowerCase(), minLength: 1, maxLength: 4 }),
        (formulas) => {
          for (const text of [formulasAsJson(formulas), formulasAsCsv(formulas)]) {
            const found = understand(read(text), kept(formulas), SHIPPED);
            expect(found.map((one) => one.status)).toEqual(formulas.map(() => 'same'));
            expect(found.map(({ name, basis, note, lines }) => ({ name, basis, note, lines }))).toEqual(
              formulas.map(({ name, revisions: [revision] }) => ({
                name,
                basis: revision?.basis,
                note: revision?.note,
                lines: revision?.lines,
              })),
            );
          }
          expect(isFormulaFile(formulasAsJson(formulas))).toBe(true);
        },
      ),
      { seed: 5, numRuns: 60 },
    );
  });
  it.each([
    ['', 'empty'],
    ['{"format": "rendle-formulas", ', 'not JSON'],
    ['{"format": "recipes"}', '“format”'],
    ['{"format": "rendle-formulas", "version": 2}', 'version 2'],
    ['name;grams\nx;1', 'column is missing: formula, basis, ingredient, parts'],
  ])('refuse %s in words', (text, says) => {
    const file = readFormulas(text);
    expect('fault' in file && file.fault).toContain(says);
  });
  it('read semicolons, decimal commas and names as people write them', () => {
    const [one] = understand(
      read('Formula;Basis;Ingredient;Parts\nPaste;;Beeswax, filtered;1\nPaste;;mineral-oil;3,5\n'),
      [],
      SHIPPED,
    );
    expect(one).toMatchObject({
      name: 'Paste',
      basis: 'mass',
      status: 'new',
      lines: [
        { ingredient: 'beeswax', parts: 1 },
        { ingredient: 'mineral-oil', parts: 3.5 },
      ],
    });
  });
  it('survive nonsense in JSON, each fault at its line', () => {
    const [a, b] = understand(
      read(
        '{"format":"rendle-formulas","version":1,"formulas":[{"name":"A","basis":"mass","lines":[{"ingredient":"beeswax","parts":"1"},7]},null]}',
      ),
      [],
      SHIPPED,
    );
    expect(a?.issues.map((issue) => issue.path)).toEqual(expect.arrayContaining(['formula 1, line 1', 'formula 1, line 2']));
    expect(b?.status).toBe('refused');
  });
  it('are published by the shape they are read by', () => {
    expect(readFileSync('docs/formats/formulas.schema.json', 'utf8')).toBe(formulaSchema());
    expect(readFileSync('docs/formats/release.schema.json', 'utf8')).toBe(releaseSchema());
  });
});

describe('tables', () => {
  it('never start a formula in a table program, and read back what was written', () => {
    const rows = [
      { a: '=1+1', b: '@x' },
      { a: '-3', b: 'plain, with "quotes"' },
    ];
    expect(toCsv(rows)).toContain("'=1+1");
    expect(readCsv(toCsv(rows)).rows).toEqual(rows);
    expect(toCsv([])).toBe('');
  });
});
