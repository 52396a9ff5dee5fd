import type { Ingredient } from '@/core/material';

/** Growth of an oil per °C above 20. Source: the same working figure as the level of a hot fill (calc.md, 3). */
export const EXPANSION_PER_C = 0.00075;

/** Density at a temperature, g/ml: `ρ = ρ20 / (1 + 0.00075·(T − 20))`. Holds while it is liquid. */
export const densityAt = (ingredient: Pick<Ingredient, 'densityGPerMl'>, tempC: number): number =>
  ingredient.densityGPerMl / (1 + EXPANSION_PER_C * (tempC - 20));

/** Grams and millilitres in the units people use; fluid ounces of two kinds and two ounces by weight kept apart. */
export const WEIGHTS = [
  { unit: 'g', perUnit: 1 },
  { unit: 'kg', perUnit: 1000 },
  { unit: 'oz by weight', perUnit: 28.349523125 },
  { unit: 'lb', perUnit: 453.59237 },
] as const;
export const VOLUMES = [
  { unit: 'ml', perUnit: 1 },
  { unit: 'l', perUnit: 1000 },
  { unit: 'US fl oz', perUnit: 29.5735295625 },
  { unit: 'imperial fl oz', perUnit: 28.4130625 },
  { unit: 'US cup', perUnit: 236.5882365 },
] as const;

/** One amount in every unit. */
export function everyUnit(massG: number, densityGPerMl: number): { readonly unit: string; readonly value: number }[] {
  return [
    ...WEIGHTS.map(({ unit, perUnit }) => ({ unit, value: massG / perUnit })),
    ...VOLUMES.map(({ unit, perUnit }) => ({ unit, value: massG / densityGPerMl / perUnit })),
  ];
}
