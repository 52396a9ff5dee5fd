import { z } from 'zod';
import { type Catalogue, nameToIngredient } from '@/core/material';
import type { Issue } from '@/core/quantity';
import { sharesOf } from './lines';
import { BASES, type FormulaLine } from './schema';

/** One formula as it crosses a boundary. Ingredients are ids of the house, or any of their names. */
export const FormulaRecord = z.object({
  name: z.string().trim().min(1).max(120),
  basis: z.enum(BASES),
  note: z.string().max(2000).default(''),
  lines: z
    .array(z.object({ ingredient: z.string().min(1), parts: z.number().positive() }))
    .min(2)
    .max(12),
});
export type FormulaRecord = z.infer<typeof FormulaRecord>;

/** The open format of formulas; its JSON Schema is published in docs/formats. */
export const FormulaFile = z.object({
  format: z.literal('rendle-formulas'),
  version: z.literal(1),
  formulas: z.array(FormulaRecord).min(1).max(500),
});

/** What an import understood of one formula: new, the same as one that is kept, another revision of it, or at fault. */
export type UnderstoodFormulas = {
  readonly name: string;
  readonly basis: 'mass' | 'volume';
  readonly note: string;
  readonly lines: readonly FormulaLine[];
  readonly status: 'new' | 'same' | 'revision' | 'refused';
  /** The kept formula it is the same as or revises. */
  readonly knownAs: string | null;
  readonly issues: readonly Issue[];
};

export type KnownFormula = { readonly name: string; readonly basis: 'mass' | 'volume'; readonly lines: readonly FormulaLine[] };
/** A formula as read, with the place each part of it came from (`row 3`, `formulas.0`), before anything is believed. */
export type FormulaRead = {
  readonly at: string;
  readonly name: string;
  readonly basis: string;
  readonly note: string;
  readonly lines: readonly { readonly at: string; readonly ingredient: string; readonly parts: number | null }[];
};

/** Fractions this close are the same formula. */
const SAME_FRACTION = 1e-6;

/** Whether two formulas make the same blend, whatever their parts, basis and order. */
export function sameBlend(a: KnownFormula, b: KnownFormula, catalogue: Catalogue): boolean {
  const [left, right] = [sharesOf(a.lines, a.basis, catalogue), sharesOf(b.lines, b.basis, catalogue)];
  if (!left.ok || !right.ok || left.value.length !== right.value.length) return false;
  return left.value.every(({ ingredient, w }) =>
    right.value.some((other) => other.ingredient.id === ingredient.id && Math.abs(other.w - w) <= SAME_FRACTION),
  );
}

function readLines(read: FormulaRead, catalogue: Catalogue): { readonly lines: FormulaLine[]; readonly issues: Issue[] } {
  const issues: Issue[] = [];
  const lines: FormulaLine[] = [];
  for (const { at, ingredient, parts } of read.lines) {
    const found = nameToIngredient(ingredient, at, catalogue);
    if (parts === null) issues.push({ code: 'not-a-number', path: at });
    else if (!(parts > 0)) issues.push({ code: 'must-be-positive', path: at });
    if (!found.ok) issues.push(...found.issues);
    else if (lines.some((line) => line.ingredient === found.value.id))
      issues.push({ code: 'duplicate-ingredient', path: at, with: { name: found.value.name } });
    else if (parts !== null && parts > 0) lines.push({ ingredient: found.value.id, parts });
  }
  return { lines, issues };
}

/** What a file holds, formula by formula, against those that are kept. Nothing is left out in silence: what is refused says why and where. */
export function understand(
  read: readonly FormulaRead[],
  kept: readonly KnownFormula[],
  catalogue: Catalogue,
): UnderstoodFormulas[] {
  const before: KnownFormula[] = [...kept];
  return read.map((one) => {
    const { lines, issues } = readLines(one, catalogue);
    if (one.name.trim() === '') issues.push({ code: 'required', path: one.at });
    const basis = BASES.find((known) => known === one.basis);
    if (!basis) issues.push({ code: 'unknown-basis', path: one.at, with: { basis: one.basis } });
    if (one.lines.length < 2) issues.push({ code: 'one-ingredient', path: one.at });
    const record = { name: one.name.trim(), basis: basis ?? 'mass', note: one.note, lines };
    if (issues.length > 0) return { ...record, status: 'refused', knownAs: null, issues };
    const twin = before.find((other) => sameBlend(other, record, catalogue));
    const named = before.find((other) => other.name.toLowerCase() === record.name.toLowerCase());
    before.push(record);
    if (twin) return { ...record, status: 'same', knownAs: twin.name, issues };
    return { ...record, status: named ? 'revision' : 'new', knownAs: named?.name ?? null, issues };
  });
}
