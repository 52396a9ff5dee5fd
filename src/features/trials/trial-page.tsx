import 'server-only';
import { notFound } from 'next/navigation';
import { say } from '@/core/quantity';
import { evenness, kindTraits, meansOver, solidsPerM2, type TrialKind } from '@/core/trial';
import { laysCoat } from '@/core/regimen';
import {
  BEARER_WORDS,
  sayBoards,
  sayCycles,
  sayCyclesTo,
  sayIssue,
  sayTreatment,
  TRIAL_KIND_WORDS,
  WEAR_WORDS,
} from '@/messages';
import { learnedA0 } from '@/data/cure/learned';
import type { Db } from '@/data/db';
import { answerTo, findTrial, kindsOf, type Trial, type Treatment } from '@/data/trials/queries';
import { type Batch, loadBatch } from '@/data/work/batch';
import { volatileOf } from '@/data/work/lot-choices';
import { estimatedGrams } from '@/data/work/record';
import { findWood } from '@/data/work/woods';
import { standingOfBatch } from '@/data/work/standing';
import { linkLook } from '@/ui/button';
import { Fold } from '@/ui/fold';
import { photoAt } from '@/ui/kept-photo';
import { Link } from '@/ui/link';
import { PrintButton } from '@/ui/print-button';
import { dayAndDate, fullDate } from '@/ui/when';
import { BatchSign } from '@/web/drawing/batch-sign';
import { session } from '@/web/session';
import { BoardFlip, type Shot } from './components/board-flip';
import { BoardPlan, LETTERS, toneOf } from './components/board-plan';
import { CycleCounter } from './components/cycle-counter';
import { FinishTrial } from './components/finish-trial';
import { FlatBoard } from './components/flat-board';
import { PictureDesk } from './components/picture-desk';
import { SpanChart } from './components/span-chart';
import { WearChart } from './components/wear-chart';
import type { PartCorners } from '@/web/picture/corners';
import { fieldsByBoard, namesByBoard, orderOf, placesOf } from './lies';
import { saysNow } from './trials';

type Of = { readonly db: Db; readonly trial: Trial; readonly nowMs: number; readonly zone: string };

/** One trial: what it says, what is to be done next, its finishes and its pictures. */
export async function TrialPage({ number }: { readonly number: string }) {
  const { db, shop, nowMs } = await session();
  const trial = findTrial(db, number);
  if (!trial) notFound();
  const of: Of = { db, trial, nowMs, zone: shop.zone };
  return (
    <>
      <Head {...of} />
      <p className="my-4 border-ink border-l-8 bg-paper px-4 py-3 text-lg" data-testid="verdict">
        {saysNow(trial)}
        {trial.closedWhy ? <span className="block text-base">{trial.closedWhy}</span> : null}
      </p>
      <div className="grid gap-x-12 gap-y-8 wide:grid-cols-[minmax(0,1.25fr)_minmax(0,1fr)]">
        <div className="flex flex-col gap-8">
          {trial.closedAt === null ? <Doing {...of} /> : null}
          <Pictures {...of} />
          <Answers {...of} />
        </div>
        <Finishes {...of} />
      </div>
    </>
  );
}

function Head({ db, trial, zone }: Of) {
  const { number, name, question, bearer, boards, lengthMm, widthMm, speciesId, at, closedAt } = trial;
  const wood = findWood(db, speciesId)?.name.toLowerCase() ?? speciesId;
  return (
    <div className="flex flex-wrap items-end justify-between gap-4">
      <div>
        <p className="reading text-lg font-semibold">
          {number}
          {closedAt === null ? '' : `, closed ${fullDate(closedAt, zone)}`}
        </p>
        <h1>{name}</h1>
        <p className="text-soft">
          {TRIAL_KIND_WORDS[question].name}. {BEARER_WORDS[bearer].name}: {boards} of {wood}, {say(lengthMm, 'mm')} ×{' '}
          {say(widthMm, 'mm')}. Laid out {dayAndDate(at, zone)}.
        </p>
      </div>
      <div className="no-print flex flex-wrap gap-2">
        <a href={`/api/trial?number=${number}&as=pdf`} className={linkLook('plain')}>
          Template and tags
        </a>
        <a href={`/api/trial?number=${number}&as=csv`} className={linkLook('plain')}>
          As a table
        </a>
        <Link href={`/trials/${number}/sheet`} className={linkLook('plain')}>
          One sheet
        </Link>
        <FinishTrial trialId={trial.id} base={trial.version} closed={closedAt !== null} />
      </div>
    </div>
  );
}

/** Whether boards are still to be photographed at this cycle: at first all, later those of a trial that has pictures. */
function wantsPictures({ pictures, boards, cycle }: Trial): boolean {
  if (pictures.length === 0) return cycle === 0;
  return new Set(pictures.filter((one) => one.cycle === cycle).map((one) => one.board)).size < boards;
}

/** What is done next: a cycle, scores, pictures. */
function Doing({ trial, zone }: Of) {
  const last = trial.cycleRows.filter((one) => one.wear === trial.wear).at(-1);
  const scored = trial.scores.filter((one) => one.cycle === trial.cycle).length;
  const bare = fieldsByBoard(trial).map((fields) => fields.findIndex(({ at }) => at === 0));
  const corners = Array.from({ length: trial.boards }, (_, i): PartCorners | null => {
    const kept = trial.pictures.findLast((one) => one.board === i + 1);
    return kept ? (kept.corners as unknown as PartCorners) : null;
  });
  return (
    <section aria-label="What is next" className="flex flex-col gap-5">
      <CycleCounter
        trialId={trial.id}
        wear={trial.wear}
        cycles={trial.cycles}
        protocol={trial.protocol}
        last={last ? `The last one ${dayAndDate(last.at, zone)}.` : 'Score and picture them first as they are: that is cycle 0.'}
      />
      <div className="flex flex-wrap items-center gap-3">
        <Link href={`/trials/${trial.number}/score`} className={linkLook('main')}>
          Score them blind
        </Link>
        <Link href={`/trials/${trial.number}/score?names=1`} className={linkLook('plain')}>
          Score with names shown
        </Link>
        <span className="text-soft">
          {scored === 0 ? 'Nothing scored at this cycle yet.' : `${scored} scores at this cycle.`}
        </span>
      </div>
      <Fold says="Take pictures that measure" line="strong" open={wantsPictures(trial)}>
        <PictureDesk
          trialId={trial.id}
          cycle={trial.cycle}
          boards={trial.boards}
          board={{ lengthMm: trial.lengthMm, widthMm: trial.widthMm, fields: placesOf(trial) }}
          names={namesByBoard(trial)}
          bare={bare}
          corners={corners}
        />
      </Fold>
    </section>
  );
}

/** Pictures of a trial, of two in one place the later. */
const shotsOf = ({ pictures }: Trial): Shot[] => [
  ...new Map(
    pictures.map(({ board, cycle, lamp, photo, corners }) => [
      `${board} ${cycle} ${lamp}`,
      { board, cycle, lamp, photo, corners: corners as unknown as PartCorners },
    ]),
  ).values(),
];

/** How tall a field is drawn in the table of fields, pixels. */
const FIELD_PX = 92;

/** Pictures first: one board at two cycles, then every finish over its cycles at one scale. */
function Pictures({ trial }: Of) {
  const shots = shotsOf(trial);
  if (shots.length === 0) return null;
  const even = shots.filter((one) => one.lamp === 'even');
  const cycles = [...new Set(even.map((one) => one.cycle))].sort((a, b) => a - b);
  const scale = FIELD_PX / trial.widthMm;
  return (
    <section aria-label="Pictures">
      <h2>Side by side</h2>
      <BoardFlip shots={shots} lengthMm={trial.lengthMm} widthMm={trial.widthMm} fields={fieldsByBoard(trial)} />
      {even.length > 0 ? (
        <div className="mt-4 overflow-x-auto">
          <table className="text-sm">
            <caption className="label text-left">
              Board 1, every finish over its cycles, at one scale: as photographed, beneath it the colour as read
            </caption>
            <thead>
              <tr>
                <td />
                {cycles.map((cycle) => (
                  <th key={cycle} scope="col" className="px-2 pb-1 text-left font-normal text-soft">
                    after {cycle}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {trial.treatments.map((treatment, at) => {
                const field = trial.fields.find((one) => one.board === 1 && one.treatment === treatment.key);
                return (
                  <tr key={treatment.id}>
                    <th scope="row" className="pr-3 text-left font-semibold">
                      {LETTERS[at]} {treatment.name}
                    </th>
                    {cycles.map((cycle) => {
                      const shot = even.find((one) => one.board === 1 && one.cycle === cycle);
                      return (
                        <td key={cycle} className="p-1">
                          {shot && field ? (
                            <>
                              <FlatBoard
                                src={photoAt(shot.photo)}
                                alt={`${treatment.name} after ${cycle} cycles`}
                                corners={shot.corners}
                                scale={scale}
                                lengthMm={trial.lengthMm}
                                widthMm={trial.widthMm}
                                from={field.fromMm}
                                to={field.fromMm + field.lengthMm}
                              />
                              <Measured trial={trial} cycle={cycle} place={field.place} />
                            </>
                          ) : null}
                        </td>
                      );
                    })}
                  </tr>
                );
              })}
            </tbody>
          </table>
        </div>
      ) : null}
    </section>
  );
}

/** The colour of a field on the first board as it was read, whatever the lamp was. */
function Measured({ trial, cycle, place }: { readonly trial: Trial; readonly cycle: number; readonly place: number }) {
  const read = trial.pictures.findLast((one) => one.board === 1 && one.cycle === cycle && one.lamp === 'even');
  const lab = read?.reading.find((one) => one.place === place)?.lab;
  if (!lab) return null;
  return <span className="block h-4 border border-ink" style={{ background: `lab(${lab[0]}% ${lab[1]} ${lab[2]})` }} />;
}

/** The answer to each question there is something of: the first one open, the rest a touch away. */
function Answers({ trial }: Of) {
  const kinds = kindsOf(trial);
  if (kinds.length === 0) return null;
  return (
    <section aria-label="The answer">
      <h2>The answer</h2>
      {kinds.map((kind) => (
        <Fold
          key={kind}
          says={TRIAL_KIND_WORDS[kind].name}
          line="strong"
          open={kind === trial.question}
          className="border-rule border-t"
        >
          <Answer trial={trial} kind={kind} />
        </Fold>
      ))}
    </section>
  );
}

const DASHES = ['0', '8 3', '3 3', '12 3 3 3', '6 2', '2 5'] as const;

export function Answer({ trial, kind }: { readonly trial: Trial; readonly kind: TrialKind }) {
  // How much darker than bare is asked among the finishes; everything else against the bare field.
  const answer = answerTo(trial, kind);
  if (!answer.ok) return <p className="text-soft">{answer.issues.map(sayIssue).join(' ')}</p>;
  const { treatments, atCycle } = answer.value;
  const name = (id: string): string => trial.treatments.find((one) => one.key === id)?.name ?? '';
  const traits = kindTraits(kind);
  const threshold = kind === trial.question ? trial.threshold : traits.threshold;
  const over = meansOver(trial.values, kind, trial.facts.treatments);
  return (
    <div className="flex flex-col gap-3 pb-4">
      <p className="text-sm text-soft">
        After {sayCycles(atCycle, trial.wear)}, {sayBoards(answer.value.blocks, trial.bearer)}, against{' '}
        {name(answer.value.against).toLowerCase()}. The dot is what was found, the bar holds the truth four times in five; right
        is better.
      </p>
      <SpanChart
        kind={kind}
        better={traits.better}
        rows={treatments.map((one) => ({ answer: one, at: orderOf(trial, one.id), name: name(one.id) }))}
      />
      <ul className="text-sm">
        {treatments.map((one) => (
          <li key={one.id}>{sayTreatment(kind, name(one.id), name(answer.value.against), one)}</li>
        ))}
      </ul>
      {over.length > 1 ? (
        <>
          <WearChart
            rows={over}
            threshold={threshold}
            top={traits.unit === 'grade' ? 5 : null}
            cycleName={WEAR_WORDS[trial.wear].many}
            lines={treatments.map((one) => {
              const at = orderOf(trial, one.id);
              return { id: one.id, name: LETTERS[at] ?? '', tone: toneOf(at), dash: DASHES[at % DASHES.length] ?? '0' };
            })}
          />
          <table className="reading w-full text-sm">
            <caption className="label text-left">Until it must be renewed</caption>
            <tbody>
              {treatments.map((one) => (
                <tr key={one.id} className="border-hair border-t">
                  <th scope="row" className="py-1 text-left font-normal">
                    {name(one.id)}
                  </th>
                  <td className="py-1 text-right">{sayCyclesTo(one.cyclesTo, trial.wear)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      ) : null}
    </div>
  );
}

/** Grams that lie on one treatment’s fields, as weighed or reckoned, with the share that left; and how many coats. */
function laidOn(batch: Batch, db: Db, nowMs: number) {
  const { progress } = standingOfBatch(db, batch, nowMs, learnedA0(db));
  const coats = progress.done.filter(({ task, fact }) => laysCoat(task.step) && task.step.slot && fact.kind === 'done');
  const grams = coats.map(({ task }) => {
    const entry = batch.book.find(({ stands, entry: row }) => stands !== null && row.task === task.key)?.stands;
    const lot = task.step.slot ? batch.materials[task.step.slot] : undefined;
    return { grams: entry?.grams ?? estimatedGrams(batch, task), volatileFraction: lot ? volatileOf(lot) : 0 };
  });
  return { coats: coats.length, solids: solidsPerM2(grams, batch.design.area.areaMm2 * Math.max(1, batch.pieces.length)) };
}

/** The finishes with their batches: what lies on each, whether they are equal by what stays. */
function Finishes({ db, trial, nowMs }: Of) {
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
        <h2>How they lie</h2>
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
                says={`Board ${i + 1}: ${fields.map(({ at }) => trial.treatments[at]?.name).join(', ')}`}
              />
            </li>
          ))}
        </ol>
      </section>
      <section aria-label="The finishes">
        <h2>The finishes</h2>
        <ol>
          {rows.map(({ treatment, batch, standing, coats, solids }) => {
            const equal = even.get(treatment.key);
            return (
              <li
                key={treatment.id}
                className="grid grid-cols-[2.25rem_auto_minmax(0,1fr)] items-center gap-x-3 border-hair border-t py-2"
              >
                <span className="reading flex h-8 w-8 items-center justify-center border-2 border-ink bg-paper font-bold">
                  {LETTERS[treatment.ordinal]}
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
                      ▲ {equal.times.toFixed(1)} times the middle one: more finish, not only another one.
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
  const on = treatment.isBare ? 'nothing on it' : `${coats} ${coats === 1 ? 'coat' : 'coats'}, ${say(solids, 'g/m²')} stay`;
  return (
    <>
      {on}
      {next ? `; next: ${next.toLowerCase()}` : '; all steps done'}
    </>
  );
}

/** The trial on one sheet of paper. */
export async function TrialSheet({ number }: { readonly number: string }) {
  const { db, shop, nowMs } = await session();
  const trial = findTrial(db, number);
  if (!trial) notFound();
  return (
    <main className="mx-auto max-w-3xl bg-white p-8 text-black">
      <p className="no-print mb-4 flex gap-4">
        <Link href={`/trials/${number}`}>Back to the trial</Link>
        <PrintButton />
      </p>
      <p className="reading">
        {shop.name}, {trial.number}, {fullDate(nowMs, shop.zone)}
      </p>
      <h1>{trial.name}</h1>
      <p className="mt-2 text-lg font-semibold">{saysNow(trial)}</p>
      {trial.closedWhy ? <p>{trial.closedWhy}</p> : null}
      <div className="my-4 max-w-md">
        <BoardPlan
          id="sheet"
          lengthMm={trial.lengthMm}
          widthMm={trial.widthMm}
          fields={fieldsByBoard(trial)[0] ?? []}
          says="Board 1"
        />
        <p className="text-sm">{trial.treatments.map((one, at) => `${LETTERS[at]} ${one.name}`).join(' · ')}</p>
      </div>
      {kindsOf(trial)
        .slice(0, 2)
        .map((kind) => (
          <section key={kind} className="mb-3 break-inside-avoid">
            <h2>{TRIAL_KIND_WORDS[kind].name}</h2>
            <Answer trial={trial} kind={kind} />
          </section>
        ))}
      <p className="text-sm">
        {WEAR_WORDS[trial.wear].name}: {trial.protocol}
      </p>
    </main>
  );
}
