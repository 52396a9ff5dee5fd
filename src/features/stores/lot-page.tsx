import 'server-only';
import { notFound } from 'next/navigation';
import { type RightLot, rightsOf } from '@/core/blend';
import { findIngredient, lifeOf, worthKeeping } from '@/core/material';
import { dateOf, say } from '@/core/quantity';
import { bathState } from '@/data/bath/bath';
import type { Db } from '@/data/db';
import { places, type Shop } from '@/data/shop/queries';
import { bottleOf } from '@/data/stores/bottles';
import { readyMadeBefore } from '@/data/stores/commands';
import { mayDryOut } from '@/data/stores/into-air';
import { type KnownLot, lotOf, lotsNow, materialIdOf, usable } from '@/data/stores/queries';
import { readyMades } from '@/data/stores/ready-mades';
import { references } from '@/data/stores/references';
import { recordOf } from '@/data/stores/senses';
import { traceOf } from '@/data/trace/queries';
import { DOUBT_WORDS, WHY_WORDS } from '@/messages';
import { shared } from '@/messages/screens/shared';
import { lotPage as wording } from '@/messages/screens/stores';
import { cautionsWith } from '@/trade/cautions';
import { Tried } from '@/trade/tried';
import { linkLook } from '@/ui/button';
import { Cautions } from '@/ui/cautions';
import { Fold } from '@/ui/fold';
import { Link } from '@/ui/link';
import { toTheMinute } from '@/ui/when';
import { reads } from '@/web/here';
import { catalogue } from '@/web/here-catalogue';
import { session } from '@/web/session';
import type { Search } from '@/web/table/asked';
import { type Column, DataTable } from '@/web/table/table';
import { Bath } from './bath';
import { bathLots } from './bath-lots';
import { LotButtons } from './components/lot-buttons';
import { KeepReference, PutRight } from './components/sheets';
import { LifeLine } from './life-line';
import { LotEvidence } from './lot-evidence';
import { LotFacts } from './lot-facts';
import { ReachedFromLot } from './reached';
import { TraceDrawing } from './trace-drawing';
import { TraceList } from './trace-list';

const asRight = (lot: KnownLot): RightLot => ({
  id: lot.id,
  number: lot.number,
  title: lot.title,
  leftG: lot.leftG,
  receivedG: lot.receivedG,
  waxEquivalent: lot.nature?.waxEquivalent ?? 0,
  composition: lot.composition,
});

/** The columns of a lot's movements. */
const movementColumns = (zone: string): readonly Column<ReturnType<typeof recordOf>['movements'][number]>[] => [
  { id: 'at', name: wording.when, by: (one) => one.at, className: 'reading', cell: (one) => toTheMinute(one.at, zone) },
  { id: 'who', name: wording.who, by: (one) => one.initials, className: 'reading', cell: (one) => one.initials },
  {
    id: 'why',
    name: wording.what,
    by: (one) => [WHY_WORDS[one.why], one.batch, one.pot].filter(Boolean).join(' '),
    className: 'reading',
    cell: (one) => (
      <>
        {WHY_WORDS[one.why]}
        {one.batch ? (
          <>
            {' '}
            <Link href={`/work/${one.batch}`}>{one.batch}</Link>
          </>
        ) : null}
        {one.pot ? wording.into(one.pot) : ''}
      </>
    ),
  },
  {
    id: 'grams',
    name: wording.howMuch,
    right: true,
    by: (one) => one.grams,
    className: 'reading font-semibold',
    cell: (one) => `${one.grams > 0 ? '+' : '−'} ${say(Math.abs(one.grams), 'g', reads())}`,
  },
];

/** One lot whole: what it is, what was found of it, every movement, and its trace both ways. */
export async function LotPage({ id, search }: { readonly id: number; readonly search: Search }) {
  const { db, shop, nowMs } = await session();
  const lots = lotsNow(db);
  const lot = lotOf(db, id);
  const trace = lot ? traceOf(db, id) : null;
  if (!lot || !trace) notFound();
  const record = recordOf(db, id);
  const today = dateOf(nowMs, shop.zone);
  const ready = lot.readyMadeId === null ? undefined : readyMades(db).find((one) => one.id === lot.readyMadeId);
  const ownHold = lot.held?.number === lot.number;
  return (
    <>
      <p className="reading">
        <Link href="/stores">{wording.stores}</Link>
      </p>
      <LotHead lot={lot} />
      {ownHold ? <ReachedFromLot trace={trace} lotId={id} /> : null}
      <LotActions lot={lot} lots={lots} db={db} shop={shop} record={record} nowMs={nowMs} />
      <div className="mt-4 max-w-3xl">
        <Cautions of={cautionsWith([lot], { doing: 'reading' })} open={2} />
      </div>
      <div className="mt-6 grid gap-x-12 gap-y-6 bench:grid-cols-2">
        <LotFacts lot={lot} ready={ready} shop={shop} today={today} />
        <LotEvidence
          lot={lot}
          ready={ready}
          known={references(db).filter((one) => one.materialId === materialIdOf(lot))}
          before={ready ? readyMadeBefore(db, ready.id) : []}
          record={record}
          zone={shop.zone}
        />
      </div>
      <Tried db={db} lotIds={[id]} />
      <section className="mt-8">
        <h2 className="mb-1">{wording.itsLife}</h2>
        <LifeLine
          life={lifeOf(
            [...record.movements].reverse(),
            record.holds.map((one) => ({ from: one.at, until: one.liftedAt })),
          )}
          openedOn={lot.openedOn}
          goodUntil={lot.bestBefore}
          checkedAt={record.checks.map((one) => one.at)}
          zone={shop.zone}
          nowMs={nowMs}
        />
      </section>
      <section className="mt-8">
        <div className="flex flex-wrap items-baseline justify-between gap-4">
          <h2>{wording.whereItCameFrom}</h2>
          <a href={`/api/trace?lot=${id}`}>{wording.theListAsCsv}</a>
        </div>
        <TraceDrawing trace={trace} />
        <TraceList trace={trace} />
      </section>
      <Fold
        className="mt-8 max-w-2xl"
        open={Object.keys(search).some((key) => key.startsWith('moves-'))}
        line="strong"
        says={wording.everyMovementOfIt(record.movements.length)}
      >
        <DataTable
          id="moves"
          path={`/stores/lots/${id}`}
          search={search}
          rows={record.movements}
          columns={movementColumns(shop.zone)}
          keyOf={(one) => one.id}
        />
      </Fold>
    </>
  );
}

/** What forbids or asks something of a lot. */
function LotNotes({ lot }: { readonly lot: KnownLot }) {
  return (
    <>
      {lot.held ? (
        <p role="alert" className="mb-4 border-late border-l-8 bg-paper px-4 py-3 text-lg font-semibold">
          {wording.heldNothingMayBe(lot.held.number === lot.number ? '' : wording.becauseIs(lot.held.number), lot.held.reason)}
        </p>
      ) : null}
      {lot.doubt && !lot.held ? (
        <p role="status" className="mb-4 border-late border-l-8 bg-paper px-4 py-3">
          <strong>
            ▲ {lot.doubt.number === lot.number ? wording.it : lot.doubt.number} {DOUBT_WORDS[lot.doubt.kind].short}.
          </strong>{' '}
          {DOUBT_WORDS[lot.doubt.kind].use}
        </p>
      ) : null}
      {lot.overdrawnG > 0.05 ? (
        <p role="status" className="mb-4 border-cure border-l-8 bg-paper px-4 py-3">
          <strong>{wording.countIt}</strong>
          {wording.moreWereDrawnThan(say(lot.overdrawnG, 'g', reads()))}
          <Link href="/stores">{wording.stores}</Link>.
        </p>
      ) : null}
    </>
  );
}

/** Its number, what is left of it, and what forbids or asks something. */
function LotHead({ lot }: { readonly lot: KnownLot }) {
  return (
    <>
      <div className="mb-3 flex flex-wrap items-end justify-between gap-4">
        <div>
          <p className="reading text-4xl font-semibold leading-none">{lot.number}</p>
          <h1>{lot.title}</h1>
        </div>
        <p className="reading text-right">
          <strong className="text-4xl leading-none">{say(lot.leftG, 'g', reads())}</strong>
          <span className="block text-soft">
            {wording.leftOf(
              say(lot.receivedG, 'g', reads()),
              lot.countLeft === null ? '' : wording.ofTins(lot.countLeft, lot.count),
            )}
          </span>
        </p>
      </div>
      <LotNotes lot={lot} />
    </>
  );
}

type ActionsProps = {
  readonly db: Db;
  readonly shop: Shop;
  readonly lot: KnownLot;
  readonly lots: readonly KnownLot[];
  readonly record: ReturnType<typeof recordOf>;
  readonly nowMs: number;
};

/** What may be done with it. */
function LotActions({ db, shop, lot, lots, record, nowMs }: ActionsProps) {
  const { id } = lot;
  const today = dateOf(nowMs, shop.zone);
  const others = usable(lots).filter((one) => one.id !== id);
  const known = references(db).filter((one) => one.materialId === materialIdOf(lot));
  // It was opened at the latest when it was first drawn from; the maker may say otherwise.
  const first = [...record.movements].reverse().find((one) => one.grams < 0 && one.why !== 'count' && one.why !== 'correction');
  const firstDrawn = first ? dateOf(first.at, shop.zone) : null;
  const vessel = lot.kind === 'bottle' ? bottleOf(db, id) : null;
  const strained = record.checks.find((check) => check.kind === 'strained');
  return (
    <>
      <LotButtons
        lot={{
          id,
          number: lot.number,
          kind: lot.kind,
          countLeft: lot.countLeft,
          hasWax: (lot.nature?.waxFraction ?? 0) > 0 && lot.kind === 'made',
          leftG: lot.leftG,
          mayDryOut: mayDryOut(lot, catalogue()),
          references: known.map(({ id: one, says }) => ({ id: one, says })),
          version: lot.version,
          placing: {
            place: lot.placeId === null ? '' : String(lot.placeId),
            openedOn: lot.openedOn ?? firstDrawn ?? '',
            bestBefore: lot.labelBestBefore ?? '',
            within: lot.useWithinDays === null ? '' : String(lot.useWithinDays),
          },
          bottle: vessel && { hasTare: vessel.tareG !== null, hasBore: vessel.boreMm !== null },
        }}
        isHeld={lot.held?.number === lot.number}
        places={[
          { value: '', name: wording.nobodySaid },
          ...places(db).map((one) => ({ value: String(one.id), name: one.name })),
        ]}
        others={others
          .filter((one) => one.kind !== 'tin' && one.kind !== 'bath')
          .map(({ id: from, number, title }) => ({ id: from, number, title }))}
        sources={bathLots(others).lots.map(({ id: from, number, title }) => ({ id: from, number, title }))}
        today={today}
        currency={shop.currency}
      />
      {lot.kind === 'made' && lot.leftG > 0 && !lot.held && rightsOf(asRight(lot), catalogue()).length > 0 ? (
        <div className="mt-2 flex flex-wrap gap-2">
          <PutRight
            ambientC={shop.ambientC}
            lot={asRight(lot)}
            others={others.filter((one) => one.kind !== 'tin' && one.kind !== 'bath').map(asRight)}
          />
        </div>
      ) : null}
      {lot.kind === 'bought' && worthKeeping(findIngredient(lot.ingredientId ?? '', catalogue()) ?? { family: 'solvent' }) ? (
        <div className="mt-2">
          <KeepReference lotId={id} number={lot.number} name={lot.title} />
        </div>
      ) : null}
      {lot.kind === 'made' || lot.kind === 'tin' ? (
        <p className="mt-2">
          <Link href={`/stores/lots/${id}/label`} className={linkLook('plain')}>
            {shared.labels}
          </Link>
        </p>
      ) : null}
      {lot.kind === 'bath' ? (
        <Bath
          state={bathState(db, lot, nowMs)}
          lastClear={record.checks.find((check) => check.kind === 'clear')?.pass ?? null}
          strainedOn={strained ? dateOf(strained.at, shop.zone) : null}
          startedOn={dateOf(lot.at, shop.zone)}
          today={today}
          zone={shop.zone}
          nowMs={nowMs}
        />
      ) : null}
    </>
  );
}
