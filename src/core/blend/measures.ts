import { z } from 'zod';
import { check, MOST, shortText } from '@/core/contract';
import { type Catalogue, findIngredient, type Ingredient, likeIngredient } from '@/core/material';
import { fail, type Issue, type OunceMeaning, ok, parseMeasured, type Reads, type Result } from '@/core/quantity';
import { densityAt } from './convert';

const tempC = z.number().min(-40).max(300);
export const MeasuresInput = z.object({
  lines: z
    .array(
      z.object({
        ingredient: shortText,
        amount: z.string().max(200),
        tempC: tempC.optional(),
        molten: z.boolean().default(false),
      }),
    )
    .min(1)
    .max(MOST.lines),
});

/** How a measured amount was: as warm as said, a wax melted. */
export type AsMeasured = { readonly tempC?: number | undefined; readonly molten?: boolean | undefined };

/** Warmth that is reckoned with where none is said, °C: of the room, and of molten wax. */
export const MEASURED_AT_C = { room: 20, molten: 80 } as const;
/** How much more room molten wax takes by the degree. Source: calc.md, 20; a working estimate. */
const MOLTEN_EXPANDS_PER_C = 0.0008;

const warmth = ({ tempC: said, molten = false }: AsMeasured): number =>
  said ?? (molten ? MEASURED_AT_C.molten : MEASURED_AT_C.room);

/** g/ml of an ingredient as it is measured: molten wax and liquids by their warmth, a solid as it is. */
export function densityAsMeasured(ingredient: Ingredient, how: AsMeasured): number {
  if (ingredient.family === 'wax')
    return how.molten && ingredient.moltenGPerMl !== null
      ? ingredient.moltenGPerMl / (1 + MOLTEN_EXPANDS_PER_C * (warmth(how) - MEASURED_AT_C.molten))
      : ingredient.densityGPerMl;
  return densityAt(ingredient, warmth(how));
}

/** Whether a spoon or a cup says nothing of it: pieces of wax and flakes lie with air between them. */
export const isPieces = ({ family, id }: Ingredient, molten: boolean, catalogue: Catalogue): boolean =>
  (family === 'wax' && !molten) || likeIngredient(id, catalogue) === 'shellac-flake';

/** What one line of a recipe is: g, ml it takes up as it is measured, and whether it was given by volume. */
export type MeasuredLine = {
  readonly ingredient: string;
  readonly massG: number;
  readonly addMl: number;
  readonly byVolume: boolean;
};

/**
 * One line as it is measured.
 * @param ounce what an ounce by itself was said to mean, once it was asked
 */
export function measureLine(
  { ingredient: id, amount, ...how }: AsMeasured & { readonly ingredient: string; readonly amount: string },
  reads: Reads,
  catalogue: Catalogue,
  ounce?: OunceMeaning,
): Result<MeasuredLine> {
  const ingredient = findIngredient(id, catalogue);
  if (!ingredient) return fail('unknown-ingredient', 'ingredient', { id });
  const read = parseMeasured(amount, { asks: true, ounce }, reads);
  if (!read.ok) return { ok: false, issues: read.issues.map((issue) => ({ ...issue, path: 'amount' })) };
  const isMolten = ingredient.family === 'wax' && how.molten === true;
  if (isMolten && ingredient.meltC !== null && warmth(how) < ingredient.meltC)
    return fail('not-molten', 'tempC', { name: ingredient.name, melt: ingredient.meltC });
  const density = densityAsMeasured(ingredient, how);
  if (read.value.by === 'mass')
    return ok({ ingredient: id, massG: read.value.g, addMl: read.value.g / density, byVolume: false });
  if (isPieces(ingredient, isMolten, catalogue)) return fail('pieces-by-volume', 'amount', { name: ingredient.name });
  return ok({ ingredient: id, massG: read.value.ml * density, addMl: read.value.ml, byVolume: true });
}

/** A recipe as it is measured: what each line is, and the level to which the jug then stands, in their order. */
export type Measures = {
  readonly lines: readonly {
    readonly ingredient: string;
    readonly massG: number;
    readonly massFraction: number;
    readonly addMl: number;
    readonly levelMl: number;
  }[];
  readonly totalG: number;
};

/** Levels and shares of measured lines. */
export function levelsOf(lines: readonly Pick<MeasuredLine, 'ingredient' | 'massG' | 'addMl'>[]): Measures {
  const totalG = lines.reduce((sum, line) => sum + line.massG, 0);
  let levelMl = 0;
  return {
    lines: lines.map(({ ingredient, massG, addMl }) => {
      levelMl += addMl;
      return { ingredient, massG, massFraction: massG / totalG, addMl, levelMl };
    }),
    totalG,
  };
}

/**
 * A recipe as it is measured (calc.md, 20).
 * @param input `{lines: [{ingredient, amount, tempC?, molten?}]}`; an amount is `[count ×] number unit`
 * @returns masses g, volumes ml as they are measured; issues for what must be asked
 * @example measures({ lines: [{ ingredient: 'beeswax', amount: '4 cup', molten: true }, { ingredient: 'mineral-oil', amount: '16 cup' }] })
 */
export function measures(input: unknown, reads: Reads, catalogue: Catalogue): Result<Measures> {
  const checked = check(MeasuresInput, input);
  if (!checked.ok) return checked;
  const issues: Issue[] = [];
  const lines = checked.value.lines.flatMap((line, i) => {
    const read = measureLine(line, reads, catalogue);
    if (read.ok) return [read.value];
    issues.push(...read.issues.map((issue) => ({ ...issue, path: `lines.${i}.${issue.path}` })));
    return [];
  });
  return issues.length > 0 ? { ok: false, issues } : ok(levelsOf(lines));
}

/** A jug's level as it was read against its marks: right, or what two words taken for each other would have made. */
export type JugRead =
  | { readonly as: 'on-mark' | 'short' | 'past' }
  /** Filled to what should have been added. */
  | { readonly as: 'filled-to' }
  /** Added what it should have been filled to. */
  | { readonly as: 'added' };

/** A level is as it should be within this share of what is added, and within this many ml. Source: what an eye reads off a jug. */
export const JUG_EYE = { share: 0.04, ml: 3 } as const;

const isNear = (ml: number, mark: number, add: number): boolean =>
  Math.abs(ml - mark) <= Math.max(JUG_EYE.ml, add * JUG_EYE.share);

/**
 * What a level says, read when a line went in.
 * @param beforeMl where the jug stood before
 */
export function readJug(levelMl: number, beforeMl: number, addMl: number): JugRead {
  const mark = beforeMl + addMl;
  if (isNear(levelMl, mark, addMl)) return { as: 'on-mark' };
  // In an empty jug the two words are the same.
  if (beforeMl > 0 && isNear(levelMl, addMl, addMl) && levelMl > beforeMl) return { as: 'filled-to' };
  if (beforeMl > 0 && isNear(levelMl, beforeMl + mark, addMl)) return { as: 'added' };
  return { as: levelMl < mark ? 'short' : 'past' };
}

/** What goes into a jug next: ml to add, and the level at which it then stands. */
export type JugMark = { readonly addMl: number; readonly levelMl: number; readonly densityGPerMl: number };

/** The mark of a line in a jug: a wax is melted in it, whatever it was when it came. */
export function jugMark(
  ingredientId: string,
  toGoG: number,
  beforeMl: number,
  tempC: number | null,
  catalogue: Catalogue,
): JugMark | null {
  const ingredient = findIngredient(ingredientId, catalogue);
  if (!ingredient) return null;
  const how = { molten: ingredient.family === 'wax', ...(tempC === null ? {} : { tempC }) };
  const densityGPerMl = densityAsMeasured(ingredient, how);
  return { addMl: toGoG / densityGPerMl, levelMl: beforeMl + toGoG / densityGPerMl, densityGPerMl };
}

/** The share of a line in its pot when it is so many grams and the others are as they should be, 0 to 1. */
export function shareIfKept(
  lines: readonly { readonly ingredient: string; readonly targetG: number }[],
  ingredient: string,
  grams: number,
): number {
  const others = lines.reduce((sum, line) => sum + (line.ingredient === ingredient ? 0 : line.targetG), 0);
  return others + grams > 0 ? grams / (others + grams) : 0;
}
