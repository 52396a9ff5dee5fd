import { type Blend, heatConflictWay, thinning } from '@/core/blend';
import type { Catalogue, PieceUse } from '@/core/material';

/** What is said beside the cautions, each by a rule of its own, the gravest first. */
export const NOTICES = [
  'film-under-knife',
  'heat-in-two-goes',
  'heat-less-wax',
  'more-solvent-than-oil',
  'small-parts',
  'food-safe-is-a-claim',
] as const;
export type Notice = (typeof NOTICES)[number];

/** A blend as it stands on a page: a film, a pot that cannot be poured as it is, more thinner than oil. */
export function noticesOfBlend(
  blend: Pick<Blend, 'clearC' | 'pourC' | 'holdMaxC' | 'flashC' | 'heat' | 'heatConflict' | 'knifeSurface' | 'lines'>,
  catalogue: Catalogue,
): readonly Notice[] {
  const way = heatConflictWay(blend);
  const thin = thinning(
    blend.lines.map((line) => ({ ingredient: line.ingredient, parts: line.massFraction })),
    'mass',
    catalogue,
  );
  return NOTICES.filter(
    (notice) =>
      (notice === 'film-under-knife' && !blend.knifeSurface) ||
      (notice === 'heat-in-two-goes' && way === 'in-two-goes') ||
      (notice === 'heat-less-wax' && way === 'less-wax') ||
      (notice === 'more-solvent-than-oil' && thin?.tooThin === true),
  );
}

/** A piece as it is judged or begun: a film under its knife, small parts of a toy, and what any claim of food safety is worth. */
export const noticesOfPiece = (use: readonly PieceUse[], film: boolean, releasing: boolean): readonly Notice[] =>
  NOTICES.filter(
    (notice) =>
      (notice === 'film-under-knife' && film && use.includes('knife')) ||
      (notice === 'small-parts' && (use.includes('toy') || use.includes('mouth'))) ||
      (notice === 'food-safe-is-a-claim' && releasing),
  );
