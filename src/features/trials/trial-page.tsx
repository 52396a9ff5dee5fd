import 'server-only';
import { notFound } from 'next/navigation';
import { say } from '@/core/quantity';
import { findWood } from '@/data/catalogue/woods';
import { learnedA0 } from '@/data/cure/learned';
import type { Db } from '@/data/db';
import { findTrial, kindsOf, type Trial } from '@/data/trials/queries';
import { loadBatch } from '@/data/work/batch';
import { standingOfBatch } from '@/data/work/standing';
import { BEARER_WORDS, TRIAL_KIND_WORDS, WEAR_WORDS } from '@/messages';
import { trialPage as wording } from '@/messages/screens/trials';
import type { PartCorners } from '@/trade/picture/corners';
import { linkLook } from '@/ui/button';
import { Fold } from '@/ui/fold';
import { LINE_LETTERS } from '@/ui/line-look';
import { Link } from '@/ui/link';
import { PrintButton } from '@/ui/print-button';
import { dayAndDate, fullDate } from '@/ui/when';
import { reads } from '@/web/here';
import { session } from '@/web/session';
import { Answers, TrialAnswerPart } from './answers';
import { BoardPlan } from './components/board-plan';
import { CycleCounter } from './components/cycle-counter';
import { FinishTrial } from './components/finish-trial';
import { PictureDesk } from './components/picture-desk';
import { Finishes } from './finishes';
import { fieldsByBoard, namesByBoard, placesOf } from './lies';
import { Pictures } from './pictures';
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
          <Pictures trial={trial} />
          <Answers trial={trial} />
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
          {closedAt === null ? '' : wording.closed(fullDate(closedAt, zone))}
        </p>
        <h1>{name}</h1>
        <p className="text-soft">
          {wording.ofLaidOut(
            TRIAL_KIND_WORDS[question].name,
            BEARER_WORDS[bearer].name,
            boards,
            wood,
            say(lengthMm, 'mm', reads()),
            say(widthMm, 'mm', reads()),
            dayAndDate(at, zone),
          )}
        </p>
      </div>
      <div className="no-print flex flex-wrap gap-2">
        <a href={`/api/trial?number=${number}&as=pdf`} className={linkLook('plain')}>
          {wording.templateAndTags}
        </a>
        <a href={`/api/trial?number=${number}&as=csv`} className={linkLook('plain')}>
          {wording.asATable}
        </a>
        <Link href={`/trials/${number}/sheet`} className={linkLook('plain')}>
          {wording.oneSheet}
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

/** Finishes that are not ready to be worn: steps are left, or they have not cured or settled by the estimate. */
function notReady({ db, trial, nowMs }: Of): string[] {
  return trial.treatments.flatMap(({ batchId, name }) => {
    const batch = loadBatch(db, batchId, nowMs);
    if (!batch) return [];
    const { progress, fitness, cure } = standingOfBatch(db, batch, nowMs, learnedA0(db));
    const next = progress.next?.task.step.action.toLowerCase();
    if (next) return [wording.next(name, next)];
    return cure && !(fitness.leastTime && fitness.estimate) ? [wording.still(name, cure.settles ? 'settles' : 'cures')] : [];
  });
}

/** What is done next: a cycle, scores, pictures. */
function Doing(of: Of) {
  const { trial, zone } = of;
  const early = notReady(of);
  const last = trial.cycleRows.filter((one) => one.wear === trial.wear).at(-1);
  const scored = trial.scores.filter((one) => one.cycle === trial.cycle).length;
  const bare = fieldsByBoard(trial).map((fields) => fields.findIndex(({ at }) => at === 0));
  const corners = Array.from({ length: trial.boards }, (_, i): PartCorners | null => {
    const kept = trial.pictures.findLast((one) => one.board === i + 1);
    return kept ? (kept.corners as unknown as PartCorners) : null;
  });
  return (
    <section aria-label={wording.whatIsNext} className="flex flex-col gap-5">
      {early.length > 0 ? (
        <p className="border-late border-l-8 bg-paper px-4 py-2">
          <strong className="text-late">{wording.notReadyToBe}</strong>
          {wording.aCycleNowWould(early.join(', '))}
        </p>
      ) : null}
      <CycleCounter
        trialId={trial.id}
        wear={trial.wear}
        cycles={trial.cycles}
        protocol={trial.protocol}
        last={last ? wording.theLastOne(dayAndDate(last.at, zone)) : wording.scoreAndPictureThem}
      />
      <div className="flex flex-wrap items-center gap-3">
        <Link href={`/trials/${trial.number}/score`} className={linkLook('main')}>
          {wording.scoreThemBlind}
        </Link>
        <Link href={`/trials/${trial.number}/score?names=1`} className={linkLook('plain')}>
          {wording.scoreWithNamesShown}
        </Link>
        <span className="text-soft">{scored === 0 ? wording.nothingScoredAtThis : wording.scoresAtThisCycle(scored)}</span>
      </div>
      <Fold says={wording.takePicturesThatMeasure} line="strong" open={wantsPictures(trial)}>
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

/** The trial on one sheet of paper. */
export async function TrialSheet({ number }: { readonly number: string }) {
  const { db, shop, nowMs } = await session();
  const trial = findTrial(db, number);
  if (!trial) notFound();
  return (
    <main className="mx-auto max-w-3xl bg-white p-8 text-black">
      <p className="no-print mb-4 flex gap-4">
        <Link href={`/trials/${number}`}>{wording.backToTheTrial}</Link>
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
          says={wording.board}
        />
        <p className="text-sm">{trial.treatments.map((one, at) => `${LINE_LETTERS[at]} ${one.name}`).join(' · ')}</p>
      </div>
      {kindsOf(trial)
        .slice(0, 2)
        .map((kind) => (
          <section key={kind} className="mb-3 break-inside-avoid">
            <h2>{TRIAL_KIND_WORDS[kind].name}</h2>
            <TrialAnswerPart trial={trial} kind={kind} />
          </section>
        ))}
      <p className="text-sm">
        {WEAR_WORDS[trial.wear].name}: {trial.protocol}
      </p>
    </main>
  );
}
