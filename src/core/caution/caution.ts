import { boughtOfLine, heatsRags } from '@/core/blend';
import { check } from '@/core/contract';
import { ALLERGENS_NOT_DECLARED, type Catalogue, findIngredient, givesVapour, type Ingredient } from '@/core/material';
import { type Issue, ok, type Result } from '@/core/quantity';
import { bitingAt, type Caution, type MomentAt } from './cautions';
import { CautionsInput, type Doing } from './cautions/moment';

/** A bought finish as a line: what it may hold beside what is declared is not known. */
const isUnknownBought = (one: Ingredient): boolean =>
  boughtOfLine(one.id) !== null && one.allergens.includes(ALLERGENS_NOT_DECLARED);

/** The cautions of a moment, the gravest first. Unknown ingredients are a fault of the caller's input. */
export function cautionsFor(input: CautionsInput, catalogue: Catalogue): Result<readonly Caution[]> {
  const checked = check(CautionsInput, input);
  if (!checked.ok) return checked;
  const { ingredients, ...rest } = checked.value;
  const issues: Issue[] = [];
  const lines = ingredients.flatMap((id, i) => {
    const found = findIngredient(id, catalogue);
    if (!found) issues.push({ code: 'unknown-ingredient', path: `ingredients.${i}`, with: { id } });
    return found ?? [];
  });
  if (issues.length > 0) return { ok: false, issues };
  const undeclared = rest.undeclared || lines.some(isUnknownBought);
  const biting = bitingAt({
    ...rest,
    place: rest.place ?? null,
    heater: rest.heater ?? null,
    wood: rest.wood ?? null,
    undeclared,
    lines,
    heats: undeclared || lines.some(heatsRags),
    vapour: lines.some((one) => givesVapour(one) || isUnknownBought(one)),
    wax: lines.some((one) => one.family === 'wax'),
    neverHeat: lines.filter((one) => one.neverHeat),
  });
  return ok(biting);
}

/**
 * Which warnings a moment needs (calc.md, 15), sorted by name.
 * @example cautions({ doing: 'coating', ingredients: ['tung-oil'], drying: 'drying' }) // → { cautions: ['allergen', 'rags-self-heat'] }
 */
export function cautions(input: unknown, catalogue: Catalogue): Result<{ readonly cautions: readonly Caution[] }> {
  const found = cautionsFor(input as CautionsInput, catalogue);
  return found.ok ? ok({ cautions: [...found.value].sort() }) : found;
}

/** What is in hand at a moment, and every fact the cautions of what is done there ask for. */
export type MomentNow<D extends Doing> = Pick<CautionsInput, 'ingredients' | 'drying' | 'consistency' | 'undeclared'> &
  MomentAt<D>;

/** The cautions of a moment, the gravest first: the way in for every screen. */
export const cautionsAt = <D extends Doing>(moment: MomentNow<D>, catalogue: Catalogue): Result<readonly Caution[]> =>
  cautionsFor(moment, catalogue);
