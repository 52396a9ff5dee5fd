import 'server-only';
import { learnedA0 } from '@/data/cure/learned';
import { cache } from 'react';
import type { RingFacts } from '@/core/regimen';
import { MS_PER_MINUTE } from '@/core/quantity';
import { sayBlocking } from '@/messages';
import { asAction, type TaskWords } from './task-words';
import type { Db } from '@/data/db';
import { type BatchPlan, type ShopPlan, shopPlan } from '@/data/plan/shop-plan';
import { lastReading, people, shopHours } from '@/data/shop/queries';

import { readyMades } from '@/data/stores/queries';
import { type Batch, loadBatch, openBatchIds, piecesIn } from '@/data/work/batch';
import { estimatedGrams } from '@/data/work/record';
import { type Standing, standingOfBatch } from '@/data/work/standing';

/** The next thing hands must do to one batch, as the strip, the bench and the rack show it. Times in UTC ms. */
export type HandAction = TaskWords & {
  readonly batchId: number;
  readonly number: string;
  readonly title: string;
  readonly place: string;
  readonly ring: RingFacts;
  readonly lot: string | null;
  /** What the regimen notes of this step, and what the label says where it is ruled otherwise. */
  readonly note: string;
  readonly labelRule: string;
  readonly estimatedG: number | null;
  readonly fromMs: number | null;
  readonly earliestMs: number | null;
  readonly idealMs: number | null;
  readonly latestMs: number | null;
  readonly plannedMs: number | null;
  readonly slackUntilMs: number | null;
  /** Whose hands the plan gives it to. */
  readonly by: string | null;
  readonly blocked: string | null;
  readonly tempC: number | null;
  readonly rh: number | null;
};

export type OpenBatch = {
  readonly batch: Batch;
  readonly standing: Standing;
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
  { progress, ring, tasks }: Standing,
  plan: BatchPlan | null,
  initials: ReadonlyMap<string, string>,
  nowMs: number,
): HandAction | null {
  const next = progress.next;
  if (!next) return null;
  const { task, window } = next;
  const planned = plan?.feasible ? plan.steps.find((step) => step.id === task.key) : undefined;
  const reading = batch.place ? lastReading(db, batch.place.id) : null;
  const recent = reading && nowMs - reading.at < 12 * 3_600_000 ? reading : null;
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
    estimatedG: task.step.slot && batch.materials[task.step.slot] ? estimatedGrams(batch, task) : null,
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

const NEVER = Number.POSITIVE_INFINITY;

/** What lies wet, or has a window that closes, presses before work that can wait once its window opens within so long. */
const PRESSING_MS = 60 * MS_PER_MINUTE;

/** What is past its window comes first; then what lies wet or can spoil within the hour, by its plan; then what is planned soonest; of those what spoils soonest, lies wet, has waited longest. */
function byUrgency(nowMs: number) {
  const keys = (action: HandAction | null): readonly number[] => [
    action?.latestMs != null && action.latestMs < nowMs ? 0 : 1,
    action && (action.latestMs !== null || action.ring.state === 'wet') && (action.earliestMs ?? 0) <= nowMs + PRESSING_MS
      ? 0
      : 1,
    action?.plannedMs ?? action?.earliestMs ?? NEVER,
    action?.latestMs ?? NEVER,
    action?.ring.state === 'wet' ? 0 : 1,
    action?.idealMs ?? NEVER,
  ];
  return (a: HandAction | null, b: HandAction | null): number => {
    const [left, right] = [keys(a), keys(b)];
    const differs = left.findIndex((key, index) => key !== right[index]);
    return differs < 0 ? 0 : (left[differs] ?? 0) < (right[differs] ?? 0) ? -1 : 1;
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
