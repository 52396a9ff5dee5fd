import type { z } from 'zod';
import { check } from '@/core/contract';
import { type Catalogue, CONTACTS, findIngredient, type Ingredient, likeOf } from '@/core/material';
import { fail, GAS_CONSTANT, type Issue, ok, type Result, toKelvin } from '@/core/quantity';
import { natureOf } from './blend';
import { POUR_ABOVE_CLEAR_K } from './heat';
import { holds, type LinearProblem, type LinearRow, type LinearSolver } from './linear';
import { DRYING_SHARES, turnsByItself } from './nature';
import { SolveInput } from './schema';

type Limits = z.output<typeof SolveInput>['limits'];
type Bound = { readonly min: number; readonly max: number; readonly minName: string | null; readonly maxName: string | null };

/** The cheapest blend within limits, or the limits that cannot all hold. Cost per kg in the prices' money; mass fractions. */
export type Cheapest =
  | {
      readonly feasible: true;
      readonly costPerKg: number;
      readonly fractions: Readonly<Record<string, number>>;
      readonly binding: readonly string[];
    }
  | { readonly feasible: false; readonly clash: readonly string[] };

/** A dual this small is nothing; a fraction this small is left out of the blend. */
const NO_DUAL = 1e-9;
const NO_FRACTION = 1e-9;

const stays = (one: Ingredient): number => (one.family === 'wax' ? 0 : 1 - one.volatileFraction);

/** Names of every limit an input sets, as `binding` and `clash` say them. */
function namesOf(limits: Limits, ingredients: readonly Ingredient[]): string[] {
  const { waxEquivalent, contact, avoidAllergens, drying, ranges, volatile, noHeatConflict, totalG, stock } = limits;
  return [
    ...(waxEquivalent ? ['waxEquivalent'] : []),
    ...(contact ? ['contact'] : []),
    ...(avoidAllergens?.length ? ['avoidAllergens'] : []),
    ...(drying ? ['drying'] : []),
    ...Object.keys(ranges ?? {}).map((id) => `ranges.${id}`),
    ...(volatile ? ['volatile'] : []),
    ...(noHeatConflict ? ['noHeatConflict'] : []),
    ...(totalG && stock ? ingredients.map((one) => `stock.${one.id}`) : []),
  ];
}

/** Bounds of one fraction under the limits that are on; the tightest one names itself. */
function boundOf(one: Ingredient, limits: Limits, on: ReadonlySet<string>, ceilingC: number | null): Bound {
  let bound: Bound = { min: 0, max: 1, minName: null, maxName: null };
  const atMost = (max: number, maxName: string): void => {
    if (max < bound.max) bound = { ...bound, max: Math.max(0, max), maxName };
  };
  const { contact, avoidAllergens, ranges, totalG, stock } = limits;
  const range = ranges?.[one.id];
  if (range && on.has(`ranges.${one.id}`)) {
    bound = { ...bound, min: range[0], minName: `ranges.${one.id}` };
    atMost(range[1], `ranges.${one.id}`);
  }
  if (totalG && stock && on.has(`stock.${one.id}`)) atMost((stock[one.id] ?? 0) / totalG, `stock.${one.id}`);
  if (ceilingC !== null && one.maxC !== null && one.maxC < ceilingC) atMost(0, 'noHeatConflict');
  if (contact && on.has('contact') && CONTACTS.indexOf(one.contact) > CONTACTS.indexOf(contact)) atMost(0, 'contact');
  if (on.has('avoidAllergens') && one.allergens.some((allergen) => avoidAllergens?.includes(allergen)))
    atMost(0, 'avoidAllergens');
  return bound;
}

/**
 * Clear + 8 °C stays at or below a ceiling, linear in the fractions: from `1/T = 1/Tm − R·ln x/(ΔH·M)`,
 * `x_j ≤ X = exp(ΔH·M/R·(1/Tm − 1/T))`, so `w_j/M_j − X·Σ w_i/M_i ≤ 0`.
 */
function heatRows(ingredients: readonly Ingredient[], ceilingC: number): LinearRow[] {
  return ingredients.flatMap((wax, j) => {
    if (wax.meltC === null || wax.fusionJPerG === null) return [];
    const perR = (wax.fusionJPerG * wax.molarMassGPerMol) / GAS_CONSTANT;
    const most = Math.exp(perR * (1 / toKelvin(wax.meltC) - 1 / toKelvin(ceilingC - POUR_ABOVE_CLEAR_K)));
    if (most >= 1) return [];
    const coefficients = ingredients.map((one, i) => ((i === j ? 1 : 0) - most) / one.molarMassGPerMol);
    // Scaled so that the row's numbers lie near 1, as the solver's tolerance expects.
    return [{ name: 'noHeatConflict', coefficients: coefficients.map((c) => c * 1000), min: null, max: 0 }];
  });
}

/** Where drying is asked at least this share of the mass dries: wax alone would pass as drying. Source: working estimate. */
export const DRIES_AT_LEAST = 0.05;

function rowsOf(ingredients: readonly Ingredient[], limits: Limits, on: ReadonlySet<string>, ceilingC: number | null) {
  const rows: LinearRow[] = [{ name: 'whole', coefficients: ingredients.map(() => 1), min: 1, max: 1 }];
  const row = (name: string, of: (one: Ingredient) => number, min: number | null, max: number | null): void => {
    if (on.has(name)) rows.push({ name, coefficients: ingredients.map(of), min, max });
  };
  const { waxEquivalent, volatile, drying } = limits;
  if (waxEquivalent) row('waxEquivalent', (one) => one.hardening, waxEquivalent[0], waxEquivalent[1]);
  if (volatile) row('volatile', (one) => one.volatileFraction, volatile[0], volatile[1]);
  if (drying === 'drying')
    row('drying', (one) => stays(one) * ((one.dries === 'drying' ? 1 : 0) - DRYING_SHARES.drying), 0, null);
  if (drying === 'never') row('drying', (one) => stays(one) * ((one.dries !== 'never' ? 1 : 0) - DRYING_SHARES.never), null, 0);
  row('dries', (one) => stays(one) * (one.dries === 'drying' ? 1 : 0), DRIES_AT_LEAST, null);
  row('thinner', (one) => one.volatileFraction - (one.family.endsWith('oil') ? 1 : 0), null, 0);
  if (ceilingC !== null) rows.push(...heatRows(ingredients, ceilingC));
  return rows;
}

type Stated = { readonly problem: LinearProblem; readonly bounds: readonly Bound[] };

function state(
  ingredients: readonly Ingredient[],
  prices: readonly number[],
  limits: Limits,
  on: ReadonlySet<string>,
  ceilingC: number | null,
): Stated | null {
  const bounds = ingredients.map((one) => boundOf(one, limits, on, ceilingC));
  if (bounds.some((bound) => bound.min > bound.max)) return null;
  return { problem: { costs: prices, bounds, rows: rowsOf(ingredients, limits, on, ceilingC) }, bounds };
}

type Found = { readonly costPerKg: number; readonly x: readonly number[]; readonly binding: readonly string[] };

function bindingOf({ problem, bounds }: Stated, x: readonly number[], rowDuals: readonly number[], duals: readonly number[]) {
  const names = new Set<string>();
  problem.rows.forEach((row, i) => {
    if (row.name !== 'whole' && Math.abs(rowDuals[i] ?? 0) > NO_DUAL) names.add(row.name);
  });
  bounds.forEach((bound, i) => {
    if (Math.abs(duals[i] ?? 0) <= NO_DUAL) return;
    const atMax = Math.abs((x[i] ?? 0) - bound.max) < Math.abs((x[i] ?? 0) - bound.min) || bound.max === bound.min;
    const name = atMax ? bound.maxName : bound.minName;
    if (name) names.add(name);
  });
  return [...names];
}

/** The cheapest under the limits that are on. The ceiling of a pot is its frailest ingredient's, so each possible one is tried. */
function best(
  ingredients: readonly Ingredient[],
  prices: readonly number[],
  limits: Limits,
  on: ReadonlySet<string>,
  solver: LinearSolver,
): Found | null {
  const ceilings = on.has('noHeatConflict')
    ? [...new Set(ingredients.flatMap((one) => (one.maxC === null ? [] : [one.maxC]))), Number.POSITIVE_INFINITY]
    : [null];
  const found = ceilings.flatMap((ceilingC): Found[] => {
    const stated = state(ingredients, prices, limits, on, ceilingC);
    const answer = stated ? solver(stated.problem) : null;
    if (!stated || answer?.status !== 'optimal') return [];
    if (!holds(stated.problem, answer.x)) throw new Error('the solver broke a limit it was given');
    const sum = answer.x.reduce((a, b) => a + b, 0);
    const x = answer.x.map((w) => (w < NO_FRACTION ? 0 : w / sum));
    const costPerKg = x.reduce((cost, w, i) => cost + w * (prices[i] ?? 0), 0);
    return [{ costPerKg, x, binding: bindingOf(stated, answer.x, answer.rowDuals, answer.boundDuals) }];
  });
  return found.sort((a, b) => a.costPerKg - b.costPerKg)[0] ?? null;
}

/** A smallest set of limits that cannot all hold: each in turn is left off, and stays off where that does not help. */
function clashOf(names: readonly string[], holdsTogether: (on: ReadonlySet<string>) => boolean): string[] {
  const kept = new Set(names);
  for (const name of names) {
    kept.delete(name);
    if (holdsTogether(kept)) kept.add(name);
  }
  return [...kept];
}

/** A problem that was read: its ingredients with their prices, its limits, and the names of those that are on. */
type Asked = {
  readonly ingredients: readonly Ingredient[];
  readonly prices: readonly number[];
  readonly limits: Limits;
  readonly names: readonly string[];
};

const fractionsOf = (ingredients: readonly Ingredient[], { x }: Found): Record<string, number> =>
  Object.fromEntries(ingredients.flatMap((one, i) => ((x[i] ?? 0) > 0 ? [[one.id, x[i] ?? 0]] : [])));

function answer({ ingredients, prices, limits, names }: Asked, solver: LinearSolver): Cheapest {
  const solve = (on: ReadonlySet<string>): Found | null => best(ingredients, prices, limits, on, solver);
  const found = solve(new Set(names));
  if (!found) return { feasible: false, clash: clashOf(names, (on) => solve(on) !== null) };
  return {
    feasible: true,
    costPerKg: found.costPerKg,
    fractions: fractionsOf(ingredients, found),
    binding: found.binding,
  };
}

/**
 * The cheapest blend of some ingredients within limits (calc.md, 11).
 * @param input ingredients, prices per kg, limits; `noHeatConflict` besides those of the contract
 * @param solver a linear solver, loaded
 * @returns every fault of the input at once, the blend with the limits that bind, or a smallest set of limits that clash
 */
export function cheapest(input: unknown, solver: LinearSolver, catalogue: Catalogue): Result<Cheapest> {
  const asked = read(input, catalogue);
  return asked.ok ? ok(answer(asked.value, solver)) : asked;
}

/** The groups of ingredients that may stand together: one `mixes` group, or, where it may be shaken, any but water with oil or wax. */
const TOGETHER: Readonly<Record<'still' | 'shaken', readonly (readonly Ingredient['mixes'][])[]>> = {
  still: [['oil'], ['spirit'], ['water']],
  shaken: [
    ['oil', 'spirit'],
    ['water', 'spirit'],
  ],
};

/** How a blend may be used that is looked for: shaken before each use; keeping, with nothing in it that turns. */
export type Wanted = { readonly mayBeShaken: boolean; readonly keeps: boolean };

/** Vitamin E keeps an oil from drying. */
const slows = (one: Ingredient): boolean => likeOf(one) === 'vitamin-e';

/** Kitchen oils and oils that dry by halves turn rancid in wood, and vitamin E only holds that up: in no blend that must keep. */
const turns = (one: Ingredient): boolean => turnsByItself(one) || slows(one);

/** Whether a blend can be made and used: it does not stay tacky, it keeps where it must, and its wax comes together with the rest. */
function isUsable(fractions: Readonly<Record<string, number>>, keeps: boolean, catalogue: Catalogue): boolean {
  const made = natureOf(
    {
      lines: Object.entries(fractions).map(([ingredient, parts]) => ({ ingredient, parts })),
      make: { massG: 100 },
    },
    catalogue,
  );
  if (!made.ok) return false;
  const { drying, turnsRancid, heat, waxFraction } = made.value;
  return drying !== 'mixed' && !(keeps && turnsRancid) && !(heat === 'none' && waxFraction > 0);
}

type Try = Pick<Asked, 'ingredients' | 'prices' | 'limits'> & { readonly usual: readonly string[] };

/** What may be left out, for wax must come together with the rest: nothing, what is never heated, or the wax. */
const LEFT_OUT: readonly ((one: Ingredient) => boolean)[] = [() => false, (one) => one.neverHeat, (one) => one.family === 'wax'];

/** What is tried: each group that may stand together; dried or never dried where that does not matter, so that nothing stays tacky. */
function triesOf({ ingredients, prices, limits }: Asked, { mayBeShaken }: Wanted): Try[] {
  const dryings = limits.drying ? [limits.drying] : (['never', 'drying'] as const);
  return TOGETHER[mayBeShaken ? 'shaken' : 'still'].flatMap((groups) =>
    LEFT_OUT.flatMap((isLeftOut) =>
      dryings.map((drying) => {
        const chosen = ingredients.flatMap((one, i) =>
          groups.includes(one.mixes) && !isLeftOut(one) && !(drying === 'drying' && slows(one))
            ? [{ one, price: prices[i] ?? 0 }]
            : [],
        );
        // Resin is dissolved in far more spirit than it weighs; only an oil is thinned.
        const isThinned = limits.volatile === undefined && chosen.some(({ one }) => one.family.endsWith('oil'));
        return {
          ingredients: chosen.map(({ one }) => one),
          prices: chosen.map(({ price }) => price),
          limits: { ...limits, drying },
          usual: [...(drying === 'drying' ? ['dries'] : []), ...(isThinned ? ['thinner'] : [])],
        };
      }),
    ),
  );
}

/**
 * The cheapest blend a maker can use (calc.md, 11, "the screens add"): lines that mix, or may be shaken; no water with oil or wax;
 * something that dries where drying is asked, and nothing that stays tacky; no more solvent than oil unless a volatile share was said;
 * nothing that turns where it must keep; wax only where it can be brought together with the rest.
 * @returns as `cheapest`; the clash names `mixes` where only parting ingredients would do, `usable` where only what stays tacky, turns or cannot be made
 */
export function cheapestToUse(input: unknown, wanted: Wanted, solver: LinearSolver, catalogue: Catalogue): Result<Cheapest> {
  const whole = read(input, catalogue);
  if (!whole.ok) return whole;
  const needed = Object.entries(whole.value.limits.ranges ?? {}).flatMap(([id, [least]]) => (least > 0 ? [id] : []));
  const asked = wanted.keeps ? without(whole.value, (one) => turns(one) && !needed.includes(one.id)) : whole.value;
  const tried = triesOf(asked, wanted).flatMap(({ usual, ...of }): Cheapest[] => {
    if (of.ingredients.length === 0 || needed.some((id) => !of.ingredients.some((one) => one.id === id))) return [];
    const named = [...new Set([...asked.names, 'drying'])].filter((name) => isOf(name, of.ingredients));
    return [answer({ ...of, names: [...named, ...usual] }, solver)];
  });
  const feasible = tried.flatMap((one) => (one.feasible ? [one] : [])).sort((a, b) => a.costPerKg - b.costPerKg);
  const usable = feasible.find(({ fractions }) => isUsable(fractions, wanted.keeps, catalogue));
  if (usable) return ok(usable);
  if (feasible.length > 0) return ok({ feasible: false, clash: ['usable'] });
  const plain = answer(whole.value, solver);
  if (!plain.feasible) return ok(plain);
  const clash = tried.flatMap((one) => (one.feasible ? [] : one.clash));
  return ok({ feasible: false, clash: clash.length > 0 ? [...new Set(clash)] : ['mixes'] });
}

/** The problem without some ingredients, and without the limits that speak of them. */
function without({ ingredients, prices, limits, names }: Asked, isOut: (one: Ingredient) => boolean): Asked {
  const kept = ingredients.flatMap((one, i) => (isOut(one) ? [] : [{ one, price: prices[i] ?? 0 }]));
  const left = kept.map(({ one }) => one);
  return {
    ingredients: left,
    prices: kept.map(({ price }) => price),
    limits,
    names: names.filter((name) => isOf(name, left)),
  };
}

/** A range or a stock of what is left out is no limit any more. */
const isOf = (name: string, chosen: readonly Ingredient[]): boolean => {
  const [, id] = /^(?:ranges|stock)\.(.+)$/.exec(name) ?? [];
  return id === undefined || chosen.some((one) => one.id === id);
};

function read(input: unknown, catalogue: Catalogue): Result<Asked> {
  const checked = check(SolveInput, input);
  if (!checked.ok) return checked;
  const { ingredients: ids, prices, limits } = checked.value;
  const issues: Issue[] = [];
  const ingredients: Ingredient[] = [];
  ids.forEach((id, i) => {
    const found = findIngredient(id, catalogue);
    if (!found) issues.push({ code: 'unknown-ingredient', path: `ingredients.${i}`, with: { id } });
    else if (ids.indexOf(id) !== i)
      issues.push({ code: 'duplicate-ingredient', path: `ingredients.${i}`, with: { name: found.name } });
    else if (prices[id] === undefined) issues.push({ code: 'required', path: `prices.${id}` });
    else ingredients.push(found);
  });
  for (const id of Object.keys(limits.ranges ?? {}))
    if (!ids.includes(id)) issues.push({ code: 'unknown-line', path: `limits.ranges.${id}`, with: { id } });
  if (issues.length > 0) return { ok: false, issues };
  if (limits.stock && limits.totalG === undefined) return fail('required', 'limits.totalG');
  return ok({
    ingredients,
    prices: ingredients.map((one) => prices[one.id] ?? 0),
    limits,
    names: namesOf(limits, ingredients),
  });
}
