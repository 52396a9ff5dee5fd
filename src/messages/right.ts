import type { Righted, RightLot } from '@/core/blend';
import { formatMass } from '@/core/quantity';

/** What is done to put a lot right, in the sentence that the bench shows and the book keeps. */
export function rightWords(
  { mode, parts, totalG, lostG }: Righted,
  lot: Pick<RightLot, 'number' | 'leftG'>,
  other: Pick<RightLot, 'number' | 'title'>,
): string {
  const [first, second] = parts.map((part) => formatMass(part.grams));
  switch (mode) {
    case 'feel':
      return `${second} of ${other.number} (${other.title}) into all ${formatMass(lot.leftG)} of ${lot.number}: ${formatMass(totalG)}.`;
    case 'marry':
      return `${first} of ${lot.number} with ${second} of ${other.number}: ${formatMass(totalG)}.`;
    case 'top-up':
      return `${formatMass(lostG)} of solvent left through the lid; as much of ${other.number} goes back in.`;
    case 'let-down':
      return `${second} of ${other.number} lets ${formatMass(lot.leftG)} down to ${formatMass(totalG)}.`;
  }
}
