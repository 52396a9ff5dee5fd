import 'server-only';
import { learnedA0 } from '@/data/cure/learned';
import { Link } from '@/ui/link';
import { notFound } from 'next/navigation';
import { readyShare } from '@/core/cure';
import { formatDuration } from '@/core/quantity';
import { CHECK_WORDS } from '@/messages';
import { lastReading, places, people } from '@/data/shop/queries';
import { type Batch, findBatchId, loadBatch } from '@/data/work/batch';
import { type CureStanding, type Standing, standingOfBatch } from '@/data/work/standing';
import { linkLook } from '@/ui/button';
import { Ring } from '@/ui/ring';
import { clockTime, dayAndDate } from '@/ui/when';
import { ReadingForm } from '../shop/components/reading-form';
import { FileSheet } from '../shop/components/file-sheet';
import { session } from '../shop/session';
import { lookAtReadings, takeReadings } from './readings-actions';
import { openBatches, titleOf } from '../today/strip';
import { CheckForm } from './components/check-form';
import { FanChart } from './components/fan-chart';
import { WhatIf } from './components/what-if';
import { movesFor, scenesFor } from './elsewhere';
import { fanPoints, milestonesOf } from './fan';

const percent = (share: number): string => `${Math.round(share * 100)} %`;
const verb = (cure: CureStanding): string => (cure.settles ? 'settled' : 'cured');

/** What is still missing before a batch is fit, in words. */
function missing({ fitness, progress }: Standing): string {
  const left = [
    progress.rest.length > 1 ? `${progress.rest.length} steps` : progress.rest.length === 1 ? 'its last step' : '',
    fitness.estimate ? '' : 'the estimate at nine in ten',
    fitness.check ? '' : 'a check passed in the last 48 h',
    fitness.leastTime ? '' : 'the regimen’s least time',
  ].filter(Boolean);
  return left.length === 0 ? 'Fit: it can go to release.' : `Still wants ${left.join(', ')}.`;
}

const MOST_MOVES = 5;

/** Every batch past its last coat, with how likely it is fit and when. */
export async function Cure() {
  const { db, shop, nowMs } = await session();
  const curing = openBatches(db, nowMs).flatMap(({ batch, standing }) =>
    standing.cure ? [{ batch, standing, cure: standing.cure }] : [],
  );
  const moves = movesFor(db, openBatches(db, nowMs), nowMs);
  const rooms = places(db).map((place) => ({ place, reading: lastReading(db, place.id) }));
  return (
    <>
      <h1>Cure</h1>
      {curing.length === 0 ? (
        <p className="mt-4 max-w-prose">Nothing cures or settles now. A batch stands here from its last coat on.</p>
      ) : null}
      <ul className="mt-4">
        {curing.map(({ batch, standing, cure }) => (
          <li key={batch.id} className="border-rule border-t">
            <Link
              href={`/cure/${batch.number}`}
              className="grid items-center gap-x-6 gap-y-1 py-3 no-underline hover:underline bench:grid-cols-[4.5rem_minmax(0,1fr)_7rem_minmax(0,1.2fr)]"
            >
              <Ring facts={standing.ring} seed={batch.id} size={64} title={batch.number} />
              <span>
                <span className="reading font-semibold">{batch.number}</span>{' '}
                <span className="font-semibold">{titleOf(batch)}</span>
                <span className="block text-sm text-soft">
                  {batch.place?.name}, {batch.regimen.name.toLowerCase()}
                </span>
              </span>
              <span className="reading text-4xl font-semibold">{percent(cure.pReady)}</span>
              <span className="text-sm">
                <span className="reading block">
                  likely {verb(cure)} {dayAndDate(cure.readyAtMs.p50, shop.zone)} ({dayAndDate(cure.readyAtMs.p10, shop.zone)} to{' '}
                  {dayAndDate(cure.readyAtMs.p90, shop.zone)})
                </span>
                <span
                  className={standing.fitness.fit && standing.progress.rest.length === 0 ? 'font-semibold text-fit' : 'text-soft'}
                >
                  {missing(standing)}
                </span>
              </span>
            </Link>
          </li>
        ))}
      </ul>
      <p className="mt-2 text-sm text-soft">
        Estimates from the room’s readings and your checks; working figures of the trade that err late. The estimate alone
        releases nothing.
      </p>
      {moves.length > 0 ? (
        <section className="mt-8 max-w-3xl">
          <h2 className="mb-1">What would hurry them</h2>
          <ol>
            {moves.slice(0, MOST_MOVES).map((move) => (
              <li key={`${move.id}-${move.to}`} className="border-hair border-t py-1.5">
                Carry <Link href={`/cure/${move.number}`}>{move.number}</Link> to the {move.place}: almost surely fit{' '}
                <strong>{dayAndDate(move.readyMs, shop.zone)}</strong>, {formatDuration(move.gainMs / 60_000)} sooner
                {move.keepsDate ? <strong className="text-fit"> ● and in time for its date</strong> : ''}.
              </li>
            ))}
          </ol>
          <p className="text-sm text-soft">
            Each by itself, with the room that is left now, by the last week’s air there. Estimates.
          </p>
        </section>
      ) : null}
      <div className="mt-8 grid gap-10 wide:grid-cols-2">
        <ReadingForm places={rooms.map(({ place }) => ({ id: place.id, name: place.name }))} at={rooms[0]?.place.id ?? 0} />
        <section>
          <h2 className="mb-1">The air now</h2>
          <dl className="reading grid grid-cols-[minmax(0,1fr)_4rem_3rem_minmax(0,1fr)_auto] items-center gap-y-1">
            {rooms.map(({ place, reading }) => (
              <div key={place.id} className="contents">
                <dt>{place.name}</dt>
                <dd className="font-semibold">{reading ? `${reading.tempC.toFixed(1)} °C` : '–'}</dd>
                <dd className="font-semibold">{reading ? percent(reading.rhFraction) : ''}</dd>
                <dd className="text-soft">{reading ? clockTime(reading.at, shop.zone, nowMs) : 'no reading'}</dd>
                <dd>
                  <FileSheet
                    opens="Readings in"
                    title={`Readings of the ${place.name.toLowerCase()}`}
                    say="A room logger’s file: time, temperature, humidity, in whatever order, unit and decimal mark it writes. What it was taken for is shown before anything is kept."
                    look={lookAtReadings}
                    take={takeReadings}
                    beside={{ placeId: place.id }}
                    quiet
                  />
                </dd>
              </div>
            ))}
          </dl>
          <p className="mt-1 text-sm">
            <a href={`/api/practice-logger?place=${rooms.find(({ place }) => place.kind === 'rack')?.place.id ?? 1}`}>
              A practice logger’s week as a file
            </a>
          </p>
        </section>
      </div>
    </>
  );
}

const MILESTONE_WORDS: Readonly<Record<string, string>> = {
  recoat: 'May be recoated',
  handle: 'May be handled',
  buff: 'May be buffed',
  food: 'Fit for food',
};

/** The cure of one batch: the fan, its checks, and what it still wants. */
export async function CurePage({ number }: { readonly number: string }) {
  const { db, shop, nowMs } = await session();
  const id = findBatchId(db, number);
  const batch = id === null ? null : loadBatch(db, id, nowMs);
  if (!batch) notFound();
  const standing = standingOfBatch(db, batch, nowMs, learnedA0(db));
  const { cure } = standing;
  return (
    <>
      <div className="mb-4 flex flex-wrap items-center gap-6">
        <Ring facts={standing.ring} seed={batch.id} size={96} title={batch.number} />
        <div className="grow">
          <p className="reading font-semibold">{batch.number}</p>
          <h1>{titleOf(batch)}</h1>
          <p className={standing.fitness.fit && standing.progress.rest.length === 0 ? 'font-semibold text-fit' : 'text-soft'}>
            {missing(standing)}
          </p>
        </div>
        <Link href={`/work/${number}`} className={linkLook('plain')}>
          Coat book
        </Link>
        <Link href={`/release/${number}`} className={linkLook('main')}>
          To release
        </Link>
      </div>
      {cure ? (
        <>
          <CureBody batch={batch} standing={standing} cure={cure} nowMs={nowMs} zone={shop.zone} />
          {batch.release ? null : (
            <div className="mt-6 max-w-3xl">
              <WhatIf
                needed={cure.needed}
                ageHours={cure.ageHours}
                nowMs={nowMs}
                zone={shop.zone}
                settles={cure.settles}
                nowReady={cure.readyAtMs}
                scenes={scenesFor(db, nowMs)}
              />
            </div>
          )}
        </>
      ) : (
        <p>
          {Object.keys(batch.materials).length === 0
            ? 'A bare piece neither cures nor settles.'
            : 'The last coat is still to come; the estimate begins there.'}
        </p>
      )}
      <div className="mt-6 grid gap-10 wide:grid-cols-2">
        {batch.release ? null : <CheckForm batchId={batch.id} />}
        <Checks
          batch={batch}
          zone={shop.zone}
          nowMs={nowMs}
          initials={new Map(people(db).map((person) => [person.id, person.initials]))}
        />
      </div>
      <div className="mt-8 max-w-3xl">
        <ReadingForm places={places(db).map(({ id: placeId, name }) => ({ id: placeId, name }))} at={batch.place?.id ?? 0} />
      </div>
    </>
  );
}

type BodyProps = {
  readonly batch: Batch;
  readonly standing: Standing;
  readonly cure: CureStanding;
  readonly nowMs: number;
  readonly zone: string;
};

function CureBody({ batch, cure, nowMs, zone }: BodyProps) {
  const marks = batch.checks
    .filter((check) => check.at >= cure.startMs)
    .map((check) => ({
      atMs: check.at,
      ready: readyShare(cure.needed, cure.clock.ageAt(check.at)),
      pass: check.pass,
      name: CHECK_WORDS[check.kind].name,
    }));
  const words = `${percent(cure.pReady)} likely ${verb(cure)} now; ${dayAndDate(cure.readyAtMs.p10, zone)} at the earliest, most likely by ${dayAndDate(cure.readyAtMs.p50, zone)}, almost surely by ${dayAndDate(cure.readyAtMs.p90, zone)}.`;
  return (
    <div className="grid gap-8 wide:grid-cols-[minmax(0,2.2fr)_minmax(0,1fr)]">
      <FanChart
        points={fanPoints(cure, nowMs)}
        marks={marks}
        nowMs={nowMs}
        p10={cure.readyAtMs.p10}
        p90={cure.readyAtMs.p90}
        zone={zone}
        words={words}
      />
      <section>
        <p className="reading text-[4.5rem] font-semibold leading-none">{percent(cure.pReady)}</p>
        <p className="mb-3 text-soft">likely {verb(cure)}, an estimate</p>
        <dl className="reading grid grid-cols-[9rem_1fr] gap-y-1">
          {milestonesOf(cure).map(({ id, atMs }) => (
            <div key={id} className="contents">
              <dt className="text-soft">{cure.settles && id === 'food' ? 'Settled' : MILESTONE_WORDS[id]}</dt>
              <dd className="font-semibold">{atMs <= nowMs ? 'now' : `about ${clockTime(atMs, zone, nowMs)}`}</dd>
            </div>
          ))}
          <dt className="text-soft">Since last coat</dt>
          <dd className="font-semibold">{formatDuration((nowMs - cure.startMs) / 60_000)}</dd>
          <dt className="text-soft">Counts as</dt>
          <dd className="font-semibold">
            {cure.ageHours.toFixed(0)} h at 20 °C of about {cure.a0Hours.toFixed(0)} h
          </dd>
        </dl>
        <p className="mt-3 text-sm text-soft">
          Reckoned from {cure.readings.length} {cure.readings.length === 1 ? 'reading' : 'readings'} at the{' '}
          {batch.place?.name.toLowerCase()}
          {cure.readings.length === 0
            ? ': none yet, so 20 °C and 50 % are taken'
            : `; ahead, the mean of the last week, ${cure.forecast.tempC.toFixed(1)} °C and ${percent(cure.forecast.rh)}`}
          .{' '}
          {cure.learnedFrom > 0
            ? `The shipped ${cure.shippedHours} h were moved by ${cure.learnedFrom} of your own batches.`
            : 'A working figure of the trade, erring late; your own released batches will move it.'}
        </p>
      </section>
    </div>
  );
}

function Checks({
  batch,
  zone,
  nowMs,
  initials,
}: {
  readonly batch: Batch;
  readonly zone: string;
  readonly nowMs: number;
  readonly initials: ReadonlyMap<number, string>;
}) {
  return (
    <section>
      <h2 className="mb-1">Checks so far</h2>
      {batch.checks.length === 0 ? <p className="text-soft">None yet.</p> : null}
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
