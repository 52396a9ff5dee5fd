import 'server-only';
import { notFound } from 'next/navigation';
import { openingChecks, quantile, readyShare } from '@/core/cure';
import { MS_PER_HOUR, MS_PER_MINUTE, say, sayMinutes } from '@/core/quantity';
import { laysCoat } from '@/core/regimen';
import { learnedA0 } from '@/data/cure/learned';
import { people, places } from '@/data/shop/queries';
import { type Batch, findBatchId, loadBatch } from '@/data/work/batch';
import { type Laid, laidOn } from '@/data/work/laid';
import { type BatchStanding, type CureStanding, standingOfBatch } from '@/data/work/standing';
import { CHECK_WORDS } from '@/messages';
import { curePage as wording } from '@/messages/screens/cure';
import { shared } from '@/messages/screens/shared';
import { BatchSign } from '@/trade/drawing/batch-sign';
import { openBatches, titleOf } from '@/trade/hands/open-batches';
import { linkLook } from '@/ui/button';
import { Link } from '@/ui/link';
import { clockTime, dayAndDate, dayMonth } from '@/ui/when';
import { reads } from '@/web/here';
import { session } from '@/web/session';
import { DataTable } from '@/web/table/table';
import { CheckForm } from './components/check-form';
import { ReadingForm } from './components/reading-form';
import { type CureScene, Fan } from './components/what-if';
import { type RestsAt, restsFor, scenesFor } from './elsewhere';
import { fanPoints, milestonesOf } from './fan';
import { WeighIn } from './weigh-in';
import { milestoneWords, missing, percent, reachedWords, UNSAYABLE, verb, weepWords } from './words';

/** Which batch it is, what it still lacks, and where it goes on. */
function CureHead({
  batch,
  standing,
  number,
}: {
  readonly batch: Batch;
  readonly standing: BatchStanding;
  readonly number: string;
}) {
  return (
    <div className="mb-4 flex flex-wrap items-center gap-6">
      <BatchSign batch={batch} facts={standing.ring} size={96} />
      <div className="grow">
        <p className="reading font-semibold">{batch.number}</p>
        <h1>{titleOf(batch)}</h1>
        <p className={standing.fitness.fit && standing.progress.rest.length === 0 ? 'font-semibold text-fit' : 'text-soft'}>
          {missing(standing)}
        </p>
      </div>
      <Link href={`/work/${number}`} className={linkLook('plain')}>
        {shared.coatBook}
      </Link>
      {batch.trial ? (
        <Link href={`/trials/${batch.trial.number}`} className={linkLook('main')}>
          {wording.toItsTrial}
        </Link>
      ) : (
        <Link href={`/release/${number}`} className={linkLook('main')}>
          {wording.toRelease}
        </Link>
      )}
    </div>
  );
}

/** The cure of one batch: the fan, its checks, and what it still wants. */
export async function CurePage({ number }: { readonly number: string }) {
  const { db, shop, nowMs } = await session();
  const id = findBatchId(db, number);
  const batch = id === null ? null : loadBatch(db, id, nowMs);
  if (!batch) notFound();
  const standing =
    openBatches(db, nowMs).find((one) => one.batch.id === batch.id)?.standing ?? standingOfBatch(db, batch, nowMs, learnedA0(db));
  const { cure } = standing;
  return (
    <>
      <CureHead batch={batch} standing={standing} number={number} />
      {cure ? (
        <>
          <CureBody
            batch={batch}
            cure={cure}
            nowMs={nowMs}
            zone={shop.zone}
            scenes={batch.release ? null : scenesFor(db, batch, standing, nowMs)}
          />
          {cure.settles ? (
            <p className="mt-4 max-w-3xl border-rest border-l-4 pl-3">
              {wording.itNeverDriesAnd(weepWords(batch, standing, nowMs, shop.zone))}
            </p>
          ) : null}
        </>
      ) : (
        <p>
          {batch.on.length === 0
            ? wording.aBarePieceNeither
            : batch.on.some((lot) => lot.nature?.drying === 'mixed')
              ? wording.partOfWhatIs
              : isWet(standing)
                ? wording.itsLastCoatStill
                : wording.theLastCoatIs}
        </p>
      )}
      {batch.release ? null : (
        <Rests number={number} rests={restsFor(db, batch, standing, nowMs)} nowMs={nowMs} zone={shop.zone} />
      )}
      <div className="mt-6 grid gap-10 wide:grid-cols-2">
        {batch.release ? null : (
          <CheckForm batchId={batch.id} settles={cure?.settles ?? false} opens={openingChecks(cure?.mode ?? 'settle')} />
        )}
        <div className="flex flex-col gap-8">
          <Checks
            batch={batch}
            zone={shop.zone}
            nowMs={nowMs}
            initials={new Map(people(db).map((person) => [person.id, person.initials]))}
          />
          {cure ? (
            <WeighIn
              db={db}
              batchId={batch.id}
              startMs={cure.startMs}
              decided={batch.release !== null}
              airs={cure.air.reckoned}
            />
          ) : null}
        </div>
      </div>
      <div className="mt-8 max-w-3xl">
        <ReadingForm places={places(db).map(({ id: placeId, name }) => ({ id: placeId, name }))} at={batch.place?.id ?? 0} />
      </div>
    </>
  );
}

/** Whether all its coats are on, and the last was not wiped yet. */
const isWet = ({ progress }: Pick<BatchStanding, 'progress'>): boolean =>
  !progress.rest.some(({ step }) => laysCoat(step) && !step.optional) &&
  progress.done.some(({ task, fact }) => laysCoat(task.step) && fact.kind === 'done');

type RestsProps = {
  readonly number: string;
  readonly rests: readonly RestsAt[];
  readonly nowMs: number;
  readonly zone: string;
};

/** What the waits would be elsewhere: each place's own air, the next act and the last coat. */
function Rests({ number, rests, nowMs, zone }: RestsProps) {
  const [here, ...others] = rests;
  const isSame = (one: RestsAt): boolean => Math.abs(one.lastCoatMs - (here?.lastCoatMs ?? 0)) < MS_PER_HOUR;
  if (!here || others.every(isSame)) return null;
  const moment = (ms: number): string => (ms <= nowMs ? 'now' : clockTime(ms, zone, nowMs));
  const by = (ms: number): string =>
    Math.abs(ms) < MS_PER_HOUR
      ? wording.noDifferent
      : `${sayMinutes(Math.abs(ms) / MS_PER_MINUTE)} ${ms > 0 ? 'sooner' : 'later'}`;
  return (
    <section className="mt-6 max-w-3xl">
      <h2>{wording.itsWaitsHereAnd}</h2>
      <p className="text-soft">{wording.ifHandsAreAlways}</p>
      <DataTable
        id="rests"
        path={`/cure/${number}`}
        search={{}}
        rows={rests}
        keyOf={(one) => one.place}
        finds={false}
        columns={[
          {
            id: 'place',
            name: wording.standingAt,
            cell: (one) => <span className={one.isHere ? 'font-semibold' : ''}>{one.place}</span>,
          },
          { id: 'next', name: wording.nextAct, cell: (one) => moment(one.nextMs) },
          { id: 'last', name: wording.lastCoat, cell: (one) => moment(one.lastCoatMs) },
          {
            id: 'by',
            name: wording.againstHere,
            cell: (one) => (one.isHere ? wording.whereItIs : by(here.lastCoatMs - one.lastCoatMs)),
          },
        ]}
      />
    </section>
  );
}

/** What the estimate rests on. */
function airWords(batch: Batch, { air }: CureStanding, zone: string): string {
  const { readings, gaps, forecast } = air;
  const where = batch.place?.name.toLowerCase() ?? 'bench';
  if (readings.length === 0) return wording.nothingWasReadWhere(say(forecast.tempC, '°C', reads()), percent(forecast.rh));
  const hole = gaps
    .map(({ fromMs, toMs }) =>
      wording.nothingWasReadFrom(clockTime(fromMs, zone), dayMonth(fromMs, zone), sayMinutes((toMs - fromMs) / MS_PER_MINUTE)),
    )
    .join(' ');
  return wording.reckonedFromHoursRead(readings.length, where, hole, say(forecast.tempC, '°C', reads()), percent(forecast.rh));
}

/** By how many hours at 20 °C such a batch is ready; what cannot be said is said to be so. */
function hoursWords(needed: CureStanding['needed']): string {
  const at = (share: number): string => {
    const hours = quantile(needed, share);
    return hours === null ? UNSAYABLE : say(hours, 'h', reads());
  };
  return wording.halfByNineIn(at(0.5), at(0.9));
}

type BodyProps = {
  readonly batch: Batch;
  readonly cure: CureStanding;
  readonly scenes: readonly CureScene[] | null;
  readonly nowMs: number;
  readonly zone: string;
};

/** When it is ready for what, and how far it is. */
function CureDates({
  cure,
  nowMs,
  zone,
  laid,
}: {
  readonly cure: CureStanding;
  readonly nowMs: number;
  readonly zone: string;
  readonly laid: Laid;
}) {
  return (
    <dl className="reading grid grid-cols-[9rem_1fr] gap-y-1">
      {milestonesOf(cure).map(({ id, ...reached }) => (
        <div key={id} className="contents">
          <dt className="text-soft">{milestoneWords(id, cure)}</dt>
          <dd className="font-semibold">{reachedWords(reached, nowMs, zone)}</dd>
        </div>
      ))}
      {laid.perM2.length > 0 ? (
        <>
          <dt className="text-soft">{wording.laidOnGM}</dt>
          <dd className="font-semibold">{laid.perM2.map((one) => one.toFixed(0)).join(' + ')}</dd>
        </>
      ) : null}
      <dt className="text-soft">{wording.sinceLastCoat}</dt>
      <dd className="font-semibold">{sayMinutes((nowMs - cure.startMs) / MS_PER_MINUTE)}</dd>
      <dt className="text-soft">{wording.countsAs}</dt>
      <dd className="font-semibold">{wording.at(say(cure.ageHours, 'h', reads()), say(20, '°C', reads(), 0))}</dd>
      <dt className="text-soft">{wording.suchAreReady}</dt>
      <dd className="font-semibold">{hoursWords(cure.needed)}</dd>
    </dl>
  );
}

function CureBody({ batch, cure, nowMs, zone, scenes }: BodyProps) {
  const marks = batch.checks
    .filter((check) => check.at >= cure.startMs)
    .map((check) => ({
      atMs: check.at,
      ready: readyShare(cure.needed, cure.clock.ageAt(check.at)),
      pass: check.pass,
      name: CHECK_WORDS[check.kind].name,
    }));
  const laid = laidOn(batch);
  const on = (ms: number | null): string => (ms === null ? UNSAYABLE : dayAndDate(ms, zone));
  const { p10, p50, p90 } = cure.readyAtMs;
  const dates =
    p10 === null
      ? wording.tooMuchSpeaksAgainst(UNSAYABLE)
      : wording.atTheEarliest(
          on(p10),
          p50 === null ? wording.mostLikely(UNSAYABLE) : wording.mostLikelyBy(on(p50)),
          p90 === null ? wording.almostSurely(UNSAYABLE) : wording.almostSurelyBy(on(p90)),
        );
  const words = wording.likelyNow(percent(cure.pReady), verb(cure), dates);
  return (
    <div className="grid gap-8 wide:grid-cols-[minmax(0,2.2fr)_minmax(0,1fr)]">
      <Fan
        chart={{
          points: fanPoints(cure, nowMs),
          marks,
          gaps: cure.air.gaps,
          nowMs,
          p10: cure.readyAtMs.p10,
          p90: cure.readyAtMs.p90,
          zone,
          words,
        }}
        under={
          scenes && {
            a0Hours: cure.a0Hours,
            seen: cure.seen,
            scale: cure.scale,
            mode: cure.mode,
            ageHours: cure.ageHours,
            settles: cure.settles,
            nowReady: cure.readyAtMs,
            scenes,
          }
        }
      />
      <section>
        <p className="reading text-[4.5rem] font-semibold leading-none">{percent(cure.pReady)}</p>
        <p className="mb-3 text-soft">{wording.likelyAnEstimate(verb(cure))}</p>
        <CureDates cure={cure} nowMs={nowMs} zone={zone} laid={laid} />
        <p className="mt-3 text-sm text-soft">
          {airWords(batch, cure, zone)} {laid.isThick && !cure.settles ? wording.aCoatTookFar : ''}
          {cure.needed.never >= 0.1 ? wording.soMuchFailedThat : ''}
          {cure.learnedFrom > 0
            ? wording.theShippedHWere(cure.shippedHours, cure.learnedFrom)
            : cure.source === 'label'
              ? wording.theHoursAreIts
              : wording.aWorkingFigureOf}
        </p>
      </section>
    </div>
  );
}

type ChecksProps = {
  readonly batch: Batch;
  readonly zone: string;
  readonly nowMs: number;
  readonly initials: ReadonlyMap<number, string>;
};

function Checks({ batch, zone, nowMs, initials }: ChecksProps) {
  return (
    <section>
      <h2 className="mb-1">{wording.checksSoFar}</h2>
      {batch.checks.length === 0 ? <p className="text-soft">{shared.noneYet}</p> : null}
      <ul>
        {[...batch.checks].reverse().map((check) => (
          <li key={check.clientId} className="flex items-baseline gap-3 border-hair border-t py-1.5">
            <span className={`font-semibold ${check.pass ? 'text-fit' : 'text-late'}`}>{check.pass ? '●' : '○'}</span>
            <span className="grow">
              {CHECK_WORDS[check.kind].name}: {check.pass ? CHECK_WORDS[check.kind].pass : CHECK_WORDS[check.kind].fail}
              {check.note ? `. ${check.note}` : ''}
            </span>
            <span className="reading text-soft">
              {clockTime(check.at, zone, nowMs)} {initials.get(check.personId)}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
