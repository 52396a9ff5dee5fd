import type { Ingredient } from '@/core/material';
import { gramsPer, millilitresPer } from '@/core/quantity';

/** Growth of an oil per °C above 20. Source: the same working figure as the level of a hot fill (calc.md, 3). */
export const EXPANSION_PER_C = 0.00075;

/** Density at a temperature, g/ml: `ρ = ρ20 / (1 + 0.00075·(T − 20))`. Holds while it is liquid. */
export const densityAt = (ingredient: Pick<Ingredient, 'densityGPerMl'>, tempC: number): number =>
  ingredient.densityGPerMl / (1 + EXPANSION_PER_C * (tempC - 20));

/** Units people use, as they are said and as the tables name them; fluid ounces of two kinds and the ounce by weight kept apart. */
const WEIGHTS = { g: 'g', kg: 'kg', 'oz by weight': 'oz', lb: 'lb' } as const;
const VOLUMES = { ml: 'ml', l: 'l', 'US fl oz': 'us fl oz', 'imperial fl oz': 'imp fl oz', 'US cup': 'us cup' } as const;

/** One amount in every unit. */
export function everyUnit(massG: number, densityGPerMl: number): { readonly unit: string; readonly value: number }[] {
  return [
    ...Object.entries(WEIGHTS).map(([unit, name]) => ({ unit, value: massG / gramsPer(name) })),
    ...Object.entries(VOLUMES).map(([unit, name]) => ({ unit, value: massG / densityGPerMl / millilitresPer(name) })),
  ];
}
