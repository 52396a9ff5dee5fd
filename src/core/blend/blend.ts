import { check } from '@/core/contract';
import type { Catalogue, Contact } from '@/core/material';
import { fail, ok, type Result } from '@/core/quantity';
import { type Consistency, feelOf } from './feel';
import { type HeatLadder, heatLadder } from './heat';
import { densityOf, type LineShare, sharesOf } from './lines';
import {
  allergensOf,
  type Drying,
  driedLinesOf,
  dryingOf,
  hardenerFault,
  isFlammable,
  keepsMonths,
  type MaxDwell,
  maxDwell,
  type RagHazard,
  ragHazardOf,
  separatesOf,
  stays,
  turnsRancid,
  worstContact,
} from './nature';
import { BlendInput, type Make } from './schema';

export type BlendLine = {
  readonly ingredient: string;
  readonly massG: number;
  readonly volumeMl: number;
  readonly massFraction: number;
};

/** What a blend will be: masses in g, volumes in ml, temperatures in °C, keeping in months, cost per kg in the prices' money. */
export type Blend = HeatLadder & {
  readonly totalG: number;
  readonly volumeMl: number;
  readonly densityGPerMl: number;
  readonly lines: readonly BlendLine[];
  readonly driedFraction: number;
  readonly driedLines: readonly { readonly ingredient: string; readonly massFraction: number }[];
  readonly waxFraction: number;
  readonly waxEquivalent: number;
  readonly consistency: Consistency;
  readonly drying: Drying;
  /** It turns rancid in wood. */
  readonly turnsRancid: boolean;
  /** Its parts go asunder: shake before each use. */
  readonly separates: boolean;
  readonly maxDwellMin: MaxDwell;
  readonly contact: Contact;
  readonly knifeSurface: boolean;
  /** Whether it builds a film; nobody knows of what is not declared. */
  readonly film: boolean | 'unknown';
  readonly allergens: readonly string[];
  readonly flammable: boolean;
  readonly ragHazard: RagHazard;
  readonly bestBeforeMonths: number;
  readonly costPerKg?: number | null;
  readonly limiting?: string;
  readonly left?: Readonly<Record<string, number>>;
};

/** Totals within this share of each other run out together; the first line is named. */
const TIE = 1e-9;

type Sized = { readonly totalG: number; readonly limiting?: string; readonly left?: Record<string, number> };

/** The largest total such that no line exceeds its stock: min over lines of stock_i / w_i. Lines not named count as unlimited where `others` is enough. */
function sizeFromStock(shares: readonly LineShare[], stock: Readonly<Record<string, number>>, others?: 'enough'): Result<Sized> {
  let best: { totalG: number; id: string } | undefined;
  for (const { ingredient, w } of shares) {
    const have = stock[ingredient.id];
    if (have === undefined && others === 'enough') continue;
    if (have === undefined) return fail('no-stock-given', `make.from.${ingredient.id}`, { name: ingredient.name });
    const totalG = have / w;
    if (!best || totalG < best.totalG * (1 - TIE)) best = { totalG, id: ingredient.id };
  }
  if (!best) return fail('no-stock-given', 'make.from', { name: shares[0]?.ingredient.name ?? '' });
  const { totalG } = best;
  const used = new Map<string, number>(shares.map(({ ingredient, w }) => [ingredient.id, totalG * w]));
  const left = Object.fromEntries(Object.entries(stock).map(([id, have]) => [id, Math.max(0, have - (used.get(id) ?? 0))]));
  return ok({ totalG, limiting: best.id, left });
}

function sizeOf(make: Make, shares: readonly LineShare[], density: number): Result<Sized> {
  if ('massG' in make) return ok({ totalG: make.massG });
  if ('volumeMl' in make) return ok({ totalG: make.volumeMl * density });
  if ('from' in make) return sizeFromStock(shares, make.from, make.others);
  const { capacityMl, fill, count } = make.containers;
  return ok({ totalG: capacityMl * fill * count * density });
}

/** `Σ w_i·price_i`; null when a line has no price. */
function costPerKg(shares: readonly LineShare[], prices: Readonly<Record<string, number>>): number | null {
  let cost = 0;
  for (const { ingredient, w } of shares) {
    const price = prices[ingredient.id];
    if (price === undefined) return null;
    cost += w * price;
  }
  return cost;
}

/**
 * Ratio to masses, and what the blend will be (calc.md, 2).
 * @param input lines of `{ingredient, parts > 0}`, basis `mass` or `volume`, what to make, room °C, prices per kg
 * @returns every fault of the input at once, or the blend; nothing is rounded
 * @example blend({ lines: [{ ingredient: 'beeswax', parts: 1 }, { ingredient: 'mineral-oil', parts: 3.5 }], basis: 'mass', make: { massG: 900 } }) // → beeswax 200 g, oil 700 g
 */
export function blend(input: unknown, catalogue: Catalogue): Result<Blend> {
  const made = natureOf(input, catalogue);
  const fault = made.ok
    ? hardenerFault(
        made.value.lines.map((line) => line.ingredient),
        catalogue,
      )
    : null;
  return fault ? fail(fault, 'lines') : made;
}

/** What some lines are together, whether or not anyone should mix them: a lot that is there has a nature all the same. */
export function natureOf(input: unknown, catalogue: Catalogue): Result<Blend> {
  const checked = check(BlendInput, input);
  if (!checked.ok) return checked;
  const { lines, basis, make, ambientC, prices, hardening } = checked.value;
  const found = sharesOf(lines, basis, catalogue);
  if (!found.ok) return found;
  const shares = found.value;
  const densityGPerMl = densityOf(shares);
  const size = sizeOf(make, shares, densityGPerMl);
  if (!size.ok) return size;
  const { totalG, ...stock } = size.value;
  const ingredients = shares.map((share) => share.ingredient);
  const waxEquivalent = shares.reduce(
    (sum, { ingredient, w }) => sum + w * (hardening?.[ingredient.id] ?? ingredient.hardening),
    0,
  );
  const drying = dryingOf(shares, catalogue);
  const ladder = heatLadder(shares, ambientC);
  return ok({
    totalG,
    volumeMl: totalG / densityGPerMl,
    densityGPerMl,
    lines: shares.map(({ ingredient, w }) => ({
      ingredient: ingredient.id,
      massG: w * totalG,
      volumeMl: (w * totalG) / ingredient.densityGPerMl,
      massFraction: w,
    })),
    driedFraction: shares.reduce((sum, share) => sum + stays(share), 0),
    driedLines: driedLinesOf(shares),
    waxFraction: shares.reduce((sum, { ingredient, w }) => sum + (ingredient.family === 'wax' ? w : 0), 0),
    waxEquivalent,
    consistency: feelOf(waxEquivalent, ambientC, ladder.clearC),
    ...ladder,
    drying,
    turnsRancid: turnsRancid(shares, drying),
    separates: separatesOf(ingredients),
    maxDwellMin: maxDwell(shares, drying),
    contact: worstContact(ingredients),
    knifeSurface: !ingredients.some((ingredient) => ingredient.filmForming),
    film: ingredients.some((ingredient) => ingredient.filmForming),
    allergens: allergensOf(ingredients),
    flammable: isFlammable(ingredients),
    ragHazard: ragHazardOf(ingredients),
    bestBeforeMonths: keepsMonths(ingredients),
    ...(prices ? { costPerKg: costPerKg(shares, prices) } : {}),
    ...stock,
  });
}
