import 'server-only';
import { type RunsOut, runningOut, USE_WINDOW_DAYS } from '@/core/material';
import { dateOf, formatMoney, MS_PER_DAY, say } from '@/core/quantity';
import type { Db } from '@/data/db';
import { places } from '@/data/shop/queries';
import { mayDryOut } from '@/data/stores/into-air';
import { ownMaterialRows } from '@/data/stores/own-materials';
import { allLots, containers, type KnownLot, lotCount, lotsNow } from '@/data/stores/queries';
import { readyMades } from '@/data/stores/ready-mades';
import { supplies, usedUp } from '@/data/stores/used-up';
import { DOUBT_WORDS, WHY_NONE_WORDS } from '@/messages';
import { shared } from '@/messages/screens/shared';
import { stores as wording } from '@/messages/screens/stores';
import { FamilySwatch } from '@/ui/family';
import { Link } from '@/ui/link';
import { longDate } from '@/ui/when';
import { FileSheet } from '@/web/file-sheet';
import { FormSheet } from '@/web/form/form-sheet';
import { reads } from '@/web/here';
import { catalogue } from '@/web/here-catalogue';
import { session } from '@/web/session';
import type { Search } from '@/web/table/asked';
import { type Column, DataTable } from '@/web/table/table';
import { bathLots } from './bath-lots';
import { IngredientList } from './components/ingredient-list';
import { Jars } from './components/jars';
import { AddLot, BoughtFinish, CountLot, OwnIngredient, StockTake } from './components/sheets';
import { Supplies } from './components/supplies';
import { lookAtStores, startBath, takeStores } from './lot-actions';
import { amountWords, lastsWords } from './order';
import { bestBefore, familyOf, LotShelf } from './shelf';

const KINDS = {
  bought: 'Ingredient lots',
  ready: 'Bought finishes',
  made: 'Blend lots',
  bottle: wording.bottlesAtHand,
  bath: 'Baths',
  tin: 'Filled tins',
} as const;

type HeadProps = {
  readonly db: Db;
  readonly currency: string;
  readonly lots: readonly KnownLot[];
  /** Whether a delivery is taken in at once. */
  readonly receiving: boolean;
};

/** What can be added to the stores. */
function StoresHead({ db, currency, lots, receiving }: HeadProps) {
  const bath = bathLots(lots);
  const sources = bath.lots.map((lot) => ({ value: String(lot.id), name: `${lot.number} ${lot.title}` }));
  return (
    <div className="flex flex-wrap items-center justify-between gap-4">
      <h1>{wording.stores}</h1>
      <div className="flex flex-wrap gap-2">
        <AddLot currency={currency} ready={readyMades(db)} places={places(db)} opened={receiving} />
        <StockTake lots={lots.filter((lot) => lot.kind !== 'tin' && lot.leftG > 0)} />
        <BoughtFinish />
        <OwnIngredient />
        <FormSheet
          opens={wording.startABath}
          title={wording.startABath}
          say={wording.aVesselThatPieces}
          saves={wording.itIsFilled}
          fields={[
            { name: 'name', label: wording.whatTheShopCalls, hint: wording.longTrough },
            { name: 'from', label: wording.filledFrom, options: sources, hint: bath.why ? WHY_NONE_WORDS[bath.why] : '' },
            { name: 'amount', label: wording.howMuch, hint: '12 l, 2 kg' },
          ]}
          save={startBath}
        />
        <FileSheet
          opens={wording.takeAListIn}
          title={wording.lotsOrJarsFrom}
          say={wording.csvLotsIngredientAmount}
          look={lookAtStores}
          take={takeStores}
        />
      </div>
    </div>
  );
}

/** Stores: what is there, what it cost, how long it keeps; jars; and every ingredient with its facts. */
export async function Stores({ search }: { readonly search: Search }) {
  const { db, shop, nowMs } = await session();
  const now = lotsNow(db);
  const older = lotCount(db) - now.length;
  const lots = search.older === undefined ? now : allLots(db);
  const today = dateOf(nowMs, shop.zone);
  const soon = runningOut(usedUp(db, nowMs), nowMs);
  return (
    <>
      <StoresHead db={db} currency={shop.currency} lots={lots} receiving={search.do === 'receive'} />
      {lots
        .filter((lot) => lot.overdrawnG > 0.05)
        .map((lot) => (
          <p key={lot.id} role="status" className="mt-3 flex flex-wrap items-center gap-x-3 border-cure border-l-8 bg-paper px-3">
            <span>
              <strong>{wording.count(lot.number)}</strong>
              {wording.moreOfWereUsed(say(lot.overdrawnG, 'g', reads()), lot.title.toLowerCase())}
            </span>
            <CountLot lotId={lot.id} number={lot.number} leftG={lot.leftG} mayDryOut={mayDryOut(lot, catalogue())} />
          </p>
        ))}
      <RunOut rows={soon} />
      {lots.length === 0 ? <p className="mt-4 max-w-prose">{wording.nothingIsInThe}</p> : null}
      <Parts lots={lots} />
      <LotShelf lots={lots} today={today} />
      {(Object.keys(KINDS) as (keyof typeof KINDS)[]).map((kind) => (
        <LotTable
          key={kind}
          id={kind}
          search={search}
          lots={standingFirst(lots.filter((lot) => lot.kind === kind))}
          columns={columnsOf(today, shop.currency)}
        />
      ))}
      {older > 0 && search.older === undefined ? (
        <p className="mt-3">
          {wording.wereUsedUpLong(older, USE_WINDOW_DAYS)} <Link href="/stores?older=1">{wording.listThemToo}</Link>
        </p>
      ) : null}
      <h2 id="jars" className="mt-8 mb-2 scroll-mt-24">
        {wording.jarsAndTinsTo}
      </h2>
      <Jars
        jars={containers(db).map((jar) => ({
          ...jar,
          price: jar.priceMinor === null ? null : formatMoney(jar.priceMinor, shop.currency),
        }))}
      />
      <h2 id="supplies" className="mt-8 mb-2 scroll-mt-24">
        {wording.usedUpBesideIt}
      </h2>
      <Supplies
        rows={supplies(db, nowMs - USE_WINDOW_DAYS * MS_PER_DAY).map(({ id, name, counted, left }) => {
          const out = soon.find((row) => row.id === `supply ${id}`);
          return { id, name, counted, left, says: out ? wording.enoughFor(lastsWords(out.days)) : '' };
        })}
      />
      <p className="mt-6 border-rule border-t pt-2 text-soft">
        {wording.asCsv}
        <a href="/api/stores?sheet=lots">{wording.lots}</a>, <a href="/api/stores?sheet=movements">{wording.everyMovement}</a>,{' '}
        <a href="/api/stores?sheet=jars">{wording.jars}</a>, <a href="/api/stores?sheet=finishes">{wording.boughtFinishes}</a>,{' '}
        <a href="/api/stores?sheet=supplies">{wording.supplies}</a>, <a href="/api/stores?sheet=order">{wording.whatToOrder}</a>.
      </p>
      <h2 id="ingredients" className="mt-8 mb-1 scroll-mt-24">
        {wording.ingredients}
      </h2>
      <IngredientList
        own={ownMaterialRows(db).map(({ id, facts, photoHash, number, at }) => ({
          id,
          facts,
          photoHash,
          number,
          since: longDate(dateOf(at, shop.zone)),
        }))}
      />
    </>
  );
}

const OTHER_PARTS = [
  ['jars', wording.jarsAndTinsToFill],
  ['supplies', wording.usedUpBesideIt],
  ['ingredients', 'Ingredients'],
] as const;

/** The parts of a long page, each with how many lots of it still hold something. */
function Parts({ lots }: { readonly lots: readonly KnownLot[] }) {
  const kinds = (Object.keys(KINDS) as (keyof typeof KINDS)[]).flatMap((kind) => {
    const count = lots.filter((lot) => lot.kind === kind && lot.leftG > 0.05).length;
    return lots.some((lot) => lot.kind === kind) ? [[kind, KINDS[kind], count] as const] : [];
  });
  return (
    <nav aria-label={wording.partsOfTheStores} className="mt-2 flex flex-wrap gap-x-5">
      {[...kinds, ...OTHER_PARTS].map(([id, name, count]) => (
        <a key={id} href={`#${id}`} className="inline-flex min-h-11 items-center">
          {name}
          {count === undefined ? null : <span className="reading ml-1 text-soft">{count}</span>}
        </a>
      ))}
    </nav>
  );
}

/** What is there stands before what is used up. */
const standingFirst = (lots: readonly KnownLot[]): KnownLot[] =>
  [...lots].sort((a, b) => Number(a.leftG <= 0.05) - Number(b.leftG <= 0.05) || a.number.localeCompare(b.number));

/** So many of what runs out are said above the shelves; the rest stand in the order list. */
const MOST_SAID = 4;

/** What runs out first at the rate it was used, with the way to the order list. An estimate. */
function RunOut({ rows }: { readonly rows: readonly RunsOut[] }) {
  if (rows.length === 0) return null;
  return (
    <p className="mt-3 border-ink border-l-4 pl-3">
      {wording.atTheRateOf}
      {rows.slice(0, MOST_SAID).map((row, i) => (
        <span key={row.id}>
          {i > 0 ? '; ' : ''}
          <strong>{row.name}</strong>
          {wording.forWord}
          <strong className="reading">{lastsWords(row.days)}</strong>{' '}
          <span className="reading text-soft">
            {wording.atADay(amountWords(row.left, row.counted), amountWords(row.perDay, row.counted))}
          </span>
        </span>
      ))}
      {rows.length > MOST_SAID ? wording.andMore(rows.length - MOST_SAID) : ''}.{' '}
      <Link href="/stores/order" className="inline-flex min-h-11 items-center font-semibold">
        {wording.whatToOrder2}
      </Link>
    </p>
  );
}

/** What a lot is, how much of it was counted, and what is wrong with it. */
function LotIs({ lot }: { readonly lot: KnownLot }) {
  return (
    <span className="flex items-center gap-2">
      <FamilySwatch family={familyOf(lot)} />
      <span>
        {lot.title}
        {lot.isShopJar && lot.leftG > 0.05 ? <span className="text-soft">{wording.theShopJar}</span> : null}
        {lot.countLeft === null ? '' : wording.ofThere(lot.countLeft, lot.count)}
        {lot.undeclared.length > 0 ? <span className="block text-sm text-soft">{wording.contentsNotAllDeclared}</span> : null}
        {lot.held ? <span className="block text-sm font-semibold text-late">{wording.held(lot.held.reason)}</span> : null}
        {lot.doubt && !lot.held ? (
          <span className="block text-sm font-semibold text-late">▲ {DOUBT_WORDS[lot.doubt.kind].short}</span>
        ) : null}
      </span>
    </span>
  );
}

/** The columns of a table of lots. */
const columnsOf = (today: string, currency: string): readonly Column<KnownLot>[] => [
  {
    id: 'lot',
    name: shared.lot,
    by: (lot) => lot.number,
    className: 'reading font-semibold',
    cell: (lot) => (
      <Link href={`/stores/lots/${lot.id}`} className="inline-flex min-h-11 items-center">
        {lot.number}
      </Link>
    ),
  },
  {
    id: 'what',
    name: wording.whatItIs,
    by: (lot) => lot.title,
    cell: (lot) => <LotIs lot={lot} />,
  },
  {
    id: 'from',
    name: wording.from,
    by: (lot) => `${lot.supplier} ${lot.supplierCode}`.trim() || null,
    className: 'text-soft',
    cell: (lot) => (
      <>
        {lot.supplier} <span className="reading">{lot.supplierCode}</span>
        {lot.kind === 'bought' || lot.kind === 'ready'
          ? ''
          : lot.kind === 'bath' || lot.kind === 'bottle'
            ? wording.filledHere
            : wording.ownPot}
        {lot.openedOn || lot.placeName ? (
          <span className="reading block text-sm">
            {[lot.placeName, lot.openedOn ? wording.opened(longDate(lot.openedOn)) : ''].filter(Boolean).join(', ')}
          </span>
        ) : null}
      </>
    ),
  },
  {
    id: 'keeps',
    name: shared.bestBefore,
    by: (lot) => lot.bestBefore,
    className: (lot) => `reading ${bestBefore(lot.bestBefore, today).late ? 'font-semibold text-late' : ''}`,
    cell: (lot) => {
      const { text, late } = bestBefore(lot.bestBefore, today);
      return `${late ? '▲ ' : ''}${text}`;
    },
  },
  {
    id: 'per-kg',
    name: wording.perKg,
    right: true,
    by: (lot) => lot.minorPerKg,
    className: 'reading',
    cell: (lot) => (lot.minorPerKg === null ? '–' : formatMoney(lot.minorPerKg, currency)),
  },
  {
    id: 'left',
    name: wording.left,
    right: true,
    by: (lot) => lot.leftG,
    cell: (lot) => (
      <>
        {lot.leftG > 0.05 ? (
          <CountLot lotId={lot.id} number={lot.number} leftG={lot.leftG} mayDryOut={mayDryOut(lot, catalogue())} />
        ) : (
          <span className="text-soft">{wording.usedUp}</span>
        )}
        <span className="sr-only">{wording.ofWord(say(lot.receivedG, 'g', reads()))}</span>
      </>
    ),
  },
];

type LotTableProps = {
  readonly id: keyof typeof KINDS;
  readonly search: Search;
  readonly lots: readonly KnownLot[];
  readonly columns: readonly Column<KnownLot>[];
};

/** Lots of one kind; nothing where there is none. */
function LotTable({ id, search, lots, columns }: LotTableProps) {
  if (lots.length === 0) return null;
  return (
    <section className="mt-6 scroll-mt-24" id={id}>
      <h2 className="mb-1">{KINDS[id]}</h2>
      <DataTable id={id} path="/stores" search={search} rows={lots} columns={columns} keyOf={(lot) => lot.id} />
    </section>
  );
}
