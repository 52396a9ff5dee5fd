import 'server-only';
import type { Batch } from './batch';
import { estimatedGrams } from './record';
import { progressOfBatch } from './standing';

/** A coat that took this many times what it was reckoned to is thicker than what the hours to fit were made for. Working estimate. */
const THICK_TIMES = 1.5;

/** What each coat took of its lot, g/m² of the piece's surface, in turn, what the cloths took among it; and whether any is far above what such a coat takes. */
export type Laid = { readonly perM2: readonly number[]; readonly isThick: boolean };

/** The coats of a batch that were weighed or reckoned, by their surface. */
export function laidOn(batch: Batch): Laid {
  const grams = new Map(
    batch.book.flatMap(({ entry, stands }) => (stands ? [[entry.clientId, stands.grams ?? null] as const] : [])),
  );
  const coats = progressOfBatch(batch).progress.done.flatMap(({ fact, task }) => {
    const drawn = grams.get(fact.id) ?? null;
    const areaM2 = (batch.design.area.areaMm2 * task.pieces) / 1e6;
    if (drawn === null || !task.step.coatClass || areaM2 <= 0) return [];
    const usual = estimatedGrams(batch, task);
    return [{ perM2: drawn / areaM2, isThick: usual > 0 && drawn > THICK_TIMES * usual }];
  });
  return { perM2: coats.map((one) => one.perM2), isThick: coats.some((one) => one.isThick) };
}
