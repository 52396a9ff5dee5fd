import 'server-only';
import { lotsNow } from '../shop/session';
import { cache } from 'react';
import type { RingFacts } from '@/core/regimen';
import type { CheckKind } from '@/core/cure';
import { sayBlocking } from '@/messages';
import type { Db } from '@/data/db';
import { lastReading, shopHours } from '@/data/shop/queries';

import { type Batch, loadBatch, openBatchIds } from '@/data/work/batch';
import { estimatedGrams } from '@/data/work/record';
import { type Standing, standingOfBatch } from '@/data/work/standing';

/** The next thing hands must do to one batch, as the strip, the bench and the rack show it. Times in UTC ms. */
export type HandAction = {
  readonly batchId: number;
  readonly number: string;
  readonly title: string;
  readonly place: string;
  readonly ring: RingFacts;
  readonly task: string;
  readonly action: string;
  readonly done: string;
  readonly kind: string;
  readonly pieces: number;
  readonly round: string;
  readonly outcome: CheckKind | null;
  readonly optional: boolean;
  readonly lot: string | null;
  readonly estimatedG: number | null;
  readonly fromMs: number | null;
  readonly earliestMs: number | null;
  readonly idealMs: number | null;
  readonly latestMs: number | null;
  readonly plannedMs: number | null;
  readonly slackUntilMs: number | null;
  readonly blocked: string | null;
  readonly tempC: number | null;
  readonly rh: number | null;
};

export type OpenBatch = { readonly batch: Batch; readonly standing: Standing; readonly action: HandAction | null };

const plural = (name: string, count: number): string => (count === 1 ? name : `${name}s`);

/** `8 sycamore bread boards` */
export const titleOf = (batch: Pick<Batch, 'pieces' | 'species' | 'design'>): string =>
  `${batch.pieces.length} ${batch.species.name.toLowerCase()} ${plural(batch.design.name.toLowerCase(), batch.pieces.length)}`;

const moment = (text: string | null | undefined): number | null => (text ? Date.parse(text) : null);

function actionOf(db: Db, batch: Batch, { progress, plan, ring, tasks }: Standing, nowMs: number): HandAction | null {
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
    task: task.key,
    action: task.step.action,
    done: task.step.done,
    kind: task.step.kind,
    pieces: task.pieces,
    round: task.rounds > 1 ? `round ${task.round} of ${task.rounds}` : '',
    outcome: task.step.until,
    optional: task.step.optional,
    lot: task.step.slot ? (batch.materials[task.step.slot]?.number ?? null) : null,
    estimatedG: task.step.slot && batch.materials[task.step.slot] ? estimatedGrams(batch, task) : null,
    fromMs: progress.done.at(-1)?.fact.atMs ?? null,
    ...window,
    plannedMs: moment(planned?.startAt),
    slackUntilMs: moment(planned?.slackUntil),
    blocked: plan && !plan.feasible ? sayBlocking(plan.blocking, name) : null,
    tempC: recent?.tempC ?? null,
    rh: recent?.rhFraction ?? null,
  };
}

const NEVER = Number.POSITIVE_INFINITY;

/** What is planned soonest comes first; of those, what spoils soonest; then what lies wet; then what has waited longest. */
function byUrgency(a: HandAction | null, b: HandAction | null): number {
  const keys = (action: HandAction | null): readonly number[] => [
    action?.plannedMs ?? action?.earliestMs ?? NEVER,
    action?.latestMs ?? NEVER,
    action?.ring.state === 'wet' ? 0 : 1,
    action?.idealMs ?? NEVER,
  ];
  const [left, right] = [keys(a), keys(b)];
  const differs = left.findIndex((key, index) => key !== right[index]);
  return differs < 0 ? 0 : (left[differs] ?? 0) < (right[differs] ?? 0) ? -1 : 1;
}

/** Every open batch with its standing and next action, most urgent first; reckoned once for a page. */
export const openBatches = cache((db: Db, nowMs: number): OpenBatch[] => {
  const [lots, hours] = [lotsNow(db), shopHours(db)];
  return openBatchIds(db)
    .flatMap((id) => {
      const batch = loadBatch(db, id, nowMs, lots);
      if (!batch) return [];
      const standing = standingOfBatch(db, batch, nowMs, hours);
      return [{ batch, standing, action: actionOf(db, batch, standing, nowMs) }];
    })
    .sort((a, b) => byUrgency(a.action, b.action));
});
