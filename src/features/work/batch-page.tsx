import 'server-only';
import { notFound } from 'next/navigation';
import type { ReactNode } from 'react';
import { noticesOfPiece } from '@/core/caution';
import { needsLeft } from '@/core/cost';
import { formatMoney, say } from '@/core/quantity';
import { gritsOf, lightsVapour } from '@/core/regimen';
import { learnedA0 } from '@/data/cure/learned';
import type { Db } from '@/data/db';
import { woodState } from '@/data/moisture/moisture';
import { type Restoration, restorationOf } from '@/data/restore/restore';
import { people, places, type Shop } from '@/data/shop/queries';
import { type Batch, findBatchId, loadBatch, piecesIn, tagOf } from '@/data/work/batch';
import { drawnFor } from '@/data/work/cancel';
import { notesOf, verdictsOf } from '@/data/work/notes';
import { estimatedGrams } from '@/data/work/record';
import { movesOf, sourceOf } from '@/data/work/split';
import { type BatchStanding, standingOfBatch } from '@/data/work/standing';
import { ADDED_WORDS, noticesInWords, ORIGIN_WORDS, UPKEEP_WORDS, USE_WORDS, VERDICT_WORDS } from '@/messages';
import { batchPage as wording } from '@/messages/screens/work';
import { cautionsWith, warmingWords } from '@/trade/cautions';
import { BatchSign } from '@/trade/drawing/batch-sign';
import { WhatLiesWhere } from '@/trade/drawing/what-lies-where';
import { CoatChanges } from '@/trade/hands/coat-changes';
import { changeWords, coatSlots } from '@/trade/hands/coats';
import { momentOf, warmFromMs } from '@/trade/hands/moment';
import { type OpenBatch, openBatches, titleOf } from '@/trade/hands/open-batches';
import { linkLook } from '@/ui/button';
import { Cautions } from '@/ui/cautions';
import { Fold } from '@/ui/fold';
import { Link } from '@/ui/link';
import { clockTime, dayAndDate } from '@/ui/when';
import { reads } from '@/web/here';
import { session } from '@/web/session';
import { alikeTo } from './alike';
import { rowsOf } from './book-rows';
import { AfterWork, AgainLike } from './components/after-work';
import { CancelBatch, ResumeBatch } from './components/cancel-batch';
import { ChangeUse } from './components/change-use';
import { CoatBook } from './components/coat-book';
import { MoveTo } from './components/move-to';
import { PieceList } from './components/piece-list';
import { RecordPanel } from './components/record-panel';
import { WaysBack } from './components/ways-back';
import { Drinks } from './drinks';
import { troublesOf } from './troubles';
import { Wood } from './wood';

type Need = {
  readonly slot: string;
  readonly lot: string;
  readonly name: string;
  readonly grams: number;
  readonly leftG: number;
  readonly minor: number | null;
};

/** Finish still to come and its cost, by material, beside its lot. */
const needsOf = (batch: Batch, { progress }: BatchStanding): Need[] =>
  needsLeft(batch.regimen.slots, progress.rest, batch.materials, (task) => estimatedGrams(batch, task)).flatMap((need) => {
    const lot = batch.materials[need.slot];
    const name = batch.regimen.slots.find((one) => one.slot === need.slot)?.name ?? need.slot;
    return lot ? [{ ...need, name, lot: lot.number, leftG: lot.leftG }] : [];
  });

type BatchPageProps = {
  readonly number: string;
  /** What this batch is where it is a piece that came home, drawn by its own station. */
  readonly restoration: (job: Restoration, grits: readonly number[], shop: Shop) => ReactNode;
};

/** One batch: what is next, its coat book, its materials, and where it stands. */
export async function BatchPage({ number, restoration }: BatchPageProps) {
  const { db, shop, nowMs } = await session();
  const open = openBatches(db, nowMs).find((one) => one.batch.number === number);
  const id = findBatchId(db, number);
  const batch = open?.batch ?? (id === null ? null : loadBatch(db, id, nowMs));
  if (!batch) notFound();
  const standing = open?.standing ?? standingOfBatch(db, batch, nowMs, learnedA0(db));
  const job = restorationOf(db, batch.id);
  const of: Of = { db, shop, nowMs, batch, standing, open };
  return (
    <>
      <BatchHead {...of} />
      {job ? restoration(job, gritsOf(batch.regimen.steps, leftOutOf(batch)), shop) : null}
      {isOver(batch) ? <OverNote {...of} /> : <Doing {...of} />}
      <div className="mt-6 grid gap-10 wide:grid-cols-[minmax(0,1.6fr)_minmax(0,1fr)]">
        <CoatBook
          batchId={batch.id}
          drawing={{ geometry: batch.design.geometry, name: batch.design.name, speciesId: batch.species.id }}
          rows={rowsOf(batch, standing, open?.plan ?? null, shop.zone, nowMs, initialsOf(db))}
          undone={undoneOf(of)}
          locked={isOver(batch)}
        />
        <Beside {...of} restoring={job !== null} />
      </div>
    </>
  );
}

/** What every part of the page is drawn from. */
type Of = {
  readonly db: Db;
  readonly shop: Shop;
  readonly nowMs: number;
  readonly batch: Batch;
  readonly standing: BatchStanding;
  readonly open: OpenBatch | undefined;
};

const initialsOf = (db: Db): ReadonlyMap<number, string> => new Map(people(db).map((person) => [person.id, person.initials]));

/** Steps that were left out. */
const leftOutOf = (batch: Batch): string[] =>
  batch.book.flatMap(({ entry, stands }) => (stands && entry.kind === 'left-out' ? [entry.task] : []));

/** What was struck from the book altogether. */
const undoneOf = ({ batch, standing, shop, nowMs }: Of): string[] =>
  batch.book
    .filter(({ stands }) => stands === null)
    .map(
      ({ entry }) =>
        `${standing.tasks.find((task) => task.key === entry.task)?.step.done ?? entry.task} ${clockTime(entry.at, shop.zone, nowMs)}`,
    );

/** Where it may stand; what holds vapour waits before the warm cabinet. */
const placesFor = (db: Db, warm: number | null, shop: Shop, nowMs: number) =>
  places(db).map(({ id, name, kind, hazards }) => ({
    id,
    name: lightsVapour({ kind, hazards }) && warm !== null ? wording.notBefore(name, clockTime(warm, shop.zone, nowMs)) : name,
  }));

/** Its ring, what it is and is for, where it stands. */
function BatchHead({ db, shop, nowMs, batch, standing, open }: Of) {
  const ends = open?.plan?.feasible ? open.plan.endsMs : null;
  return (
    <div className="mb-4 flex flex-wrap items-center gap-6">
      <BatchSign batch={batch} facts={standing.ring} size={104} count={piecesIn(batch).length} />
      <div className="grow">
        <p className="reading text-lg font-semibold">{batch.number}</p>
        <h1>{titleOf(batch)}</h1>
        <p className="text-soft">
          {batch.regimen.name}: {batch.regimen.school}.{ends ? wording.allStepsDone(dayAndDate(ends, shop.zone)) : ''}
          {batch.dueAt ? wording.due(dayAndDate(batch.dueAt, shop.zone)) : ''}
        </p>
        {batch.trial ? (
          <p className="font-semibold">
            <Link href={`/trials/${batch.trial.number}`}>{wording.trial(batch.trial.number)}</Link>
            {wording.fields(batch.trial.treatment)}
            <span className="reading">{batch.trial.tags.join(', ')}</span>
            {wording.neverSold}
          </p>
        ) : null}
        <p>
          {wording.forWord(batch.design.uses.map((use) => USE_WORDS[use]).join(', '))}
          {isOver(batch) || batch.trial || batch.kinds.length > 1 ? null : (
            <ChangeUse batchId={batch.id} version={batch.version} uses={batch.design.uses} />
          )}{' '}
          {batch.species.name}, {ORIGIN_WORDS[batch.origin]}: {VERDICT_WORDS[batch.treeKnown ? batch.species.food : 'unknown']}.
          {batch.woods.length > 1
            ? wording.withWord(
                batch.woods
                  .slice(1)
                  .map((wood) => `${wood.name.toLowerCase()}, ${VERDICT_WORDS[wood.food]}`)
                  .join('; '),
              )
            : ''}
        </p>
        <OrderOf batch={batch} shop={shop} />
        {isOver(batch) ? null : (
          <MoveTo
            batchId={batch.id}
            places={placesFor(db, warmFromMs(batch, standing.progress, nowMs), shop, nowMs)}
            at={batch.place?.id ?? null}
            hazards={batch.place?.hazards ?? []}
          />
        )}
      </div>
      <div className="flex flex-col gap-2">
        <Link href={`/work/${batch.number}/bench`} className={linkLook('plain')}>
          {wording.benchView}
        </Link>
        <Link href={`/cure/${batch.number}`} className={linkLook('plain')}>
          {wording.cureAndChecks}
        </Link>
        {standing.progress.done.length > 0 ? <AgainLike batchId={batch.id} start={againOf(batch)} /> : null}
      </div>
    </div>
  );
}

/** It was decided, cancelled, or has no pieces: no more is recorded. */
const isOver = (batch: Batch): boolean => batch.release !== null || batch.cancelledAt !== null || piecesIn(batch).length === 0;

/** What was drawn for a batch, in words; empty where nothing was. */
const drawnWords = (db: Db, batch: Batch): string =>
  drawnFor(db, batch.id)
    .map(({ number, grams }) => `${say(grams, 'g', reads())} of ${number}`)
    .join(', ');

/** Why nothing more is recorded of it. */
function OverNote({ db, shop, nowMs, batch }: Of) {
  if (batch.release)
    return (
      <p className="text-lg">
        {wording.thisBatchWasAs(batch.release.outcome, batch.release.number)}
        <Link href={`/release/${batch.number}`}>{wording.seeTheRecord}</Link>
      </p>
    );
  if (batch.cancelledAt === null) return <p className="text-lg">{wording.noPiecesAreLeft(sourceOf(db, batch) ?? '')}</p>;
  const drawn = drawnWords(db, batch);
  const who = batch.cancelledBy === null ? '' : ` by ${initialsOf(db).get(batch.cancelledBy) ?? ''}`;
  return (
    <>
      <p className="text-lg">
        {wording.cancelled(
          clockTime(batch.cancelledAt, shop.zone, nowMs),
          who,
          batch.cancelledWhy === '' ? '' : `: ${batch.cancelledWhy}`,
          drawn === '' ? wording.nothingWasDrawnFor : wording.used(drawn),
        )}
      </p>
      <ResumeBatch batchId={batch.id} />
    </>
  );
}

/** The ways back that were taken up, and whether each was begun. */
const takenOf = (batch: Batch, standing: BatchStanding) =>
  batch.recoveries.map(({ id: way_id, way }) => ({
    id: way_id,
    way,
    begun: standing.progress.done.some(({ task }) => task.key.startsWith(`${way}~${way_id}:`)),
  }));

/** What is recorded next, more coats or fewer, and ways back. */
function Doing({ db, shop, nowMs, batch, standing, open }: Of) {
  const coats = coatSlots(db, batch, standing);
  return (
    <>
      <RecordPanel
        action={open?.action ?? null}
        nowMs={nowMs}
        zone={shop.zone}
        batchId={batch.id}
        geometry={batch.design.geometry}
        speciesId={batch.species.id}
        tags={piecesIn(batch).map((one) => tagOf(batch, one))}
        mayPractise={shop.isDemo}
        dries={batch.on.some((lot) => lot.nature?.drying !== 'never')}
        nextLots={coats.find(({ slot }) => slot === standing.progress.next?.task.step.slot)?.lots ?? []}
      />
      {coats.length === 0 ? null : (
        <CoatChanges batchId={batch.id} slots={coats} changes={changeWords(batch, initialsOf(db), shop.zone, nowMs)} />
      )}
      <WaysBack
        batchId={batch.id}
        troubles={troublesOf(batch, standing.progress, nowMs)}
        taken={takenOf(batch, standing)}
        doubles={standing.progress.waiting.map((fact) => ({
          id: fact.id,
          says: wording.wasRecordedOnceMore(
            standing.tasks.find((task) => task.key === fact.key)?.step.done ?? fact.key,
            clockTime(fact.atMs, shop.zone, nowMs),
          ),
        }))}
      />
    </>
  );
}

/** What the batch still needs of its materials. */
function Materials({
  batch,
  standing,
  shop,
  db,
}: {
  readonly batch: Batch;
  readonly standing: BatchStanding;
  readonly shop: Shop;
  readonly db: Db;
}) {
  return (
    <section>
      <h2 className="mb-1">{wording.materials}</h2>
      {(isOver(batch) ? [] : needsOf(batch, standing)).map((need) => (
        <p key={need.slot} className="border-hair border-b py-1.5">
          <span className="font-semibold">{need.name}</span> <span className="reading">{need.lot}</span>
          <span className={`reading block text-sm ${need.grams > need.leftG ? 'font-semibold text-late' : 'text-soft'}`}>
            {wording.aboutStillToGo(
              need.grams > need.leftG ? '▲ ' : '',
              say(need.grams, 'g', reads()),
              say(need.leftG, 'g', reads()),
              need.minor === null ? '' : `, ${formatMoney(need.minor, shop.currency)}`,
            )}
          </span>
        </p>
      ))}
      {isOver(batch) ? (
        <p className="mt-1 text-sm text-soft">{drawnWords(db, batch) || wording.nothingWasDrawn}</p>
      ) : (
        <p className="mt-1 text-sm text-soft">{wording.estimatesFromSurfaceWood}</p>
      )}
    </section>
  );
}

/** Materials, wood, thirst, pieces, and what bites. */
function Beside({ db, shop, nowMs, batch, standing, restoring }: Of & { readonly restoring: boolean }) {
  const moves = movesOf(db, batch);
  const moment = momentOf(batch, standing.progress, restoring);
  const warming = moment && !isOver(batch) ? warmingWords(moment.lots, moment.is) : null;
  const film = !batch.regimen.knifeSurface || batch.on.some((lot) => lot.nature?.film === true);
  const cautions = [
    ...(moment ? cautionsWith(moment.lots, moment.is) : []),
    ...noticesInWords(noticesOfPiece(batch.design.uses, film, false)),
  ];
  return (
    <div className="flex flex-col gap-6">
      <Materials batch={batch} standing={standing} shop={shop} db={db} />
      {isOver(batch) ? null : (
        <Wood
          batchId={batch.id}
          state={woodState(db, batch.id, batch.place?.id ?? null)}
          zone={shop.zone}
          pieces={piecesIn(batch).map((one) => ({ id: one.id, tag: tagOf(batch, one) }))}
          roughOn={batch.roughOn}
        />
      )}
      {isOver(batch) ? null : <Drinks db={db} batch={batch} standing={standing} />}
      <PieceList
        batchId={batch.id}
        pieces={batch.pieces.map((one) => ({
          id: one.id,
          tag: tagOf(batch, one),
          code: one.code,
          left: one.leftWhy,
          came: moves.get(one.id) ?? null,
        }))}
        alike={isOver(batch) ? [] : alikeTo(batch, standing, openBatches(db, nowMs))}
        origin={sourceOf(db, batch)}
        locked={isOver(batch)}
      />
      {isOver(batch) || batch.trial ? null : <CancelBatch batchId={batch.id} drawn={drawnWords(db, batch)} />}
      <WhatLiesWhere
        geometry={batch.design.geometry}
        name={batch.design.name}
        speciesId={batch.species.id}
        steps={batch.regimen.steps}
        slots={batch.regimen.slots}
        uses={batch.design.uses}
      />
      <AfterWork
        batchId={batch.id}
        coated={standing.ring.coats > 0}
        verdicts={Object.fromEntries(
          [...verdictsOf(db, batch.id)].map(([kind, row]) => [
            kind,
            { score: row.score, says: `${initialsOf(db).get(row.personId) ?? ''} ${clockTime(row.at, shop.zone, nowMs)}` },
          ]),
        )}
        notes={notesOf(db, batch.id).map((row) => ({
          id: row.id,
          text: row.text,
          says: `${initialsOf(db).get(row.personId) ?? ''} ${clockTime(row.at, shop.zone, nowMs)}`,
        }))}
      />
      <Cautions of={cautions} open={1} />
      {warming ? (
        <Fold says={wording.warmingIt}>
          <p>{warming}</p>
        </Fold>
      ) : null}
    </div>
  );
}

/** For whom it is made, how it is kept, and what stands in unlike pieces. */
function OrderOf({ batch, shop }: Pick<Of, 'batch' | 'shop'>) {
  const said = [
    batch.customer === ''
      ? ''
      : wording.madeFor(batch.customer, batch.dueAt ? wording.promised(dayAndDate(batch.dueAt, shop.zone)) : ''),
    batch.wishes === '' ? '' : wording.wished(batch.wishes),
    batch.upkeep === null ? '' : wording.itsOwner(UPKEEP_WORDS[batch.upkeep]),
    batch.glue === null || batch.glue.name === '' ? '' : wording.gluedWith(batch.glue.name),
    batch.glue === null || batch.glue.with.length === 0
      ? ''
      : wording.inOrOnIt(batch.glue.with.map((one) => ADDED_WORDS[one]).join(', ')),
    batch.ownCare === null
      ? ''
      : wording.careOfItsOwn(
          batch.ownCare.days === null ? '' : wording.everyDays(batch.ownCare.days),
          batch.ownCare.words === '' ? '' : `: ${batch.ownCare.words}`,
        ),
  ].filter(Boolean);
  return said.length > 0 ? <p>{said.join(' ')}</p> : null;
}

/** Where another is begun by what was done in this one: its design, wood, origin, number and lots. */
const againOf = (batch: Batch): string => {
  const asked = new URLSearchParams({
    piece: String(batch.designRevisionId),
    wood: batch.speciesId,
    origin: batch.origin,
    pieces: String(batch.pieces.length),
    again: String(batch.id),
  });
  for (const [slot, lot] of Object.entries(batch.materials)) asked.set(`lot.${slot}`, String(lot.id));
  if (batch.upkeep) asked.set('upkeep', batch.upkeep);
  for (const use of batch.uses ?? []) asked.append('uses', use);
  return `/work/new?${asked.toString()}`;
};
