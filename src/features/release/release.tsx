import 'server-only';
import { notFound } from 'next/navigation';
import type { ComponentProps } from 'react';
import { noticesOfPiece } from '@/core/caution';
import { dateOf, MS_PER_MINUTE, sayMinutes, toMajor } from '@/core/quantity';
import { handlesWet } from '@/core/regimen';
import { type Beside, besideGate, GATES, type GateId, ReleaseRecord } from '@/core/release';
import type { Taught } from '@/core/trial';
import { bottlesFor } from '@/data/care/bottles';
import { unsoldPieces } from '@/data/care/queries';
import { costOfLots, type FinishCost } from '@/data/cost/finish-costs';
import { learnedA0 } from '@/data/cure/learned';
import type { Db } from '@/data/db';
import { contentsOf, decisionsOf, type FoundEvidence, judge } from '@/data/release/commands';
import { costOfBatch, recordFor } from '@/data/release/record';
import { woodOfBatch } from '@/data/release/uses';
import { people, type Shop } from '@/data/shop/queries';
import { taughtOfBatch } from '@/data/trials/teach';
import { type Batch, findBatchId, loadBatch } from '@/data/work/batch';
import { type BatchStanding, standingOfBatch } from '@/data/work/standing';
import {
  CONTACT_WORDS,
  DRYING_WORDS,
  gateName,
  noticesInWords,
  ORIGIN_WORDS,
  sayIssue,
  USE_WORDS,
  VERDICT_WORDS,
} from '@/messages';
import { bottleWords, type SaidBottle } from '@/messages/care';
import { release as wording } from '@/messages/screens/release';
import { shared } from '@/messages/screens/shared';
import { allergenNames } from '@/messages/slip';
import {
  airLineOf,
  checkLinesOf,
  costLinesOf,
  marginLine,
  RecordBody,
  RecordPhotos,
  ragLinesOf,
  recordTime,
} from '@/print/record-body';
import { cautionsWith } from '@/trade/cautions';
import { BatchSign } from '@/trade/drawing/batch-sign';
import { titleOf } from '@/trade/hands/open-batches';
import { linkLook } from '@/ui/button';
import { Cautions } from '@/ui/cautions';
import { Fold } from '@/ui/fold';
import { Link } from '@/ui/link';
import { clockTime, fullDate } from '@/ui/when';
import { reads } from '@/web/here';
import { session } from '@/web/session';
import { Decide } from './components/decide';
import { Labelled, PriceForm } from './components/price-form';
import { SellForm } from './components/sell-form';
import { HeldNotes } from './held-notes';
import { Kinds } from './kinds';

/** What washing trials have moved in how often an owner looks, with what it rests on. */
const taughtWords = ({ factor, boards, trials }: Taught): string =>
  trials === 0 ? '' : wording.itsOwnerIsAsked(factor >= 1 ? 'less' : 'more', Math.round(100 * factor), boards);

/** What stands beside the gates, in words; who and when where someone did it. */
function besideWords(
  batch: Batch,
  { progress, fitness }: BatchStanding,
  evidence: FoundEvidence,
  record: ReleaseRecord,
  nowMs: number,
): Readonly<Record<Beside, readonly string[]>> {
  const lots = batch.on;
  const lastCoat = progress.done.findLast(({ task }) => handlesWet(task.step));
  const checks = checkLinesOf(record).slice(-2).reverse();
  const rags = ragLinesOf(record);
  const wood = batch.treeKnown ? batch.species.food : 'unknown';
  const papers = lots.flatMap((lot) => (lot.statements.length > 0 ? [wording.statementOnFileWith(lot.number)] : []));
  const { undeclared, allergens } = contentsOf(batch);
  const drying =
    [...new Set(lots.flatMap((lot) => (lot.nature ? [DRYING_WORDS[lot.nature.drying]] : [])))].join(', ') || wording.nothingOnIt;
  return {
    progress: [wording.doneLeft(progress.done.length, progress.rest.length)],
    rest: [
      lastCoat
        ? wording.sinceTheLastCoat(sayMinutes((nowMs - lastCoat.fact.atMs) / MS_PER_MINUTE), sayMinutes(lastCoat.task.wait.min))
        : fitness.leastTime
          ? wording.noCoat
          : '',
    ],
    air: [airLineOf(record, reads())],
    checks: checks.length > 0 ? checks : [wording.noneRecorded],
    woods: [...new Map([...batch.kinds.map((kind) => kind.species), ...batch.woods].map((one) => [one.id, one])).values()].map(
      (one, i) => `${one.name}: ${VERDICT_WORDS[i === 0 ? wood : one.food]}. ${one.note}`,
    ),
    origin: [ORIGIN_WORDS[batch.origin]],
    contents: [
      `${CONTACT_WORDS[evidence.contact]}: ${contentsOf(batch).contents.join(', ').toLowerCase() || wording.nothingOnIt}`,
    ],
    papers,
    film: [evidence.filmForming ? wording.aFilmLiesWhere : wording.noFilmWhereIt],
    drying: [drying],
    declared: [undeclared.length === 0 ? wording.allContentsDeclared : wording.notDeclared(undeclared.join(', '))],
    allergens: [wording.allergens(allergenNames('en', allergens, undeclared))],
    cloths: rags.length > 0 ? rags : [wording.noneOpen],
  };
}

/** What each gate rests on. */
function evidenceWords(...of: Parameters<typeof besideWords>): Readonly<Record<GateId, readonly string[]>> {
  const beside = besideWords(...of);
  const shown: Partial<Record<GateId, readonly string[]>> = {};
  for (const id of GATES) shown[id] = besideGate(id).flatMap((fact) => beside[fact]);
  return shown as Readonly<Record<GateId, readonly string[]>>;
}

/** What its finish costs its owner in five years. */
const fiveYears = (db: Db, batch: Batch, nowMs: number): FinishCost | null =>
  batch.trial
    ? null
    : costOfLots(
        db,
        {
          design: batch.design,
          species: batch.species,
          by: 'owner',
          years: 5,
          regimen: batch.regimen,
          lots: Object.fromEntries(Object.entries(batch.materials).map(([slot, lot]) => [slot, lot.id])),
        },
        nowMs,
      );

type BeforeProps = { readonly decisions: ReturnType<typeof decisionsOf>; readonly zone: string };

/** What was decided of it before, and why. */
function JudgedBefore({ decisions, zone }: BeforeProps) {
  return (
    <section className="mt-6">
      <h2 className="mb-1">{wording.judgedBefore}</h2>
      {decisions.map((one) => (
        <p key={one.id}>
          <span className="reading font-semibold">{one.number}</span>
          {wording.on(one.outcome, one.next === 'mend' ? wording.toBeMended : '', fullDate(one.at, zone), one.reason)}
          {one.record ? <a href={`/api/release?number=${one.number}&as=pdf`}>{wording.theRecord}</a> : null}
        </p>
      ))}
    </section>
  );
}

/** Release of one batch: the gates and their evidence, or the record of what was decided. */
export async function ReleasePage({ number }: { readonly number: string }) {
  const { db, shop, nowMs } = await session();
  const id = findBatchId(db, number);
  const batch = id === null ? null : loadBatch(db, id, nowMs);
  if (!batch) notFound();
  const standing = standingOfBatch(db, batch, nowMs, learnedA0(db));
  const judged = judge(db, batch, standing);
  const record = ReleaseRecord.safeParse(batch.release?.record ? JSON.parse(batch.release.record) : null).data;
  const draft = recordFor(db, batch, standing, judged, {
    number: '',
    outcome: 'released',
    next: null,
    reason: '',
    signed: [],
    personId: 0,
    atMs: nowMs,
  });
  const before = decisionsOf(db, batch.id).filter((one) => one.id !== batch.release?.id);
  const years = fiveYears(db, batch, nowMs);
  const jars = bottlesFor(db, batch);
  const jarLotId = costOfBatch(db, batch, standing).jar?.id ?? null;
  return (
    <>
      <Head db={db} batch={batch} standing={standing} notForFood={judged.evidence.notForFood} />
      {(record ?? draft).photos.length > 0 ? (
        <div className="mb-5">
          <RecordPhotos record={record ?? draft} />
        </div>
      ) : null}
      {batch.release ? null : <Kinds batch={batch} />}
      {batch.release ? (
        <Decided
          batch={batch}
          years={years}
          taught={taughtWords(taughtOfBatch(db, batch))}
          unsold={unsoldPieces(db, batch).length}
          who={people(db).find((person) => person.id === batch.release?.personId)?.name ?? ''}
          zone={shop.zone}
          currency={shop.currency}
          today={dateOf(nowMs, shop.zone)}
          record={record ?? null}
          bottles={jars}
          jar={String(jarLotId ?? '')}
          priceMinor={draft.cost.priceMinor}
        />
      ) : batch.trial ? (
        <p className="max-w-prose border-ink border-l-8 bg-paper px-4 py-3 text-lg">
          {sayIssue({ code: 'trial-batch', path: '' }, reads())}{' '}
          <Link href={`/trials/${batch.trial.number}`}>{wording.trial(batch.trial.number)}</Link>
        </p>
      ) : (
        <Undecided
          batch={batch}
          years={years}
          gates={judged.gates}
          evidence={evidenceWords(batch, standing, judged.evidence, draft, nowMs)}
          draft={draft}
          shop={shop}
          jars={jars}
          jarLotId={jarLotId}
        />
      )}
      {before.length > 0 ? <JudgedBefore decisions={before} zone={shop.zone} /> : null}
      <div className="mt-6 max-w-3xl">
        <Cautions
          of={[
            ...cautionsWith(batch.on, {
              doing: 'releasing',
              wood: woodOfBatch(batch),
            }),
            ...noticesInWords(noticesOfPiece(batch.design.uses, judged.evidence.filmForming, true)),
          ]}
          open={3}
        />
      </div>
    </>
  );
}

type DecidedProps = {
  /** What the shop’s washing trials have moved in how often its owner is asked to look; empty where nothing. */
  readonly taught: string;
  readonly years: FinishCost | null;
  readonly batch: Batch;
  readonly unsold: number;
  readonly who: string;
  readonly zone: string;
  readonly currency: string;
  readonly today: string;
  readonly record: ReleaseRecord | null;
  readonly bottles: React.ComponentProps<typeof SellForm>['bottles'];
  readonly jar: string;
  readonly priceMinor: number | null;
};

/** What a piece cost and what is left of its price. */
function CostOf({ record, years }: { readonly record: ReleaseRecord; readonly years: FinishCost | null }) {
  return (
    <section>
      <h2 className="mb-1">{wording.costOfAPiece}</h2>
      <dl className="reading grid grid-cols-[8rem_1fr] gap-y-0.5">
        {costLinesOf(record, reads()).map(([name, says]) => (
          <div key={name} className="contents">
            <dt className="text-soft">{name}</dt>
            <dd className={says === 'not entered' ? 'text-soft' : 'font-semibold'}>{says}</dd>
          </div>
        ))}
        {years ? (
          <>
            <dt className="text-soft">{wording.overFiveYears}</dt>
            <dd>{wording.aYearItsFinish(years.likely.perYear.toFixed(2), record.cost.currency)}</dd>
          </>
        ) : null}
        <dt className="border-ink border-t text-soft">{wording.leftOfThePrice}</dt>
        <dd className={`border-ink border-t font-semibold ${(record.cost.marginMinor ?? 0) < 0 ? 'text-late' : ''}`}>
          {(record.cost.marginMinor ?? 0) < 0 ? '▲ ' : ''}
          {marginLine(record)}
        </dd>
      </dl>
    </section>
  );
}

function Decided({ batch, unsold, who, zone, currency, today, record, bottles, jar, priceMinor, years, taught }: DecidedProps) {
  const { release } = batch;
  if (!release) return null;
  const gates = release.gates as readonly { readonly id: string; readonly met: boolean }[];
  const signed = release.signed as readonly string[];
  return (
    <div className="grid gap-10 wide:grid-cols-2">
      <section>
        <h2 className="mb-1">
          {wording.record}
          <span className="reading">{release.number}</span>
        </h2>
        <p className="mb-2">
          {release.outcome === 'released' ? wording.released : wording.refused} {fullDate(release.at, zone)},{' '}
          {clockTime(release.at, zone).split(' ').at(-1)}
          {wording.byTheRecordDoes(who, release.reason ? wording.reason(release.reason) : '')}
        </p>
        <ul>
          {gates.map((gate) => (
            <li key={gate.id} className="border-hair border-t py-1">
              <span className={gate.met ? 'text-fit' : 'text-late'}>{gate.met ? '● ' : '○ '}</span>
              {gateName(gate.id, record?.version ?? 1)}
              {signed.includes(gate.id) ? wording.signedFor : ''}
            </li>
          ))}
        </ul>
        {record ? (
          <>
            <p className="mt-3 flex flex-wrap gap-3">
              <a href={`/api/release?number=${release.number}&as=pdf`} className={linkLook('main')}>
                {wording.recordAsPdf}
              </a>
              <a href={`/api/release?number=${release.number}&as=json`} className={linkLook('plain')}>
                {wording.recordAsJson}
              </a>
            </p>
            <div className="mt-4">
              <CostOf record={record} years={years} />
            </div>
            <Fold className="mt-3" line="strong" says={wording.whatItRestsOn}>
              <RecordBody reads={reads()} record={record} />
            </Fold>
          </>
        ) : (
          <p className="mt-3 text-soft">{wording.itWasDecidedBefore}</p>
        )}
      </section>
      {release.outcome === 'released' ? (
        <SellForm
          taught={taught}
          batchId={batch.id}
          upkeep={batch.upkeep}
          customer={batch.customer}
          unsold={unsold}
          currency={currency}
          today={today}
          bottles={bottles}
          bottle={jar}
          price={priceMinor === null ? '' : String(toMajor(priceMinor, currency))}
        />
      ) : null}
    </div>
  );
}

type HeadProps = { readonly db: Db; readonly batch: Batch; readonly standing: BatchStanding; readonly notForFood: boolean };

/** What it is and is for, and what stands against its sale. */
function Head({ db, batch, standing, notForFood }: HeadProps) {
  const { allergens, undeclared } = contentsOf(batch);
  return (
    <div className="mb-4 flex flex-wrap items-center gap-6">
      <BatchSign batch={batch} facts={standing.ring} size={96} />
      <div className="grow">
        <p className="reading font-semibold">{batch.number}</p>
        <h1>{batch.release ? `${titleOf(batch)}, ${batch.release.outcome}` : wording.fitToSell(titleOf(batch))}</h1>
        <p>{wording.forWord(batch.design.uses.map((use) => USE_WORDS[use]).join(', '))}</p>
        {notForFood ? <p className="font-semibold text-late">{wording.notForFoodIts}</p> : null}
        <p>
          {wording.allergensForTheSlip}
          <strong>{allergenNames('en', allergens, undeclared)}</strong>
        </p>
        {undeclared.length > 0 ? <p>{wording.contentsNotAllDeclared(undeclared.join(', '))}</p> : null}
        <HeldNotes db={db} batch={batch} />
      </div>
      <Link href={`/cure/${batch.number}`} className={linkLook('plain')}>
        {wording.cureAndChecks}
      </Link>
    </div>
  );
}

type UndecidedProps = {
  readonly years: FinishCost | null;
  readonly batch: Batch;
  readonly gates: ComponentProps<typeof Decide>['gates'];
  readonly evidence: ComponentProps<typeof Decide>['evidence'];
  readonly draft: ReleaseRecord;
  readonly shop: Shop;
  readonly jars: readonly SaidBottle[];
  readonly jarLotId: number | null;
};

type LabelsProps = { readonly on: ReleaseRecord['labelled']; readonly batch: Batch; readonly zone: string };

function Labels({ on, batch, zone }: LabelsProps) {
  return (
    <>
      <h3 className="mt-4">{shared.labels}</h3>
      {on ? (
        <p className="reading">{wording.onSince(recordTime(on.at, zone), on.by)}</p>
      ) : (
        <Labelled batchId={batch.id} number={batch.number} />
      )}
    </>
  );
}

/** The gates with their evidence, what it costs, and its labels. */
function Undecided({ batch, gates, evidence, draft, shop, jars, jarLotId, years }: UndecidedProps) {
  return (
    <div className="grid gap-x-12 gap-y-8 wide:grid-cols-[minmax(0,1.7fr)_minmax(0,1fr)]">
      <Decide batchId={batch.id} gates={gates} evidence={evidence} />
      <div>
        <CostOf record={draft} years={years} />
        <PriceForm
          batchId={batch.id}
          currency={shop.currency}
          wood={draft.cost.parts.wood == null ? '' : String(toMajor(draft.cost.parts.wood, shop.currency))}
          price={draft.cost.priceMinor === null ? '' : String(toMajor(draft.cost.priceMinor, shop.currency))}
          jar={String(jarLotId ?? '')}
          jars={[
            ...jars.map((one) => ({ value: String(one.lotId), name: bottleWords(one, shop.currency) })),
            ...(jarLotId !== null && jars.every((one) => one.lotId !== jarLotId)
              ? [{ value: String(jarLotId), name: wording.noneLeft(draft.cost.jar) }]
              : []),
          ]}
        />
        <Labels on={draft.labelled} batch={batch} zone={shop.zone} />
        <Fold className="mt-4" line="strong" says={wording.theRestOfThe}>
          <RecordBody reads={reads()} record={draft} />
        </Fold>
      </div>
    </div>
  );
}
