import 'server-only';
import { learnedA0 } from '@/data/cure/learned';
import { cache } from 'react';
import { MS_PER_HOUR } from '@/core/quantity';
import { sayBlocking } from '@/messages';
import { asAction, byUrgency, type HandAction, READING_COUNTS_HOURS } from '@/core/hands';
import type { Db } from '@/data/db';
import { type BatchPlan, type ShopPlan, shopPlan } from '@/data/plan/shop-plan';
import { lastReading, people, shopHours } from '@/data/shop/queries';

import { readyMades } from '@/data/stores/queries';
import { type Batch, loadBatch, openBatchIds, piecesIn } from '@/data/work/batch';
import { estimatedGrams } from '@/data/work/record';
import { type BatchStanding, standingOfBatch } from '@/data/work/standing';

export type OpenBatch = {
  readonly batch: Batch;
  readonly standing: BatchStanding;
  readonly plan: BatchPlan | null;
  readonly action: HandAction | null;
};

const plural = (name: string, count: number): string => (count === 1 ? name : `${name}s`);

/** `8 sycamore bread boards` */
export const titleOf = (batch: Pick<Batch, 'pieces' | 'species' | 'design'>): string =>
  `${piecesIn(batch).length} ${batch.species.name.toLowerCase()} ${plural(batch.design.name.toLowerCase(), piecesIn(batch).length)}`;

/** The label of a bought finish, where a step takes one. */
function labelOf(db: Db, batch: Batch, slot: string | null): string {
  const id = slot ? batch.materials[slot]?.readyMadeId : null;
  return id == null ? '' : (readyMades(db).find((one) => one.id === id)?.labelRule ?? '');
}

function actionOf(
  db: Db,
  batch: Batch,
  { progress, ring, tasks }: BatchStanding,
  plan: BatchPlan | null,
  initials: ReadonlyMap<string, string>,
  nowMs: number,
): HandAction | null {
  const next = progress.next;
  if (!next) return null;
  const { task, window } = next;
  const planned = plan?.feasible ? plan.steps.find((step) => step.id === task.key) : undefined;
  const reading = batch.place ? lastReading(db, batch.place.id) : null;
  const recent = reading && nowMs - reading.at < READING_COUNTS_HOURS * MS_PER_HOUR ? reading : null;
  const name = (key: string): string => tasks.find((one) => one.key === key)?.step.action.toLowerCase() ?? key;
  return {
    batchId: batch.id,
    number: batch.number,
    title: titleOf(batch),
    place: batch.place?.name ?? '',
    ring,
    ...asAction(task),
    note: task.step.note,
    labelRule: task.step.labelRule || labelOf(db, batch, task.step.slot),
    lot: task.step.slot ? (batch.materials[task.step.slot]?.number ?? null) : null,
    estimatedG: task.step.slot && batch.materials[task.step.slot] ? estimatedGrams(batch, task) || null : null,
    fromMs: progress.done.at(-1)?.fact.atMs ?? null,
    ...window,
    plannedMs: planned?.startMs ?? null,
    slackUntilMs: planned?.slackUntilMs ?? null,
    by: planned ? (initials.get(planned.by) ?? null) : null,
    blocked: plan && !plan.feasible ? sayBlocking(plan.blocking, name) : null,
    tempC: recent?.tempC ?? null,
    rh: recent?.rhFraction ?? null,
  };
}

/** The open batches and the plan of the whole shop; reckoned once for a page. */
export const shopNow = cache((db: Db, nowMs: number): { readonly open: readonly OpenBatch[]; readonly plan: ShopPlan } => {
  const standing = openBatchIds(db).flatMap((id) => {
    const batch = loadBatch(db, id, nowMs);
    return batch ? [{ batch, standing: standingOfBatch(db, batch, nowMs, learnedA0(db)) }] : [];
  });
  const waiting = standing.map(({ batch, standing: { progress } }) => ({ batch, progress }));
  const plan = shopPlan(db, waiting, nowMs, shopHours(db));
  const initials = new Map(people(db).map((person) => [String(person.id), person.initials]));
  const order = byUrgency(nowMs);
  const open = standing
    .map((one): OpenBatch => {
      const own = plan.batches.get(one.batch.id) ?? null;
      return { ...one, plan: own, action: actionOf(db, one.batch, one.standing, own, initials, nowMs) };
    })
    .sort((a, b) => order(a.action, b.action));
  return { open, plan };
});

/** Every open batch with its standing, plan and next action, most urgent first. */
export const openBatches = (db: Db, nowMs: number): readonly OpenBatch[] => shopNow(db, nowMs).open;
