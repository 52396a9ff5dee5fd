import type { Righted, RightLot } from '@/core/blend';
import { type Reads, say } from '@/core/quantity';

/** What is done to put a lot right, in the sentence that the bench shows and the book keeps. */
export function rightWords(
  { mode, parts, totalG, lostG }: Righted,
  lot: Pick<RightLot, 'number' | 'leftG'>,
  other: Pick<RightLot, 'number' | 'title'>,
  reads: Reads,
): string {
  const [first, second] = parts.map((part) => say(part.grams, 'g', reads));
  switch (mode) {
    case 'feel':
      return `${second} of ${other.number} (${other.title}) into all ${say(lot.leftG, 'g', reads)} of ${lot.number}: ${say(totalG, 'g', reads)}.`;
    case 'marry':
      return `${first} of ${lot.number} with ${second} of ${other.number}: ${say(totalG, 'g', reads)}.`;
    case 'top-up':
      return `${say(lostG, 'g', reads)} of solvent left through the lid; as much of ${other.number} goes back in.`;
    case 'let-down':
      return `${second} of ${other.number} lets ${say(lot.leftG, 'g', reads)} down to ${say(totalG, 'g', reads)}.`;
  }
}
