import { type Catalogue, findIngredient, type Ingredient } from '@/core/material';
import type { Issue, Result } from '@/core/quantity';
import type { FormulaLine } from './schema';

/** A line with its ingredient and its share of the mass (0–1). */
export type LineShare = { readonly ingredient: Ingredient; readonly parts: number; readonly w: number };

/**
 * Mass fractions of a formula: parts by mass as they stand, parts by volume times density.
 * `w_i = m_i / Σm`
 * @returns one share per line, in line order; issues for unknown or repeated ingredients
 */
export function sharesOf(
  lines: readonly FormulaLine[],
  basis: 'mass' | 'volume',
  catalogue: Catalogue,
): Result<readonly LineShare[]> {
  const issues: Issue[] = [];
  const seen = new Set<string>();
  const weighed: { ingredient: Ingredient; parts: number; m: number }[] = [];
  lines.forEach((line, index) => {
    const ingredient = findIngredient(line.ingredient, catalogue);
    if (!ingredient)
      issues.push({ code: 'unknown-ingredient', path: `lines.${index}.ingredient`, with: { id: line.ingredient } });
    else if (seen.has(ingredient.id)) {
      issues.push({ code: 'duplicate-ingredient', path: `lines.${index}.ingredient`, with: { name: ingredient.name } });
    } else
      weighed.push({ ingredient, parts: line.parts, m: basis === 'volume' ? line.parts * ingredient.densityGPerMl : line.parts });
    seen.add(line.ingredient);
  });
  if (issues.length > 0) return { ok: false, issues };
  const sum = weighed.reduce((total, line) => total + line.m, 0);
  return { ok: true, value: weighed.map(({ ingredient, parts, m }) => ({ ingredient, parts, w: m / sum })) };
}

/** `1/ρ = Σ w_i/ρ_i`, g/ml at 20 °C. */
export const densityOf = (shares: readonly LineShare[]): number =>
  1 / shares.reduce((sum, { w, ingredient }) => sum + w / ingredient.densityGPerMl, 0);
