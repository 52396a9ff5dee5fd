import { type Catalogue, likeIngredient } from '@/core/material';
import { sharesOf } from './lines';
import type { FormulaLine } from './schema';

/** What thinning does to a blend: shares of its mass, and how many coats of it lay down what one neat coat would. */
export type Thinning = {
  readonly solventShare: number;
  readonly oilShare: number;
  readonly staysShare: number;
  readonly coatsPerNeat: number | null;
  /** More solvent than oil, by the measure the formula is written in: refused where there is no resin. */
  readonly tooThin: boolean;
};

const OILS: ReadonlySet<string> = new Set(['never-dry-oil', 'culinary-oil', 'semi-drying-oil', 'drying-oil']);
/** Solvent may exceed oil by this share of the blend before it is called too thin: no scale pours nearer. Source: working tolerance. */
export const TOO_THIN_BY = 0.01;

/** A blend that is thinned; null where nothing in it leaves as it dries. Unknown ingredients give null too. */
export function thinning(lines: readonly FormulaLine[], basis: 'mass' | 'volume', catalogue: Catalogue): Thinning | null {
  const shares = sharesOf(lines, basis, catalogue);
  if (!shares.ok || !shares.value.some(({ ingredient }) => ingredient.family === 'solvent')) return null;
  const sum = (families: (family: string) => boolean, of: 'w' | 'parts'): number =>
    shares.value.reduce((total, share) => total + (families(share.ingredient.family) ? share[of] : 0), 0);
  const isOil = (family: string): boolean => OILS.has(family);
  const isSolvent = (family: string): boolean => family === 'solvent';
  const staysShare = shares.value.reduce((total, { ingredient, w }) => total + w * (1 - ingredient.volatileFraction), 0);
  const whole = sum(() => true, 'parts');
  const hasResin = shares.value.some(({ ingredient }) => ingredient.family === 'resin');
  return {
    solventShare: sum(isSolvent, 'w'),
    oilShare: sum(isOil, 'w'),
    staysShare,
    coatsPerNeat: staysShare > 0 ? 1 / staysShare : null,
    tooThin: !hasResin && sum(isOil, 'parts') > 0 && sum(isSolvent, 'parts') - sum(isOil, 'parts') > whole * (TOO_THIN_BY + 1e-9),
  };
}

/** Hours mixed powder paint keeps, chilled. Source: working estimate of the trade, a day or two. */
export const PAINT_KEEPS_HOURS = 48;

/** Whether it is powder paint stirred with water: it spoils within days. */
export const isMixedPaint = (ingredients: readonly string[], catalogue: Catalogue): boolean =>
  ['milk-paint-powder', 'water'].every((id) => ingredients.some((one) => likeIngredient(one, catalogue) === id));
