import 'server-only';
import { type Progress, tooColdFor } from '@/core/batch';
import { asAction, byUrgency, type HandAction, READING_COUNTS_HOURS } from '@/core/hands';
import { openDay } from '@/core/plan';
import { MS_PER_HOUR, sayMinutes } from '@/core/quantity';
import { learnedA0 } from '@/data/cure/learned';
import type { Db } from '@/data/db';
import { keep } from '@/data/kept';
import { type BatchPlan, type PlanMaker, planVersion, type ShopPlan, shopPlan } from '@/data/plan/shop-plan';
import { lastReading, people, shopHours } from '@/data/shop/queries';
import { readyMades } from '@/data/stores/ready-mades';
import { type Batch, loadBatch, openBatchIds, piecesIn } from '@/data/work/batch';
import { estimatedGrams } from '@/data/work/record';
import { type BatchStanding, dwellBound, standingOfBatch } from '@/data/work/standing';
import { roomWords, sayBlocking, tooColdWords } from '@/messages';
import { openBatches as wording } from '@/messages/screens/trade';
import { dayAndDate } from '@/ui/when';
import { reads } from '@/web/here';
import { hasThreads, inThread } from '@/web/thread';

export type OpenBatch = {
  readonly batch: Batch;
  readonly standing: BatchStanding;
  readonly plan: BatchPlan | null;
  readonly action: HandAction | null;
};

const plural = (name: string, count: number): string => (count === 1 ? name : `${name}s`);

/** `8 sycamore bread boards`; of unlike pieces each kind: `3 birch spoons, 2 plum bowls`. */
export const titleOf = (batch: Pick<Batch, 'pieces' | 'species' | 'design' | 'kinds'>): string => {
  const here = batch.kinds
    .map((kind) => ({ kind, count: kind.pieces.filter((one) => one.leftAt === null).length }))
    .filter(({ count }) => count > 0);
  const shown = here.length > 1 ? here : [{ kind: batch, count: piecesIn(batch).length }];
  return shown
    .map(({ kind, count }) => `${count} ${kind.species.name.toLowerCase()} ${plural(kind.design.name.toLowerCase(), count)}`)
    .join(', ');
};

/** The label of a bought finish, where a step takes one. */
function labelOf(db: Db, batch: Batch, slot: string | null): string {
  const id = slot ? batch.materials[slot]?.readyMadeId : null;
  return id == null ? '' : (readyMades(db).find((one) => one.id === id)?.labelRule ?? '');
}

/** What the room says to what is next: that it is too cold for it, or how the wait that runs is drawn out or shortened. */
function roomOf({ materials, air }: Batch, { done, rest }: Progress, zone: string, nowMs: number): string {
  const cold = tooColdFor(rest, dwellBound(materials), air, nowMs);
  if (cold) return tooColdWords(cold, (ms) => dayAndDate(ms, zone), reads());
  const runs = done.at(-1);
  return runs && runs.fact.kind === 'done' ? roomWords(runs.task, reads()) : '';
}

/** What separates is shaken before every step that takes of it. */
function shakeOf({ materials }: Batch, step: { readonly slot: string | null }): string {
  const nature = step.slot === null ? null : materials[step.slot]?.nature;
  return nature?.separates ? wording.shakeItFirstAnd : '';
}

/** Of a trial: the fields it is for, as they are tagged on the wood. */
const tagsOf = ({ trial }: Pick<Batch, 'trial'>): string =>
  trial === null ? '' : wording.trialFieldsAlone(trial.number, trial.treatment, trial.tags.join(', '));

/** The house's own bound on the wait that runs, and where the chemistry's lies. */
function houseOf({ done }: Progress): string {
  const runs = done.at(-1)?.task;
  if (!runs?.step.house) return '';
  const bound = runs.riskMin === undefined ? '' : wording.theChemistrysOwnBound(sayMinutes(runs.riskMin));
  return `${runs.step.house.why}.${bound}`;
}

function actionOf(
  db: Db,
  batch: Batch,
  { progress, ring, tasks }: BatchStanding,
  plan: BatchPlan | null,
  initials: ReadonlyMap<string, string>,
  zone: string,
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
    note: [tagsOf(batch), shakeOf(batch, task.step), task.step.note].filter(Boolean).join(' '),
    labelRule: task.step.labelRule || labelOf(db, batch, task.step.slot),
    room: roomOf(batch, progress, zone, nowMs),
    house: houseOf(progress),
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

/** Plans in a thread of its own, so that no page waits for it. */
const planBeside: PlanMaker = (input) => inThread('plan', 'openDay', [input], openDay);

type ShopNow = { readonly open: readonly OpenBatch[]; readonly plan: ShopPlan };

function lookOver(db: Db, nowMs: number): ShopNow {
  const standing = openBatchIds(db).flatMap((id) => {
    const batch = loadBatch(db, id, nowMs);
    return batch ? [{ batch, standing: standingOfBatch(db, batch, nowMs, learnedA0(db)) }] : [];
  });
  const waiting = standing.map(({ batch, standing: { progress } }) => ({ batch, progress }));
  const hours = shopHours(db);
  const { zone } = hours;
  const plan = shopPlan(db, waiting, nowMs, hours, hasThreads() ? planBeside : null);
  const initials = new Map(people(db).map((person) => [String(person.id), person.initials]));
  const order = byUrgency(nowMs);
  const open = standing
    .map((one): OpenBatch => {
      const own = plan.batches.get(one.batch.id) ?? null;
      return { ...one, plan: own, action: actionOf(db, one.batch, one.standing, own, initials, zone, nowMs) };
    })
    .sort((a, b) => order(a.action, b.action));
  return { open, plan };
}

/** So long what was looked over holds while nothing is recorded: chances and estimates move by the hour, and windows are timed on the device. */
const HOLDS_MS = 10_000;

/** The open batches and the plan of the whole shop, as they stand within the last seconds. */
export const shopNow = (db: Db, nowMs: number): ShopNow =>
  keep(db, 'shop now', () => lookOver(db, nowMs), `${Math.floor(nowMs / HOLDS_MS)} ${planVersion(db)}`);

/** Every open batch with its standing, plan and next action, most urgent first. */
export const openBatches = (db: Db, nowMs: number): readonly OpenBatch[] => shopNow(db, nowMs).open;
