import { type Catalogue, findIngredient, isLiquid } from '@/core/material';
import {
  atPath,
  fail,
  type Issue,
  ok,
  parseAmount,
  parseMass,
  parseNumber,
  parsePositive,
  parseTemperature,
  parseVolume,
  type Reads,
  type Result,
  typedAs,
} from '@/core/quantity';
import { type Blend, blend } from './blend';
import { levelsOf, type Measures, measureLine } from './measures';
import type { Make } from './schema';

export type DraftLine = {
  readonly key: string;
  readonly ingredient: string;
  readonly parts: string;
  /** Its share stays while the others move. */
  readonly locked?: boolean;
  /** As it is measured: a wax that is melted, and how warm it is, as typed. */
  readonly molten?: boolean;
  readonly temp?: string;
};
/** What parts are by: weight, volume, or amounts as they are measured, each with its own unit. */
export const DRAFT_BASES = ['mass', 'volume', 'measured'] as const;
export type DraftBasis = (typeof DRAFT_BASES)[number];
export const SIZES = ['mass', 'volume', 'from', 'jars', 'written'] as const;
export type SizeBy = (typeof SIZES)[number];

/** A formula as it is being written: everything as typed. */
export type FormulaDraft = {
  readonly name: string;
  readonly note: string;
  readonly basis: DraftBasis;
  readonly lines: readonly DraftLine[];
  readonly sizeBy: SizeBy;
  readonly mass: string;
  readonly volume: string;
  readonly from: Readonly<Record<string, string>>;
  /** Of what is not typed there is as much as in the stores, or enough: one lump fixes the pot. */
  readonly others?: 'stock' | 'enough';
  readonly jar: { readonly id: number; readonly count: string };
};

export type DraftJar = {
  readonly id: number;
  readonly name: string;
  readonly capacityMl: number;
  readonly fillFraction: number;
  readonly have: number;
};

/** A line as it is kept: parts, or grams of an amount with the words it was written in. */
export type KeptLine = {
  readonly ingredient: string;
  readonly parts: number;
  readonly amount?: string;
  readonly molten?: boolean;
  readonly tempC?: number | null;
};

/** One amount as it is measured, in grams. */
function measuredLine(
  { ingredient, parts: amount, molten = false, temp = '' }: DraftLine,
  reads: Reads,
  catalogue: Catalogue,
): Result<KeptLine> {
  const warm = temp.trim() === '' ? ok(null) : atPath('temp', parseTemperature(temp, reads));
  if (!warm.ok) return warm;
  const tempC = warm.value;
  const read = measureLine({ ingredient, amount, molten, ...(tempC === null ? {} : { tempC }) }, reads, catalogue);
  return read.ok ? ok({ ingredient, parts: read.value.massG, amount: amount.trim(), molten, tempC }) : read;
}

/** Typed lines as the core takes them, parts by weight or by volume; amounts as grams. Each fault at its line. */
export function draftLines(
  lines: readonly DraftLine[],
  reads: Reads,
  catalogue: Catalogue,
  basis: DraftBasis = 'mass',
): Result<KeptLine[]> {
  const issues: Issue[] = [];
  const read = lines.map((line, index): KeptLine => {
    if (basis === 'measured' && line.ingredient !== '') {
      const measured = measuredLine(line, reads, catalogue);
      if (measured.ok) return measured.value;
      issues.push(
        ...measured.issues.map((issue) => ({
          ...issue,
          path: `lines.${index}.${issue.path === 'temp' || issue.path === 'tempC' ? 'temp' : 'parts'}`,
        })),
      );
      return { ingredient: line.ingredient, parts: 0 };
    }
    const parts = parsePositive(line.parts);
    if (!parts.ok) issues.push(...parts.issues.map((issue) => ({ ...issue, path: `lines.${index}.parts` })));
    if (line.ingredient === '') issues.push({ code: 'required', path: `lines.${index}.ingredient` });
    return { ingredient: line.ingredient, parts: parts.ok ? parts.value : 0 };
  });
  return issues.length > 0 ? { ok: false, issues } : ok(read);
}

/** What the parts of a draft are by once its amounts are grams. */
export const basisOf = ({ basis }: Pick<FormulaDraft, 'basis'>): 'mass' | 'volume' => (basis === 'volume' ? 'volume' : 'mass');

function stockOf(draft: FormulaDraft, stock: Readonly<Record<string, number>>, reads: Reads, catalogue: Catalogue): Result<Make> {
  const from: Record<string, number> = {};
  const issues: Issue[] = [];
  for (const { ingredient: id } of draft.lines) {
    const ingredient = findIngredient(id, catalogue);
    const typed = draft.from[id];
    if (!ingredient) continue;
    if (typed === undefined || typed.trim() === '') {
      if (draft.others !== 'enough' && (stock[id] ?? 0) > 0) from[id] = stock[id] ?? 0;
      continue;
    }
    const parsed = parseAmount(typed, { densityGPerMl: ingredient.densityGPerMl, liquid: isLiquid(ingredient) }, reads);
    if (parsed.ok) from[id] = parsed.value.massG;
    else issues.push(...parsed.issues.map((issue) => ({ ...issue, path: `from.${id}` })));
  }
  if (issues.length > 0) return { ok: false, issues };
  if (draft.others !== 'enough') return ok({ from });
  return Object.keys(from).length === 0 ? fail('say-the-lump', 'from') : ok({ from, others: 'enough' });
}

/** What is fixed, as typed: a total, a volume, what there is, or so many jars. */
export function makeOf(
  draft: FormulaDraft,
  stock: Readonly<Record<string, number>>,
  jars: readonly DraftJar[],
  reads: Reads,
  catalogue: Catalogue,
): Result<Make> {
  switch (draft.sizeBy) {
    case 'written': {
      const lines = draftLines(draft.lines, reads, catalogue, draft.basis);
      if (!lines.ok || draft.basis !== 'measured') return fail('required', 'mass');
      return ok({ massG: lines.value.reduce((sum, line) => sum + line.parts, 0) });
    }
    case 'mass': {
      const massG = atPath('mass', parseMass(draft.mass, reads));
      return massG.ok ? ok({ massG: massG.value }) : massG;
    }
    case 'volume': {
      const volumeMl = atPath('volume', parseVolume(draft.volume, reads));
      return volumeMl.ok ? ok({ volumeMl: volumeMl.value }) : volumeMl;
    }
    case 'from':
      return stockOf(draft, stock, reads, catalogue);
    case 'jars': {
      const jar = jars.find((one) => one.id === draft.jar.id);
      const count = atPath('jar.count', parsePositive(draft.jar.count));
      if (!jar) return fail('required', 'jar');
      if (!count.ok) return count;
      if (!Number.isInteger(count.value)) return fail('invalid', 'jar.count', { detail: 'a whole number of jars' });
      return ok({ containers: { capacityMl: jar.capacityMl, fill: jar.fillFraction, count: count.value } });
    }
  }
}

export type DraftAround = {
  readonly prices: Readonly<Record<string, number>>;
  readonly stock: Readonly<Record<string, number>>;
  readonly jars: readonly DraftJar[];
  readonly ambientC: number;
  /** The shop's own hardening of its waxes, from thumb tests. */
  readonly hardening: Readonly<Record<string, number>>;
  /** What usually stays in the pot, g: made on top. */
  readonly residueG: number;
  /** The lot whose overpour waits to be taken up by the next pot of this formula. */
  readonly waiting: string | null;
};

export type Reckoned = { readonly blend: Blend | null; readonly sized: boolean; readonly issues: readonly Issue[] };

/** The blend of a draft; where only its size is missing, what it will be for a kilogram. */
export function reckon(
  draft: FormulaDraft,
  { prices, stock, jars, ambientC, hardening }: DraftAround,
  reads: Reads,
  catalogue: Catalogue,
): Reckoned {
  const lines = draftLines(draft.lines, reads, catalogue, draft.basis);
  if (!lines.ok) return { blend: null, sized: false, issues: lines.issues };
  const make = makeOf(draft, stock, jars, reads, catalogue);
  const input = { lines: lines.value, basis: basisOf(draft), ambientC, prices, hardening };
  const made = blend({ ...input, make: make.ok ? make.value : { massG: 1000 } }, catalogue);
  if (make.ok && made.ok) return { blend: made.value, sized: true, issues: [] };
  const plain = blend({ ...input, make: { massG: 1000 } }, catalogue);
  return { blend: plain.ok ? plain.value : null, sized: false, issues: make.ok ? (made.ok ? [] : made.issues) : make.issues };
}

export const ratioOf = (lines: readonly DraftLine[]): string => lines.map((line) => line.parts || '?').join(' : ');

/** Three significant figures, as parts are spoken of. */
const threeFigures = (value: number): string => String(Number(value.toPrecision(3)));

/** Simple ratios a kerf clicks to: whole and half numbers up to six. */
const SIMPLE = [1, 1.5, 2, 2.5, 3, 3.5, 4, 4.5, 5, 6];
/** A kerf this close to a simple ratio is meant to be there. */
const SNAP_SHARE = 0.004;

/** The share nearby at which two boards stand in a simple ratio; the share itself when none is near. */
export function snapped(share: number, pair: number): number {
  const shares = SIMPLE.flatMap((n) => [pair / (1 + n), (pair * n) / (1 + n)]);
  const near = shares.filter((one) => Math.abs(one - share) < SNAP_SHARE);
  return near.sort((a, b) => Math.abs(a - share) - Math.abs(b - share))[0] ?? share;
}

const densityOf = (draft: FormulaDraft, line: DraftLine, catalogue: Catalogue): number =>
  draft.basis === 'volume' ? (findIngredient(line.ingredient, catalogue)?.densityGPerMl ?? 1) : 1;

const numberOf = (text: string): number => {
  const parsed = parseNumber(text);
  return parsed.ok ? parsed.value : 0;
};

/** A draft in plain parts: amounts with units of their own end where a share is moved by hand. */
function inParts(draft: FormulaDraft, reads: Reads, catalogue: Catalogue): FormulaDraft {
  if (draft.basis !== 'measured') return draft;
  const read = draftLines(draft.lines, reads, catalogue, draft.basis);
  const lines = draft.lines.map(({ molten: _, temp: __, ...line }, i) => ({
    ...line,
    parts: read.ok ? threeFigures(read.value[i]?.parts ?? 0) : '',
  }));
  return { ...draft, basis: 'mass', lines, sizeBy: draft.sizeBy === 'written' ? 'mass' : draft.sizeBy };
}

/** Parts that make some mass fractions. One line keeps its parts as they are said, so that 1 : 3.5 becomes 1 : 3.2 and not 1.05 : 3.45. */
export function withFractions(
  written: FormulaDraft,
  fractions: readonly number[],
  reads: Reads,
  catalogue: Catalogue,
  keeps = 0,
): FormulaDraft {
  const draft = inParts(written, reads, catalogue);
  const raw = draft.lines.map((line, i) => (fractions[i] ?? 0) / densityOf(draft, line, catalogue));
  const scale = (numberOf(draft.lines[keeps]?.parts ?? '') || 1) / (raw[keeps] || 1);
  return {
    ...draft,
    lines: draft.lines.map((line, i) =>
      i === keeps && line.parts !== '' ? line : { ...line, parts: threeFigures((raw[i] ?? 0) * scale) },
    ),
  };
}

/** The least a board may be sawn to. */
const LEAST_SHARE = 0.001;

/** One line gets another share; locked lines keep theirs and the rest give or take in proportion. Null where there is no room. */
export function setShare(
  draft: FormulaDraft,
  shares: readonly number[],
  index: number,
  share: number,
  reads: Reads,
  catalogue: Catalogue,
): FormulaDraft | null {
  const moves = (i: number): boolean => i !== index && !draft.lines[i]?.locked;
  const fixed = shares.reduce((sum, one, i) => sum + (i !== index && !moves(i) ? one : 0), 0);
  const loose = shares.reduce((sum, one, i) => sum + (moves(i) ? one : 0), 0);
  const room = 1 - fixed - share;
  if (share < LEAST_SHARE || room < LEAST_SHARE || loose <= 0) return null;
  const keeps = Math.max(
    0,
    shares.findIndex((_, i) => i !== index && !moves(i)),
  );
  return withFractions(
    draft,
    shares.map((one, i) => (i === index ? share : moves(i) ? (one / loose) * room : one)),
    reads,
    catalogue,
    keeps,
  );
}

/** One line gets so many grams, the others keep theirs: the pot grows or shrinks with it. */
export function setGrams(
  draft: FormulaDraft,
  grams: readonly number[],
  index: number,
  wanted: number,
  reads: Reads,
  catalogue: Catalogue,
): FormulaDraft {
  const next = grams.map((one, i) => (i === index ? wanted : one));
  const total = next.reduce((sum, one) => sum + one, 0);
  return {
    ...withFractions(
      draft,
      next.map((one) => one / total),
      reads,
      catalogue,
    ),
    sizeBy: 'mass',
    mass: typedAs(Math.round(total * 10) / 10, 'g', reads),
  };
}

/** Parts after a kerf was moved: the two boards it parts share anew what they had together; near a simple ratio it clicks to it. */
export function moveKerf(
  draft: FormulaDraft,
  shares: readonly number[],
  index: number,
  share: number,
  reads: Reads,
  catalogue: Catalogue,
): FormulaDraft {
  const [left, right] = [draft.lines[index], draft.lines[index + 1]];
  if (!left || !right || left.locked || right.locked) return draft;
  const pair = (shares[index] ?? 0) + (shares[index + 1] ?? 0);
  const at = snapped(share, pair);
  const keeps = Math.max(
    0,
    shares.findIndex((_, i) => i !== index && i !== index + 1),
  );
  return withFractions(
    draft,
    shares.map((one, i) => (i === index ? at : i === index + 1 ? pair - at : one)),
    reads,
    catalogue,
    shares.length > 2 ? keeps : 0,
  );
}

/** What the same words would be by the other measure, so that nobody takes one for the other; shares of wax by weight. */
export function otherBasis(
  draft: FormulaDraft,
  reads: Reads,
  catalogue: Catalogue,
): { readonly asWritten: number; readonly otherwise: number } | null {
  const lines = draft.basis === 'measured' ? null : draftLines(draft.lines, reads, catalogue);
  if (!lines?.ok) return null;
  const [here, there] = (['mass', 'volume'] as const)
    .toSorted((a) => (a === draft.basis ? -1 : 1))
    .map((basis) => blend({ lines: lines.value, basis, make: { massG: 1 } }, catalogue));
  if (!here?.ok || !there?.ok || here.value.waxFraction === 0) return null;
  return { asWritten: here.value.waxFraction, otherwise: there.value.waxFraction };
}

/** Parts against the smallest of them, as they are spoken of: `1 : 3.46`. */
const against = (amounts: readonly number[]): string => {
  const least = Math.min(...amounts);
  return amounts.map((one) => String(Number((one / least).toPrecision(3)))).join(' : ');
};

/** The ratio of a recipe by weight and by volume, the volume of each as it is measured. Null while it cannot be read. */
export function bothRatios(
  draft: FormulaDraft,
  reads: Reads,
  catalogue: Catalogue,
): { readonly byWeight: string; readonly byVolume: string; readonly jug: Measures } | null {
  if (draft.basis !== 'measured') return null;
  const read = draft.lines.map(({ ingredient, parts: amount, molten = false, temp = '' }) => {
    const warm = temp.trim() === '' ? null : parseTemperature(temp, reads);
    return measureLine({ ingredient, amount, molten, ...(warm?.ok ? { tempC: warm.value } : {}) }, reads, catalogue);
  });
  const lines = read.flatMap((one) => (one.ok ? [one.value] : []));
  if (lines.length < read.length || lines.length === 0) return null;
  return {
    byWeight: against(lines.map((line) => line.massG)),
    byVolume: against(lines.map((line) => line.addMl)),
    jug: levelsOf(lines),
  };
}

/** What a pot takes of the stores: of each line how much is needed, is there, and is to be bought; grams. */
export type Needed = { readonly ingredient: string; readonly needG: number; readonly haveG: number; readonly buyG: number };
export const neededOf = (lines: Blend['lines'], stock: Readonly<Record<string, number>>): Needed[] =>
  lines.map(({ ingredient, massG }) => {
    const haveG = stock[ingredient] ?? 0;
    return { ingredient, needG: massG, haveG, buyG: Math.max(0, massG - haveG) };
  });

/** How many of each size a pot fills by itself, what stays in it taken off; the shop jar gets the rest, g. */
export const jarsOf = (
  totalG: number,
  residueG: number,
  densityGPerMl: number,
  jars: readonly DraftJar[],
): { readonly jar: DraftJar; readonly count: number; readonly restG: number }[] =>
  jars.map((jar) => {
    const netG = jar.capacityMl * jar.fillFraction * densityGPerMl;
    const count = Math.floor(Math.max(0, totalG - residueG) / netG + 1e-9);
    return { jar, count, restG: Math.max(0, totalG - residueG - count * netG) };
  });
