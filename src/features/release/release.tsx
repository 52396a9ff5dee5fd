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
import { contentsOf, decisionsOf, type Found, judge } from '@/data/release/commands';
import { recordFor } from '@/data/release/record';
import { woodOfBatch } from '@/data/release/uses';
import { people, type Shop } from '@/data/shop/queries';
import { allLots } from '@/data/stores/queries';
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
import { type Bottle, bottleWords } from '@/messages/care';
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
import { reads } from '@/web/reads-here';
import { session } from '@/web/session';
import { Decide } from './components/decide';
import { Labelled, PriceForm } from './components/price-form';
import { SellForm } from './components/sell-form';
import { HeldNotes } from './held-notes';
import { Kinds } from './kinds';

/** What washing trials have moved in how often an owner looks, with what it rests on. */
const taughtWords = ({ factor, boards, trials }: Taught): string =>
  trials === 0
    ? ''
    : `Its owner is asked to look ${factor >= 1 ? 'less' : 'more'} often than the house would: the interval is ${Math.round(100 * factor)} % of it, by ${boards} boards of washing trials.`;

/** What stands beside the gates, in words; who and when where someone did it. */
function besideWords(
  batch: Batch,
  { progress, fitness }: BatchStanding,
  evidence: Found,
  record: ReleaseRecord,
  nowMs: number,
): Readonly<Record<Beside, readonly string[]>> {
  const lots = batch.on;
  const lastCoat = progress.done.findLast(({ task }) => handlesWet(task.step));
  const checks = checkLinesOf(record).slice(-2).reverse();
  const rags = ragLinesOf(record);
  const wood = batch.treeKnown ? batch.species.food : 'unknown';
  const papers = lots.flatMap((lot) => (lot.statements.length > 0 ? [`statement on file with ${lot.number}`] : []));
  const { undeclared, allergens } = contentsOf(batch);
  const drying =
    [...new Set(lots.flatMap((lot) => (lot.nature ? [DRYING_WORDS[lot.nature.drying]] : [])))].join(', ') || 'nothing on it';
  return {
    progress: [`${progress.done.length} done, ${progress.rest.length} left`],
    rest: [
      lastCoat
        ? `${sayMinutes((nowMs - lastCoat.fact.atMs) / MS_PER_MINUTE)} since the last coat; least ${sayMinutes(lastCoat.task.wait.min)}`
        : fitness.leastTime
          ? 'no coat'
          : '',
    ],
    air: [airLineOf(record, reads())],
    checks: checks.length > 0 ? checks : ['none recorded'],
    woods: [...new Map([...batch.kinds.map((kind) => kind.species), ...batch.woods].map((one) => [one.id, one])).values()].map(
      (one, i) => `${one.name}: ${VERDICT_WORDS[i === 0 ? wood : one.food]}. ${one.note}`,
    ),
    origin: [ORIGIN_WORDS[batch.origin]],
    contents: [`${CONTACT_WORDS[evidence.contact]}: ${contentsOf(batch).contents.join(', ').toLowerCase() || 'nothing on it'}`],
    papers,
    film: [evidence.filmForming ? 'a film lies where it meets its use' : 'no film where it meets its use'],
    drying: [drying],
    declared: [undeclared.length === 0 ? 'all contents declared' : `not declared: ${undeclared.join(', ')}`],
    allergens: [`allergens: ${allergenNames('en', allergens, undeclared)}`],
    cloths: rags.length > 0 ? rags : ['none open'],
  };
}

/** What each gate rests on. */
function evidenceWords(...of: Parameters<typeof besideWords>): Readonly<Record<GateId, readonly string[]>> {
  const beside = besideWords(...of);
  const shown: Partial<Record<GateId, readonly string[]>> = {};
  for (const id of GATES) shown[id] = besideGate(id).flatMap((fact) => beside[fact]);
  return shown as Readonly<Record<GateId, readonly string[]>>;
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
  const years = batch.trial
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
  const jars = bottlesFor(db, batch);
  const jarLotId = allLots(db).find((lot) => lot.number === draft.cost.jar)?.id ?? null;
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
          <Link href={`/trials/${batch.trial.number}`}>Trial {batch.trial.number}</Link>
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
      {before.length > 0 ? (
        <section className="mt-6">
          <h2 className="mb-1">Judged before</h2>
          {before.map((one) => (
            <p key={one.id}>
              <span className="reading font-semibold">{one.number}</span> {one.outcome}
              {one.next === 'mend' ? ', to be mended' : ''} on {fullDate(one.at, shop.zone)}: {one.reason}.{' '}
              {one.record ? <a href={`/api/release?number=${one.number}&as=pdf`}>The record</a> : null}
            </p>
          ))}
        </section>
      ) : null}
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
      <h2 className="mb-1">Cost of a piece</h2>
      <dl className="reading grid grid-cols-[8rem_1fr] gap-y-0.5">
        {costLinesOf(record, reads()).map(([name, says]) => (
          <div key={name} className="contents">
            <dt className="text-soft">{name}</dt>
            <dd className={says === 'not entered' ? 'text-soft' : 'font-semibold'}>{says}</dd>
          </div>
        ))}
        {years ? (
          <>
            <dt className="text-soft">Over five years</dt>
            <dd>
              {years.likely.perYear.toFixed(2)} {record.cost.currency} a year, its finish and upkeep
            </dd>
          </>
        ) : null}
        <dt className="border-ink border-t text-soft">Left of the price</dt>
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
          Record <span className="reading">{release.number}</span>
        </h2>
        <p className="mb-2">
          {release.outcome === 'released' ? 'Released' : 'Refused'} {fullDate(release.at, zone)},{' '}
          {clockTime(release.at, zone).split(' ').at(-1)}, by {who}.{release.reason ? ` Reason: ${release.reason}.` : ''} The
          record does not change.
        </p>
        <ul>
          {gates.map((gate) => (
            <li key={gate.id} className="border-hair border-t py-1">
              <span className={gate.met ? 'text-fit' : 'text-late'}>{gate.met ? '● ' : '○ '}</span>
              {gateName(gate.id, record?.version ?? 1)}
              {signed.includes(gate.id) ? ', signed for' : ''}
            </li>
          ))}
        </ul>
        {record ? (
          <>
            <p className="mt-3 flex flex-wrap gap-3">
              <a href={`/api/release?number=${release.number}&as=pdf`} className={linkLook('main')}>
                Record as PDF
              </a>
              <a href={`/api/release?number=${release.number}&as=json`} className={linkLook('plain')}>
                Record as JSON
              </a>
            </p>
            <div className="mt-4">
              <CostOf record={record} years={years} />
            </div>
            <Fold className="mt-3" line="strong" says="What it rests on">
              <RecordBody reads={reads()} record={record} />
            </Fold>
          </>
        ) : (
          <p className="mt-3 text-soft">It was decided before whole records were kept.</p>
        )}
      </section>
      {release.outcome === 'released' ? (
        <SellForm
          taught={taught}
          batchId={batch.id}
          keeper={batch.keeper}
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
        <h1>{batch.release ? `${titleOf(batch)}, ${batch.release.outcome}` : `Fit to sell? ${titleOf(batch)}`}</h1>
        <p>For {batch.design.uses.map((use) => USE_WORDS[use]).join(', ')}.</p>
        {notForFood ? (
          <p className="font-semibold text-late">▲ Not for food: its slip, its page and its letters say so.</p>
        ) : null}
        <p>
          Allergens for the slip: <strong>{allergenNames('en', allergens, undeclared)}</strong>
        </p>
        {undeclared.length > 0 ? <p>Contents not all declared: {undeclared.join(', ')}. The slip says so.</p> : null}
        <HeldNotes db={db} batch={batch} />
      </div>
      <Link href={`/cure/${batch.number}`} className={linkLook('plain')}>
        Cure and checks
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
  readonly jars: readonly Bottle[];
  readonly jarLotId: number | null;
};

type LabelsProps = { readonly on: ReleaseRecord['labelled']; readonly batch: Batch; readonly zone: string };

function Labels({ on, batch, zone }: LabelsProps) {
  return (
    <>
      <h3 className="mt-4">Labels</h3>
      {on ? (
        <p className="reading">
          ● On since {recordTime(on.at, zone)}, {on.by}
        </p>
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
              ? [{ value: String(jarLotId), name: `${draft.cost.jar}, none left` }]
              : []),
          ]}
        />
        <Labels on={draft.labelled} batch={batch} zone={shop.zone} />
        <Fold className="mt-4" line="strong" says="The rest of the record">
          <RecordBody reads={reads()} record={draft} />
        </Fold>
      </div>
    </div>
  );
}
