import 'server-only';
import { instantOf, MS_PER_MINUTE, say, sayMinutes } from '@/core/quantity';
import { lastReading, type Place, places } from '@/data/shop/queries';
import { type Batch, piecesIn } from '@/data/work/batch';
import type { BatchStanding, CureStanding } from '@/data/work/standing';
import { cure as wording } from '@/messages/screens/cure';
import { BatchSign } from '@/trade/drawing/batch-sign';
import { openBatches, titleOf } from '@/trade/hands/open-batches';
import { Why } from '@/trade/why';
import { linkLook } from '@/ui/button';
import { Link } from '@/ui/link';
import { clockTime, dayAndDate, longDate } from '@/ui/when';
import { FileSheet } from '@/web/file-sheet';
import { reads } from '@/web/here';
import { session } from '@/web/session';
import { ReadingForm } from './components/reading-form';
import { type Advice, adviceFor, type NamedMove } from './elsewhere';
import { lookAtReadings, takeReadings } from './readings-actions';
import { missing, percent, spanWords, verb, weepWords } from './words';

const MOST_MOVES = 5;

/** Every batch past its last coat, with how likely it is fit and when. */
export async function Cure({ by }: { readonly by: string | null }) {
  const { db, shop, nowMs } = await session();
  const curing = openBatches(db, nowMs).flatMap(({ batch, standing }) =>
    standing.cure ? [{ batch, standing, cure: standing.cure }] : [],
  );
  const allBy = by === null ? null : instantOf(`${by}T18:00`, shop.zone);
  const { moves, together } = adviceFor(db, openBatches(db, nowMs), nowMs, allBy?.ok ? allBy.value : null);
  const rooms = places(db).map((place) => ({ place, reading: lastReading(db, place.id) }));
  return (
    <>
      <h1>{wording.cure}</h1>
      {curing.length === 0 ? <p className="mt-4 max-w-prose">{wording.nothingCuresOrSettles}</p> : null}
      <Curing rows={curing} nowMs={nowMs} zone={shop.zone} />
      <p className="mt-2 text-sm text-soft">{wording.estimatesFromTheRooms}</p>
      <Hurry moves={moves} together={together} by={by} zone={shop.zone} />
      <div className="mt-8 grid gap-10 wide:grid-cols-2">
        <ReadingForm places={rooms.map(({ place }) => ({ id: place.id, name: place.name }))} at={rooms[0]?.place.id ?? 0} />
        <AirNow rooms={rooms} nowMs={nowMs} zone={shop.zone} />
      </div>
    </>
  );
}

type CuringRow = { readonly batch: Batch; readonly standing: BatchStanding; readonly cure: CureStanding };

/** What cures or settles, each with how likely it is fit and when. */
function Curing({ rows, nowMs, zone }: { readonly rows: readonly CuringRow[]; readonly nowMs: number; readonly zone: string }) {
  return (
    <ul className="mt-4">
      {rows.map(({ batch, standing, cure }) => (
        <CuringItem key={batch.id} batch={batch} standing={standing} cure={cure} nowMs={nowMs} zone={zone} />
      ))}
    </ul>
  );
}

type HurryProps = Advice & { readonly by: string | null; readonly zone: string };

/** Which batch to carry where, each by itself and all for one day. */
function Hurry({ moves, together, by, zone }: HurryProps) {
  return (
    <section className="mt-8 max-w-3xl">
      <div className="mb-1 flex flex-wrap items-end justify-between gap-3">
        <h2>
          {wording.whatWouldHurryThem}
          <span className="text-sm font-normal">
            {wording.sun}
            <Why of="sun" />
            {wording.warmth}
            <Why of="heat" />
          </span>
        </h2>
        <form className="flex items-end gap-2">
          <label className="flex flex-col">
            <span className="label">{wording.allReadyBy}</span>
            <input
              type="date"
              name="by"
              defaultValue={by ?? ''}
              className="min-h-11 border-rule border-b-2 bg-transparent px-1"
            />
          </label>
          <button type="submit" className={linkLook('plain')}>
            {wording.reckon}
          </button>
        </form>
      </div>
      {by !== null ? <Together {...together} zone={zone} by={by} /> : null}
      {moves.length === 0 ? <p className="text-soft">{wording.noOtherPlaceWould}</p> : null}
      <ol>
        {moves.slice(0, MOST_MOVES).map((move) => (
          <MoveItem key={`${move.id}-${move.to}`} move={move} zone={zone} />
        ))}
      </ol>
      <p className="text-sm text-soft">{wording.eachByItselfWith}</p>
    </section>
  );
}

type AirProps = {
  readonly rooms: readonly { readonly place: Place; readonly reading: ReturnType<typeof lastReading> }[];
  readonly nowMs: number;
  readonly zone: string;
};

/** The air of each place as it was last read, and a way for a logger's file. */
function AirNow({ rooms, nowMs, zone }: AirProps) {
  return (
    <section>
      <h2 className="mb-1">{wording.theAirNow}</h2>
      <dl className="reading grid grid-cols-[minmax(0,1fr)_4rem_3rem_minmax(0,1fr)_auto] items-center gap-y-1">
        {rooms.map(({ place, reading }) => (
          <div key={place.id} className="contents">
            <dt>{place.name}</dt>
            <dd className="font-semibold">{reading ? say(reading.tempC, '°C', reads()) : '–'}</dd>
            <dd className="font-semibold">{reading ? percent(reading.rhFraction) : ''}</dd>
            <dd className="text-soft">{reading ? clockTime(reading.at, zone, nowMs) : wording.noReading}</dd>
            <ReadingsIn place={place} />
          </div>
        ))}
      </dl>
      <p className="mt-1 text-sm">
        <a href={`/api/practice-logger?place=${rooms.find(({ place }) => place.kind === 'rack')?.place.id ?? 1}`}>
          {wording.aPracticeLoggersWeek}
        </a>
        {wording.or}
        <a href={`/api/practice-logger?span=year&place=${rooms.find(({ place }) => place.kind === 'rack')?.place.id ?? 1}`}>
          {wording.itsYearFromA}
        </a>
      </p>
    </section>
  );
}

type TogetherProps = {
  readonly moves: readonly NamedMove[];
  readonly late: readonly string[];
  readonly zone: string;
  readonly by: string;
};

/** The moves that may all be made for one day, and who misses it all the same. */
function Together({ moves, late, zone, by }: TogetherProps) {
  return (
    <p className="mb-2 border-cure border-l-4 pl-3">
      {moves.length > 0
        ? wording.toHaveThemReady(
            longDate(by),
            moves.map((move) => wording.toThe(move.number, move.place, dayAndDate(move.readyMs, zone))).join(wording.thenWord),
          )
        : wording.noMoveIsNeeded(longDate(by))}{' '}
      {late.length > 0 ? (
        <strong className="text-late">{wording.notAlmostSurelyReady(late.join(', '))}</strong>
      ) : (
        wording.byTheEstimateAll
      )}
    </p>
  );
}

/** One batch that cures or settles: how likely it is ready, by when, and what is missing. */
function CuringItem({ batch, standing, cure, nowMs, zone }: CuringRow & { readonly nowMs: number; readonly zone: string }) {
  return (
    <li className="border-rule border-t">
      <Link
        href={`/cure/${batch.number}`}
        className="grid items-center gap-x-6 gap-y-1 py-3 no-underline hover:underline bench:grid-cols-[7.5rem_minmax(0,1fr)_7rem_minmax(0,1.2fr)]"
      >
        <BatchSign batch={batch} facts={standing.ring} size={56} count={piecesIn(batch).length} />
        <span>
          <span className="reading font-semibold">{batch.number}</span> <span className="font-semibold">{titleOf(batch)}</span>
          <span className="block text-sm text-soft">
            {wording.atThe(batch.regimen.name)}
            {batch.place?.name.toLowerCase()}
          </span>
        </span>
        <span className="reading text-4xl font-semibold">{percent(cure.pReady)}</span>
        <span className="text-sm">
          <span className="reading block">{wording.likely(verb(cure), spanWords(cure.readyAtMs, zone, nowMs))}</span>
          <span className={standing.fitness.fit && standing.progress.rest.length === 0 ? 'font-semibold text-fit' : 'text-soft'}>
            {missing(standing)}
          </span>
          {cure.settles ? <span className="block">{weepWords(batch, standing, nowMs, zone)}</span> : null}
        </span>
      </Link>
    </li>
  );
}

function MoveItem({ move, zone }: { readonly move: HurryProps['moves'][number]; readonly zone: string }) {
  return (
    <li className="border-hair border-t py-1.5">
      {wording.carry}
      <Link href={`/cure/${move.number}`}>{move.number}</Link>
      {wording.toTheAlmostSurely(move.place)}
      <strong>{dayAndDate(move.readyMs, zone)}</strong>
      {wording.sooner(sayMinutes(move.gainMs / MS_PER_MINUTE))}
      {move.keepsDate ? <strong className="text-fit">{wording.andInTimeFor}</strong> : ''}.
    </li>
  );
}

const ReadingsIn = ({ place }: { readonly place: AirProps['rooms'][number]['place'] }) => (
  <dd>
    <FileSheet
      opens={wording.readingsIn}
      title={wording.readingsOfThe(place.name.toLowerCase())}
      say={wording.aRoomLoggersFile}
      look={lookAtReadings}
      take={takeReadings}
      beside={{ placeId: place.id }}
      quiet
    />
  </dd>
);
