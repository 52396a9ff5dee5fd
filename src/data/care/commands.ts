import 'server-only';
import { care, careInSeason, type Language, looksFrom, taughtDays, type Upkeep, type Use, type Wash } from '@/core/care';
import { addDays, atPath, fail, ok, type Result } from '@/core/quantity';
import type { OwnCare } from '@/core/regimen';
import { type By, command } from '../command';
import type { Db } from '../db';
import { heldNotice } from '../facts/facts';
import { careEvent, carePlan, owner, sale } from '../schema';
import { theShop } from '../shop/queries';
import { taughtOfBatch } from '../trials/teach';
import { asPiece, type Batch, loadBatch } from '../work/batch';
import { CARE_HORIZON_DAYS } from './horizon';
import { unsoldPieces } from './queries';
import { takeTins } from './tins';

export type Sale = {
  readonly batchId: number;
  readonly pieces: number;
  readonly priceMinor: number | null;
  readonly buyer: string;
  /** Where reminders go; empty when the buyer wants none. */
  readonly email?: string;
  readonly soldOn: string;
  readonly use: Use;
  readonly wash: Wash;
  readonly upkeep: Upkeep;
  readonly language?: Language;
  /** ISO code of the country it goes to; null where not known. */
  readonly country?: string | null;
  /** The tins to take one from for each piece; null for none. */
  readonly bottleLotId?: number | null;
};

/** Interval, grams a treatment and dates, by the seasons of the country it goes to. */
function scheduleFor(db: Db, batch: Batch, input: Sale) {
  const finish = {
    finishClass: batch.regimen.careClass,
    use: input.use,
    wash: input.wash,
    from: input.soldOn,
    horizonDays: CARE_HORIZON_DAYS,
  };
  const { areaMm2, endGrainMm2 } = batch.design.area;
  // Of a piece whose surface nobody ever measured or weighed, a treatment is reckoned as of a small board.
  const surface = areaMm2 > 0 ? { areaMm2, endGrainMm2 } : UNMEASURED;
  const found = care({ ...finish, zone: theShop(db).zone, ...surface, porosity: batch.species.porosity });
  if (!found.ok) return found;
  const days = careOfBatch(batch)?.days ?? null;
  if (days === null) {
    const times = taughtOfBatch(db, batch).factor;
    return ok({
      ...found.value,
      intervalDays: taughtDays(found.value.intervalDays, times),
      dates: careInSeason({ ...finish, country: input.country ?? null, times }),
    });
  }
  // The maker's own rhythm stands as it was said.
  const until = addDays(input.soldOn, CARE_HORIZON_DAYS);
  return ok({ ...found.value, intervalDays: days, dates: looksFrom(days, null, input.soldOn, until) });
}

/** How its owners keep a batch's pieces, where that is the maker's own: said of the batch, else of its regimen. */
export const careOfBatch = (batch: Pick<Batch, 'ownCare' | 'regimen'>): OwnCare | null => batch.ownCare ?? batch.regimen.ownCare;

/** Surface of a piece that was never measured, mm². Source: working estimate, a small board. */
const UNMEASURED = { areaMm2: 100_000, endGrainMm2: 5_000 } as const;

/** Sells some pieces of a released batch; each gets a care plan of its own. */
export function sellPieces(db: Db, input: Sale, by: By): Result<{ readonly codes: readonly string[] }> {
  return command(db, (tx) => {
    const batch = loadBatch(tx, input.batchId, by.nowMs);
    if (!batch) return fail('not-found', 'batchId');
    if (batch.release?.outcome !== 'released') return fail('not-released', 'batchId');
    const held = batch.on.find((lot) => lot.held);
    if (held) return fail('lot-held', 'batchId', { number: held.held?.number ?? held.number });
    if (heldNotice(tx, batch.id)) return fail('pieces-held', 'batchId');
    if (!Number.isInteger(input.pieces) || input.pieces < 1) return fail('must-be-positive', 'pieces');
    const free = unsoldPieces(tx, batch);
    if (free.length < input.pieces) return fail('not-enough-pieces', 'pieces', { left: free.length });
    const ownerId =
      input.buyer.trim() === '' && !input.email
        ? null
        : tx
            .insert(owner)
            .values({ name: input.buyer.trim() || 'not named', email: input.email?.trim() || null })
            .returning({ id: owner.id })
            .get().id;
    const sold = free.slice(0, input.pieces);
    for (const piece of sold) {
      const schedule = scheduleFor(tx, asPiece(batch, piece), input);
      if (!schedule.ok) return schedule;
      const { id: saleId } = tx
        .insert(sale)
        .values({
          pieceId: piece.id,
          priceMinor: input.priceMinor,
          ownerId,
          soldOn: input.soldOn,
          personId: by.personId,
          at: by.nowMs,
        })
        .returning({ id: sale.id })
        .get();
      const { id: carePlanId } = tx
        .insert(carePlan)
        .values({
          saleId,
          careClass: batch.regimen.careClass,
          use: input.use,
          wash: input.wash,
          upkeep: input.upkeep,
          language: input.language ?? 'en',
          country: input.country ?? null,
          intervalDays: schedule.value.intervalDays,
          ownDays: careOfBatch(batch)?.days ?? null,
          ownWords: careOfBatch(batch)?.words ?? '',
          gramsPerTreatment: schedule.value.gramsPerTreatment,
        })
        .returning({ id: carePlan.id })
        .get();
      const events = schedule.value.dates.map((dueOn, ordinal) => ({ carePlanId, ordinal, dueOn }));
      if (events.length > 0) tx.insert(careEvent).values(events).run();
      if (input.bottleLotId) {
        const given = takeTins(
          tx,
          { lotId: input.bottleLotId, count: 1, priceMinor: null, withPieceId: piece.id, ownerId, soldOn: input.soldOn },
          by,
        );
        if (!given.ok) return atPath('bottle', given);
      }
    }
    return ok({ codes: sold.map((piece) => piece.code) });
  });
}
