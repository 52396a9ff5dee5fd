import 'server-only';
import { say } from '@/core/quantity';
import { laysCoat } from '@/core/regimen';
import { evenness, solidsPerM2 } from '@/core/trial';
import { learnedA0 } from '@/data/cure/learned';
import type { Db } from '@/data/db';
import type { Treatment, Trial } from '@/data/trials/queries';
import { type Batch, loadBatch } from '@/data/work/batch';
import { volatileOf } from '@/data/work/lot-choices';
import { estimatedGrams } from '@/data/work/record';
import { standingOfBatch } from '@/data/work/standing';
import { BEARER_WORDS } from '@/messages';
import { finishes as wording } from '@/messages/screens/trials';
import { BatchSign } from '@/trade/drawing/batch-sign';
import { LINE_LETTERS } from '@/ui/line-look';
import { Link } from '@/ui/link';
import { reads } from '@/web/here';
import { catalogue } from '@/web/here-catalogue';
import { BoardPlan } from './components/board-plan';
import { fieldsByBoard } from './lies';

type Of = { readonly db: Db; readonly trial: Trial; readonly nowMs: number };

/** Grams that lie on one treatment’s fields, as weighed or reckoned, with the share that left; and how many coats. */
function laidOn(batch: Batch, db: Db, nowMs: number) {
  const { progress } = standingOfBatch(db, batch, nowMs, learnedA0(db));
  const coats = progress.done.filter(({ task, fact }) => laysCoat(task.step) && task.step.slot && fact.kind === 'done');
  const grams = coats.map(({ task }) => {
    const entry = batch.book.find(({ stands, entry: row }) => stands !== null && row.task === task.key)?.stands;
    const lot = task.step.slot ? batch.materials[task.step.slot] : undefined;
    return { grams: entry?.grams ?? estimatedGrams(batch, task), volatileFraction: lot ? volatileOf(lot, catalogue()) : 0 };
  });
  return { coats: coats.length, solids: solidsPerM2(grams, batch.design.area.areaMm2 * Math.max(1, batch.pieces.length)) };
}

/** The finishes with their batches: what lies on each, whether they are equal by what stays. */
export function Finishes({ db, trial, nowMs }: Of) {
  const rows = trial.treatments.flatMap((treatment) => {
    const batch = loadBatch(db, treatment.batchId, nowMs);
    return batch
      ? [{ treatment, batch, standing: standingOfBatch(db, batch, nowMs, learnedA0(db)), ...laidOn(batch, db, nowMs) }]
      : [];
  });
  const even = new Map(
    evenness(rows.map((one) => ({ treatment: one.treatment.key, solidsPerM2: one.solids, coats: one.coats }))).map((one) => [
      one.treatment,
      one,
    ]),
  );
  return (
    <aside className="flex flex-col gap-6">
      <section>
        <h2>{wording.howTheyLie}</h2>
        <ol className="mt-2 grid grid-cols-2 gap-x-4 gap-y-3">
          {fieldsByBoard(trial).map((fields, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a board is its number
            <li key={i}>
              <span className="label capitalize">
                {BEARER_WORDS[trial.bearer].one} {i + 1}
              </span>
              <BoardPlan
                id={`board-${i}`}
                lengthMm={trial.lengthMm}
                widthMm={trial.widthMm}
                fields={fields}
                says={wording.board(i + 1, fields.map(({ at }) => trial.treatments[at]?.name).join(', '))}
              />
            </li>
          ))}
        </ol>
      </section>
      <section aria-label={wording.theFinishes}>
        <h2>{wording.theFinishes}</h2>
        <ol>
          {rows.map(({ treatment, batch, standing, coats, solids }) => {
            const equal = even.get(treatment.key);
            return (
              <li
                key={treatment.id}
                className="grid grid-cols-[2.25rem_auto_minmax(0,1fr)] items-center gap-x-3 border-hair border-t py-2"
              >
                <span className="reading flex h-8 w-8 items-center justify-center border-2 border-ink bg-paper font-bold">
                  {LINE_LETTERS[treatment.ordinal]}
                </span>
                <BatchSign batch={batch} facts={standing.ring} size={40} />
                <span className="leading-5">
                  <Link href={`/work/${batch.number}`} className="font-semibold">
                    {treatment.name}
                  </Link>{' '}
                  <span className="reading text-soft">{batch.number}</span>
                  <span className="block text-sm">
                    <Laid
                      treatment={treatment}
                      coats={coats}
                      solids={solids}
                      next={standing.progress.next?.task.step.action ?? null}
                    />
                  </span>
                  {equal?.isUnequal && equal.times ? (
                    <span className="block text-sm font-semibold text-late">
                      {wording.timesTheMiddleOne(equal.times.toFixed(1))}
                    </span>
                  ) : null}
                </span>
              </li>
            );
          })}
        </ol>
      </section>
    </aside>
  );
}

type LaidProps = {
  readonly treatment: Treatment;
  readonly coats: number;
  readonly solids: number;
  readonly next: string | null;
};

function Laid({ treatment, coats, solids, next }: LaidProps) {
  const on = treatment.isBare
    ? wording.nothingOnIt
    : wording.stay(coats, coats === 1 ? 'coat' : 'coats', say(solids, 'g/m²', reads()));
  return (
    <>
      {on}
      {next ? wording.next(next.toLowerCase()) : wording.allStepsDone}
    </>
  );
}
