import 'server-only';
import { pdfPicture } from '@/print/pdf-picture';
import type { Slip } from '@/print/slip';
import { type Printed, type SlipWish, setSlip } from '@/print/slip-pdf';
import { reads } from '@/web/here';
import { inThread } from '@/web/thread';

/** What was made lately, by all it says: the page asks for the type, then its pictures and the PDF are fetched. */
function lately<T>(most: number): (key: string, make: () => Promise<T>) => Promise<T> {
  const kept = new Map<string, Promise<T>>();
  return (key, make) => {
    const known = kept.get(key) ?? make();
    kept.delete(key);
    kept.set(key, known);
    known.catch(() => kept.delete(key));
    for (const old of [...kept.keys()].slice(0, Math.max(0, kept.size - most))) kept.delete(old);
    return known;
  };
}
const printed = lately<Printed | null>(40);
const pictured = lately<Buffer>(12);

/** The slip as a PDF, set once for as long as it says the same; null when even the least type does not fit, so that nothing is ever cut. */
export const slipPdf = (slip: Slip, wish: SlipWish): Promise<Printed | null> =>
  printed(JSON.stringify([slip, wish, reads()]), () => inThread('paper', 'setSlip', [slip, wish, reads()], setSlip));

/** Dots of a printed inch. */
const DPI = 300;

/** One side of the printed slip as a picture, drawn from the very PDF: what is seen is what is printed. Null where there is no such side. */
export async function slipPicture(slip: Slip, wish: SlipWish, side: number): Promise<Buffer | null> {
  if (!Number.isInteger(side) || side < 0 || side >= wish.languages.length) return null;
  const made = await slipPdf(slip, wish);
  return (
    made &&
    pictured(JSON.stringify([slip, wish, side]), () => inThread('paper', 'pdfPicture', [made.pdf, side + 1, DPI], pdfPicture))
  );
}
