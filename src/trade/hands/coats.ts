import 'server-only';
import type { Task } from '@/core/batch';
import { say } from '@/core/quantity';
import { endsCoat, laysCoat, offerFor } from '@/core/regimen';
import type { Db } from '@/data/db';
import { candidates } from '@/data/stores/candidates';
import { lotsNow } from '@/data/stores/queries';
import type { Batch } from '@/data/work/batch';
import type { BatchStanding } from '@/data/work/standing';
import { LAST_WORDS } from '@/messages';
import { coats as wording } from '@/messages/screens/trade';
import { clockTime } from '@/ui/when';
import { reads } from '@/web/here';
import { catalogue } from '@/web/here-catalogue';
import type { CoatSlot } from './coat-changes';

/** The materials of a batch with their coats given and to come, and the lots each could be taken from. */
export function coatSlots(db: Db, batch: Batch, { progress }: BatchStanding): CoatSlot[] {
  const lots = lotsNow(db);
  const leftG = new Map(lots.map((lot) => [lot.id, lot.leftG]));
  const known = candidates(lots, catalogue());
  const isCoat = (slot: string) => (task: Pick<Task, 'step' | 'round'>) =>
    laysCoat(task.step) && task.step.slot === slot && task.round === 1;
  return batch.regimen.slots.flatMap((slot) => {
    const lot = batch.materials[slot.slot];
    const given = progress.done.filter(({ task, fact }) => fact.kind === 'done' && isCoat(slot.slot)(task)).length;
    const left = progress.rest.filter(isCoat(slot.slot)).length;
    if (!lot && left === 0 && given === 0) return [];
    return [
      {
        slot: slot.slot,
        name: slot.name,
        lot: lot ? { id: lot.id, number: lot.number } : null,
        given,
        left,
        repeat: slot.repeat,
        wet: progress.next !== null && endsCoat(progress.next.task.step),
        lots: offerFor(slot, known, batch.regimen.steps)
          .lots.filter((one) => one.id !== lot?.id)
          .map((one) => ({ id: one.id, says: `${one.number} ${one.title}, ${say(leftG.get(one.id) ?? 0, 'g', reads())}` })),
      },
    ];
  });
}

/** What was decided of a batch's coats, in a line each. */
export const changeWords = (
  batch: Batch,
  initials: ReadonlyMap<number, string>,
  zone: string,
  nowMs: number,
): { readonly id: number; readonly says: string }[] =>
  batch.changes.map(({ id, kind, slot, reason, note, personId, at }) => {
    const name = (batch.regimen.slots.find((one) => one.slot === slot)?.name ?? slot).toLowerCase();
    const why = [reason && reason !== 'other' ? LAST_WORDS[reason] : '', note].filter(Boolean).join(', ');
    const what = kind === 'another' ? wording.anotherCoatOf(name) : wording.thatWasTheLast(name);
    return {
      id,
      says: `${what}${why === '' ? '' : `: ${why}`} (${initials.get(personId) ?? ''} ${clockTime(at, zone, nowMs)}).`,
    };
  });
