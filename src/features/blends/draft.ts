import { type Blend, blend, type Make } from '@/core/blend';
import { findIngredient, isLiquid } from '@/core/material';
import {
  fail,
  type Issue,
  ok,
  parseAmount,
  parseMass,
  parseNumber,
  parsePositive,
  parseVolume,
  type Result,
} from '@/core/quantity';

export type DraftLine = { readonly key: string; readonly ingredient: string; readonly parts: string };
export const SIZES = ['mass', 'volume', 'from', 'jars'] as const;
export type SizeBy = (typeof SIZES)[number];

/** A formula as it is being written: everything as typed. */
export type Draft = {
  readonly name: string;
  readonly note: string;
  readonly basis: 'mass' | 'volume';
  readonly lines: readonly DraftLine[];
  readonly sizeBy: SizeBy;
  readonly mass: string;
  readonly volume: string;
  readonly from: Readonly<Record<string, string>>;
  readonly jar: { readonly id: number; readonly count: string };
};

export type Jar = {
  readonly id: number;
  readonly name: string;
  readonly capacityMl: number;
  readonly fillFraction: number;
  readonly have: number;
};

const at = <T>(path: string, result: Result<T>): Result<T> =>
  result.ok ? result : { ok: false, issues: result.issues.map((issue) => ({ ...issue, path })) };

/** Typed lines as the core takes them; each fault at its line. */
export function linesOf(lines: readonly DraftLine[]): Result<{ readonly ingredient: string; readonly parts: number }[]> {
  const issues: Issue[] = [];
  const read = lines.map((line, index) => {
    const parts = parsePositive(line.parts);
    if (!parts.ok) issues.push(...parts.issues.map((issue) => ({ ...issue, path: `lines.${index}.parts` })));
    if (line.ingredient === '') issues.push({ code: 'required', path: `lines.${index}.ingredient` });
    return { ingredient: line.ingredient, parts: parts.ok ? parts.value : 0 };
  });
  return issues.length > 0 ? { ok: false, issues } : ok(read);
}

function stockOf(draft: Draft, stock: Readonly<Record<string, number>>): Result<Make> {
  const from: Record<string, number> = {};
  const issues: Issue[] = [];
  for (const { ingredient: id } of draft.lines) {
    const ingredient = findIngredient(id);
    const typed = draft.from[id];
    if (!ingredient) continue;
    if (typed === undefined || typed.trim() === '') {
      if ((stock[id] ?? 0) > 0) from[id] = stock[id] ?? 0;
      continue;
    }
    const parsed = parseAmount(typed, { densityGPerMl: ingredient.densityGPerMl, liquid: isLiquid(ingredient) });
    if (parsed.ok) from[id] = parsed.value.massG;
    else issues.push(...parsed.issues.map((issue) => ({ ...issue, path: `from.${id}` })));
  }
  return issues.length > 0 ? { ok: false, issues } : ok({ from });
}

/** What is fixed, as typed: a total, a volume, what there is, or so many jars. */
export function makeOf(draft: Draft, stock: Readonly<Record<string, number>>, jars: readonly Jar[]): Result<Make> {
  switch (draft.sizeBy) {
    case 'mass': {
      const massG = at('mass', parseMass(draft.mass));
      return massG.ok ? ok({ massG: massG.value }) : massG;
    }
    case 'volume': {
      const volumeMl = at('volume', parseVolume(draft.volume));
      return volumeMl.ok ? ok({ volumeMl: volumeMl.value }) : volumeMl;
    }
    case 'from':
      return stockOf(draft, stock);
    case 'jars': {
      const jar = jars.find((one) => one.id === draft.jar.id);
      const count = at('jar.count', parsePositive(draft.jar.count));
      if (!jar) return fail('required', 'jar');
      if (!count.ok) return count;
      if (!Number.isInteger(count.value)) return fail('invalid', 'jar.count', { detail: 'a whole number of jars' });
      return ok({ containers: { capacityMl: jar.capacityMl, fill: jar.fillFraction, count: count.value } });
    }
  }
}

export type Around = {
  readonly prices: Readonly<Record<string, number>>;
  readonly stock: Readonly<Record<string, number>>;
  readonly jars: readonly Jar[];
  readonly ambientC: number;
};

export type Reckoned = { readonly blend: Blend | null; readonly sized: boolean; readonly issues: readonly Issue[] };

/** The blend of a draft; where only its size is missing, what it will be for a kilogram. */
export function reckon(draft: Draft, { prices, stock, jars, ambientC }: Around): Reckoned {
  const lines = linesOf(draft.lines);
  if (!lines.ok) return { blend: null, sized: false, issues: lines.issues };
  const make = makeOf(draft, stock, jars);
  const input = { lines: lines.value, basis: draft.basis, ambientC, prices };
  const made = blend({ ...input, make: make.ok ? make.value : { massG: 1000 } });
  if (make.ok && made.ok) return { blend: made.value, sized: true, issues: [] };
  const plain = blend({ ...input, make: { massG: 1000 } });
  return { blend: plain.ok ? plain.value : null, sized: false, issues: make.ok ? (made.ok ? [] : made.issues) : make.issues };
}

/** Ratio text, `1 : 3.5`, to as many parts. */
export function partsOf(text: string): Result<string[]> {
  const parts = text.split(':').map((part) => part.trim());
  for (const part of parts) {
    const parsed = parsePositive(part);
    if (!parsed.ok) return parsed;
  }
  return ok(parts);
}

export const ratioOf = (lines: readonly DraftLine[]): string => lines.map((line) => line.parts || '?').join(' : ');

/** Three significant figures, as parts are spoken of. */
const threeFigures = (value: number): string => String(Number(value.toPrecision(3)));

/** Parts after a kerf was moved: the two boards it parts share anew what they had together. Shares are by mass. */
export function moveKerf(draft: Draft, shares: readonly number[], index: number, share: number): Draft {
  const [left, right] = [draft.lines[index], draft.lines[index + 1]];
  if (!left || !right) return draft;
  const density = (line: DraftLine): number =>
    draft.basis === 'volume' ? (findIngredient(line.ingredient)?.densityGPerMl ?? 1) : 1;
  const pair = (shares[index] ?? 0) + (shares[index + 1] ?? 0);
  const number = (text: string): number => {
    const parsed = parseNumber(text);
    return parsed.ok ? parsed.value : 0;
  };
  const masses = number(left.parts) * density(left) + number(right.parts) * density(right);
  const leftParts = (masses * share) / pair / density(left);
  const rightParts = (masses * (pair - share)) / pair / density(right);
  // The first of the two stays as it is said, so that 1 : 3.5 becomes 1 : 3.2 and not 1.05 : 3.45.
  const scale = leftParts > 0 ? number(left.parts) / leftParts : 1;
  const lines =
    draft.lines.length === 2
      ? [left.parts, threeFigures(rightParts * scale)]
      : draft.lines.map((line, i) =>
          i === index ? threeFigures(leftParts) : i === index + 1 ? threeFigures(rightParts) : line.parts,
        );
  return { ...draft, lines: draft.lines.map((line, i) => ({ ...line, parts: lines[i] ?? line.parts })) };
}
