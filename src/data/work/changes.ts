import 'server-only';
import { eq } from 'drizzle-orm';
import { coatGroups, isOfRegimen, type LastReason, type Progress, stepOfTask } from '@/core/batch';
import { fail, ok, type Result } from '@/core/quantity';
import { laysCoat } from '@/core/regimen';
import { type By, command } from '../command';
import type { Db } from '../db';
import { batchMaterial, stepChange } from '../schema';
import { type Batch, loadBatch } from './batch';
import { chooseFor } from './commands';
import { progressOfBatch } from './standing';

/** The last coat of a material that was given or begun, as a step; null where none was. */
function lastGiven({ done }: Progress, slot: string): string | null {
  const coat = done.findLast(
    ({ task, fact }) => task.step.slot === slot && laysCoat(task.step) && fact.kind === 'done' && isOfRegimen(task.key),
  );
  return coat ? stepOfTask(coat.task.key) : null;
}

/** A batch whose coats may still be changed. */
function changeable(db: Db, batchId: number, nowMs: number): Result<Batch> {
  const batch = loadBatch(db, batchId, nowMs);
  if (!batch) return fail('not-found', 'batchId');
  return batch.release ? fail('already-decided', 'batchId') : ok(batch);
}

const isKnown = (tx: Db, clientId: string): boolean =>
  tx.select().from(stepChange).where(eq(stepChange.clientId, clientId)).get() !== undefined;

type Last = {
  readonly clientId: string;
  readonly batchId: number;
  readonly slot: string;
  readonly reason: LastReason;
  readonly note: string;
};

/**
 * That was the last: the coats of a material that are left are struck, with their wipes and scuffs. What lies on the pieces stays in the
 * book, and setting begins with it.
 */
export function thatWasTheLast(db: Db, { clientId, batchId, slot, reason, note }: Last, by: By): Result<void> {
  return command(db, (tx) => {
    if (isKnown(tx, clientId)) return ok(undefined);
    const found = changeable(tx, batchId, by.nowMs);
    if (!found.ok) return found;
    const { progress } = progressOfBatch(found.value);
    if (!progress.rest.some(({ step }) => step.slot === slot && laysCoat(step))) return fail('no-coats-left', 'slot');
    if (reason === 'other' && note.trim() === '') return fail('reason-needed', 'note');
    const after = lastGiven(progress, slot);
    const others = coatGroups(found.value.regimen.steps).some((group) => group.slot !== slot);
    if (after === null && !others) return fail('no-coat-yet', 'slot');
    tx.insert(stepChange)
      .values({ clientId, batchId, kind: 'last', slot, after, reason, note: note.trim(), personId: by.personId, at: by.nowMs })
      .run();
    return ok(undefined);
  });
}

type Another = {
  readonly clientId: string;
  readonly batchId: number;
  readonly slot: string;
  /** Another lot from this coat on; null: the one it was. */
  readonly lotId: number | null;
  readonly note: string;
};

/** Another coat: the last coat of a material once more, with its waits. */
export function anotherCoat(db: Db, { clientId, batchId, slot, lotId, note }: Another, by: By): Result<void> {
  return command(db, (tx) => {
    if (isKnown(tx, clientId)) return ok(undefined);
    const found = changeable(tx, batchId, by.nowMs);
    if (!found.ok) return found;
    const batch = found.value;
    if (!coatGroups(batch.regimen.steps).some((group) => group.slot === slot)) return fail('no-coat-yet', 'slot');
    if (lotId === null && !batch.materials[slot]) return fail('slot-empty', 'lot', { name: slot });
    const last = progressOfBatch(batch).progress.done.findLast(({ task }) => isOfRegimen(task.key));
    tx.insert(stepChange)
      .values({
        clientId,
        batchId,
        kind: 'another',
        slot,
        after: last ? stepOfTask(last.task.key) : null,
        note: note.trim(),
        personId: by.personId,
        at: by.nowMs,
      })
      .run();
    return lotId === null || lotId === batch.materials[slot]?.id ? ok(undefined) : takeLot(tx, batch, { slot, lotId }, by);
  });
}

/** Takes a change of the coats back, as long as nothing that came by it was done. */
export function takeChangeBack(
  db: Db,
  { clientId, batchId, id }: { readonly clientId: string; readonly batchId: number; readonly id: number },
  by: By,
): Result<void> {
  return command(db, (tx) => {
    if (isKnown(tx, clientId)) return ok(undefined);
    const found = changeable(tx, batchId, by.nowMs);
    if (!found.ok) return found;
    const batch = found.value;
    const change = batch.changes.find((one) => one.id === id);
    if (!change || change.batchId !== batchId) return fail('not-found', 'id');
    tx.insert(stepChange)
      .values({ clientId, batchId, kind: 'back', slot: change.slot, takesBack: id, personId: by.personId, at: by.nowMs })
      .run();
    const again = loadBatch(tx, batchId, by.nowMs);
    // Work that rests on the change would have nowhere to stand.
    const before = progressOfBatch(batch).progress;
    const after = again && progressOfBatch(again).progress;
    return after && after.done.length === before.done.length && after.waiting.length === before.waiting.length
      ? ok(undefined)
      : fail('change-begun', 'id');
  });
}

/** From now on a slot is taken from another lot; what was drawn before stays where it was drawn. */
export function takeLot(
  tx: Db,
  batch: Batch,
  { slot, lotId, fromAt }: { readonly slot: string; readonly lotId: number; readonly fromAt?: number },
  by: By,
): Result<void> {
  const of = batch.regimen.slots.find((one) => one.slot === slot);
  if (!of) return fail('not-found', 'slot');
  const chosen = chooseFor(tx, of, batch.regimen.steps, lotId);
  if (!chosen.ok) return chosen;
  tx.insert(batchMaterial)
    .values({ batchId: batch.id, slot, lotId, fromAt: fromAt ?? by.nowMs })
    .onConflictDoUpdate({ target: [batchMaterial.batchId, batchMaterial.slot, batchMaterial.fromAt], set: { lotId } })
    .run();
  return ok(undefined);
}

/** The next coats of a material come from another lot. */
export function changeLot(
  db: Db,
  input: { readonly batchId: number; readonly slot: string; readonly lotId: number },
  by: By,
): Result<void> {
  return command(db, (tx) => {
    const found = changeable(tx, input.batchId, by.nowMs);
    return found.ok ? takeLot(tx, found.value, input, by) : found;
  });
}
