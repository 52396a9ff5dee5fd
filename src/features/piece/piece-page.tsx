import 'server-only';
import { notFound } from 'next/navigation';
import { AMISS } from '@/core/care';
import { MS_PER_DAY } from '@/core/quantity';
import { laysCoat } from '@/core/regimen';
import { ReleaseRecord } from '@/core/release';
import { ownerDataOf } from '@/data/care/owners';
import { findSold } from '@/data/care/queries';
import { maySaleBeStruck } from '@/data/care/strike';
import { learnedA0 } from '@/data/cure/learned';
import type { Db } from '@/data/db';
import { alsoFrom, pieceByCode } from '@/data/piece/piece';
import type { KnownLot } from '@/data/stores/queries';
import { asPiece, type Batch, type Piece, tagOf } from '@/data/work/batch';
import { type BatchStanding, standingOfBatch } from '@/data/work/standing';
import { USE_WORDS } from '@/messages';
import { AMISS_WORDS } from '@/messages/amiss';
import { countryName } from '@/messages/care';
import { piecePage as wording } from '@/messages/screens/piece';
import { airLineOf } from '@/print/record-body';
import { PiecePicture } from '@/trade/drawing/piece-picture';
import { FindPiece } from '@/trade/find-piece';
import { Unsell } from '@/trade/unsell';
import { linkLook } from '@/ui/button';
import { Link } from '@/ui/link';
import { Ring, ringWords } from '@/ui/ring';
import { clockTime, fullDate, longDate, yearOf } from '@/ui/when';
import { reads } from '@/web/here';
import { session } from '@/web/session';
import { AmissPanel } from './amiss-panel';
import { type Happened, storyOf } from './story';

/** The batch a piece belongs to. */
function BatchOfPiece({ standing, batch }: { readonly standing: BatchStanding; readonly batch: Batch }) {
  return (
    <p className="flex items-center gap-3">
      <Ring facts={standing.ring} seed={batch.id} size={48} title={batch.number} />
      <span>
        {wording.oneOf}
        <Link href={`/work/${batch.number}`}>{batch.number}</Link>
        {wording.forWord(
          batch.regimen.name.toLowerCase(),
          ringWords(standing.ring),
          batch.design.uses.map((use) => USE_WORDS[use]).join(', '),
        )}
      </span>
    </p>
  );
}

/** One piece, sold or not: what it is, all that happened to it, what lies on it, and what to do where something is wrong. */
export async function PiecePage({ code, wrong }: { readonly code: string; readonly wrong: string }) {
  const { db, shop, nowMs } = await session();
  const found = pieceByCode(db, code, nowMs);
  if (!found) notFound();
  const { piece, of: whole } = found;
  const standing = standingOfBatch(db, whole, nowMs, learnedA0(db));
  // Of unlike pieces it is shown as itself.
  const batch = asPiece(whole, piece);
  const sold = findSold(db, piece.code, nowMs);
  const story = storyOf(db, batch, piece, standing, sold);
  const photo = story.findLast((one) => one.photo)?.photo ?? null;
  const amiss = AMISS.find((one) => one === wrong) ?? null;
  const lastCoat = batch.book.findLast(({ entry, stands }) => {
    const step = standing.tasks.find((task) => task.key === entry.task)?.step;
    return stands && step && laysCoat(step);
  })?.stands;
  return (
    <>
      <div className="flex flex-wrap items-start justify-between gap-4">
        <div>
          <p className="reading text-lg font-semibold">{tagOf(batch, piece)}</p>
          <h1>
            {batch.species.name} {batch.design.name.toLowerCase()}
          </h1>
        </div>
        <FindPiece year={yearOf(nowMs, shop.zone)} />
      </div>
      <div className="mt-4 grid gap-x-10 gap-y-6 wide:grid-cols-[minmax(0,1fr)_minmax(0,1.35fr)]">
        <div className="flex flex-col gap-5">
          <div className="flex flex-wrap items-start gap-4">
            <div className="grow basis-64">
              <PiecePicture geometry={batch.design.geometry} name={batch.design.name} speciesId={batch.species.id} />
            </div>
            {photo ? (
              // biome-ignore lint/performance/noImgElement: a photo of the shop's own folder, already small
              <img src={`/api/photo?hash=${photo}`} alt={wording.asItWasPhotographed} className="max-h-56 border-2 border-ink" />
            ) : null}
          </div>
          <BatchOfPiece standing={standing} batch={batch} />
          <WhoHasIt db={db} piece={piece} soldOn={sold?.sale.soldOn ?? null} released={batch.release?.outcome === 'released'} />
          <LiesOnIt db={db} batch={batch} />
          <Air batch={batch} />
        </div>
        <div className="flex flex-col gap-6">
          <section id="wrong" aria-label={wording.somethingIsWrong}>
            <h2 className="mb-2">{wording.somethingIsWrong}</h2>
            <ul className="flex flex-wrap gap-2">
              {AMISS.map((one) => (
                <li key={one}>
                  <Link
                    href={`/piece/${piece.code}?wrong=${one}#wrong`}
                    aria-current={one === amiss ? 'true' : undefined}
                    className={linkLook(one === amiss ? 'main' : 'plain')}
                  >
                    {AMISS_WORDS[one]}
                  </Link>
                </li>
              ))}
            </ul>
            {amiss ? (
              <AmissPanel
                db={db}
                batch={batch}
                piece={piece}
                isSold={sold !== null}
                amiss={amiss}
                ageDays={lastCoat ? Math.floor((nowMs - lastCoat.at) / MS_PER_DAY) : 0}
                nowMs={nowMs}
              />
            ) : null}
          </section>
          <Story story={story} zone={shop.zone} nowMs={nowMs} />
        </div>
      </div>
    </>
  );
}

type WhoProps = { readonly db: Db; readonly piece: Piece; readonly soldOn: string | null; readonly released: boolean };

/** Where it is now: in the shop, or with whom. */
function WhoHasIt({ db, piece, soldOn, released }: WhoProps) {
  const keeps = ownerDataOf(db, piece.code);
  if (!keeps || soldOn === null)
    return (
      <p>{piece.leftWhy ? wording.itLeftForGood(piece.leftWhy) : released ? wording.releasedAndInThe : wording.inTheShop}</p>
    );
  const next = keeps.ended
    ? wording.itIsNoMore
    : keeps.reOiledOn.length > 0
      ? `last re-oiled ${longDate(keeps.reOiledOn.at(-1) ?? '')}`
      : '';
  return (
    <div>
      <strong>{keeps.holder ?? wording.noOwnerIsNoted}</strong>
      {wording.sold(keeps.plan.country ? `, ${countryName(keeps.plan.country)}` : '', longDate(soldOn), next ? `; ${next}` : '')}
      <Link href={`/slip/${piece.code}`}>{wording.slipAndWhatBecomes}</Link>,{' '}
      <a href={`/care/${piece.code}`}>{wording.itsOwnersPage}</a>
      {maySaleBeStruck(db, piece.code) ? (
        <span className="block">
          <Unsell codes={[piece.code]} />
        </span>
      ) : null}
    </div>
  );
}

/** The lots that lie on it, and what else was finished from each. */
function LiesOnIt({ db, batch }: { readonly db: Db; readonly batch: Batch }) {
  return (
    <section>
      <h2 className="mb-1">{wording.whatLiesOnIt}</h2>
      {batch.on.length === 0 ? <p className="text-soft">{wording.nothingBareWood}</p> : null}
      <ul>
        {batch.on.map((lot) => (
          <li key={lot.id} className="border-hair border-b py-1.5">
            <Link href={`/stores/lots/${lot.id}`}>
              <span className="reading font-semibold">{lot.number}</span> {lot.title}
            </Link>
            {lot.held ? <strong className="text-late">{wording.held(lot.held.reason)}</strong> : null}
            <span className="block text-sm text-soft">
              {lot.contents.join(', ').toLowerCase()}. {alsoWords(db, lot, batch.id)}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

const count = (n: number, one: string): string => `${n} ${one}${n === 1 ? '' : one.endsWith('h') ? 'es' : 's'}`;

/** What else was finished from a lot, in words. */
function alsoWords(db: Db, lot: KnownLot, batchId: number): string {
  const { batches, pieces, sold, tins } = alsoFrom(db, lot.id, batchId);
  const words = [
    batches > 0 ? wording.sold2(count(batches, wording.otherBatch), count(pieces, 'piece'), sold) : '',
    tins > 0 ? wording.sold3(count(tins, 'tin')) : '',
  ].filter(Boolean);
  return words.length > 0 ? wording.theSameWentOn(words.join(' and ')) : wording.nothingElseWasFinished;
}

/** The air it cured in, as its record keeps it. */
function Air({ batch }: { readonly batch: Batch }) {
  const record = ReleaseRecord.safeParse(batch.release?.record ? JSON.parse(batch.release.record) : null).data;
  return (
    <section>
      <h2 className="mb-1">{wording.theAirItStood}</h2>
      <p className="text-sm">
        {record ? `${airLineOf(record, reads()).replace(/^./, (first) => first.toUpperCase())}. ` : ''}
        <Link href={`/cure/${batch.number}`}>{wording.itsCureAndChecks}</Link>
      </p>
    </section>
  );
}

/** All that happened to it. */
function Story({ story, zone, nowMs }: { readonly story: readonly Happened[]; readonly zone: string; readonly nowMs: number }) {
  return (
    <section>
      <h2 className="mb-1">{wording.itsLifeSoFar}</h2>
      {story.length === 0 ? <p className="text-soft">{wording.nothingWasRecordedYet}</p> : null}
      <ol>
        {story.map((one, i) => (
          <li
            key={one.key}
            className="grid grid-cols-[5.5rem_minmax(0,1fr)] gap-x-3 border-hair border-t py-1 bench:grid-cols-[7.5rem_minmax(0,1fr)]"
          >
            <time
              dateTime={new Date(one.at).toISOString()}
              className="reading text-sm text-soft"
              title={clockTime(one.at, zone, nowMs)}
            >
              {fullDate(one.at, zone) === fullDate(story[i - 1]?.at ?? 0, zone)
                ? clockTime(one.at, zone, one.at)
                : fullDate(one.at, zone)}
            </time>
            <span>
              <span className={one.isMain ? 'font-semibold' : ''}>{one.what}</span>
              {one.to ? (
                <>
                  {' '}
                  <Link href={one.to.href}>{one.to.name}</Link>
                </>
              ) : null}
              {one.detail ? <span className="text-soft"> {one.detail}</span> : null}
              {one.photo ? (
                <>
                  {' '}
                  <a href={`/api/photo?hash=${one.photo}`}>{wording.photo}</a>
                </>
              ) : null}
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}
