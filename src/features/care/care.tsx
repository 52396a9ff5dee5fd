import 'server-only';
import { dateOf, daysBetween, groupBy } from '@/core/quantity';
import { unseenReports } from '@/data/care/owners';
import { batchesToSell, type SoldRow, soldPieces } from '@/data/care/queries';
import type { Db } from '@/data/db';
import { lettersPosted, lettersToRead } from '@/data/mail/letters';
import { lotsNow } from '@/data/stores/queries';
import { type Batch, loadBatch, tagOf } from '@/data/work/batch';
import { initialsOf } from '@/messages/care';
import { care as wording } from '@/messages/screens/care';
import { BatchSign } from '@/trade/drawing/batch-sign';
import { FindPiece } from '@/trade/find-piece';
import { titleOf } from '@/trade/hands/open-batches';
import { Why } from '@/trade/why';
import { linkLook } from '@/ui/button';
import { Fold } from '@/ui/fold';
import { Link } from '@/ui/link';
import { longDate, yearOf } from '@/ui/when';
import { session } from '@/web/session';
import type { Search } from '@/web/table/asked';
import { type Column, DataTable } from '@/web/table/table';
import { Bottles } from './bottles';
import { Letters, OwnerReports } from './letters';
import { releasedRing } from './slip';

/** A look that is due within so many days stands at the top. */
const SOON_DAYS = 7;
/** Pieces of known owners that stand there at most, and batches of the rest on one page. */
const MOST_SHOWN = 40;
const BATCHES_SHOWN = 15;

const byDate = (a: SoldRow, b: SoldRow): number => (a.nextDue ?? '9').localeCompare(b.nextDue ?? '9');
const isSoon = (today: string, due: string | null): boolean => due !== null && daysBetween(today, due) <= SOON_DAYS;

/** Care: what waits to be sold, whose look is due, and every other sold piece by its batch. */
export async function Care({ search }: { readonly search: Search }) {
  const { db, shop, nowMs } = await session();
  const today = dateOf(nowMs, shop.zone);
  return (
    <>
      <div className="flex flex-wrap items-end justify-between gap-4">
        <h1>{wording.care}</h1>
        <FindPiece year={yearOf(nowMs, shop.zone)} />
      </div>
      <Everything db={db} sold={soldPieces(db, today)} today={today} nowMs={nowMs} zone={shop.zone} search={search} />
    </>
  );
}

type Around = { readonly db: Db; readonly today: string; readonly nowMs: number; readonly search: Search };

type AllProps = Around & { readonly sold: readonly SoldRow[]; readonly zone: string };

function Everything({ db, sold, today, nowMs, zone, search }: AllProps) {
  const forSale = batchesToSell(db).flatMap(({ batchId, left }) => {
    const batch = loadBatch(db, batchId, nowMs);
    return batch ? [{ batch, left }] : [];
  });
  // Only where someone is known can something be done about a look; the rest stand by their batch.
  const due = sold.filter((one) => isSoon(today, one.nextDue) && one.buyer !== null).sort(byDate);
  const isDue = new Set(due.map((one) => one.code));
  const rest = groupBy(
    sold.filter((one) => !isDue.has(one.code)),
    (one) => one.batchId,
  );
  const groups = [...rest.values()].map((rows) => rows.sort(byDate)).sort(([a], [b]) => byDate(a as SoldRow, b as SoldRow));
  return (
    <>
      <h2 className="mt-5 mb-1">{wording.releasedToSell}</h2>
      {forSale.length === 0 ? <p className="text-soft">{wording.nothingIsReleasedAnd}</p> : null}
      <ul>
        {forSale.map(({ batch, left }) => (
          <li key={batch.id} className="flex flex-wrap items-center gap-4 border-rule border-t py-2">
            <BatchSign batch={batch} facts={releasedRing(batch)} size={44} count={left} />
            <span className="reading font-semibold">{batch.number}</span>
            <span className="grow">{wording.left(titleOf(batch), left)}</span>
            <Link href={`/release/${batch.number}`} className={linkLook('main')}>
              {wording.sell}
            </Link>
          </li>
        ))}
      </ul>
      <OwnerReports reports={unseenReports(db)} zone={zone} />
      <div className="mt-8 mb-1 flex flex-wrap items-baseline justify-between gap-4">
        <h2>
          {wording.soldOwnersLooksDue}
          <span className="text-sm font-normal">
            {wording.byLookOrBy}
            <Why of="calendar-or-looks" />
          </span>
        </h2>
        <span className="flex gap-5">
          <Link href="/returns">{wording.whatComesBack}</Link>
          <a href="/api/care-calendar">{wording.looksAsACalendar}</a>
        </span>
      </div>
      {sold.length === 0 ? <p className="text-soft">{wording.noPieceHasBeen}</p> : null}
      <PieceTable id="due" db={db} nowMs={nowMs} rows={due} today={today} search={search} />
      {sold.length > 0 && due.length === 0 ? <p className="text-soft">{wording.noLookOfA(SOON_DAYS)}</p> : null}
      <DataTable
        id="sold"
        path="/care"
        search={search}
        rows={groups}
        columns={[
          {
            id: 'batch',
            name: '',
            cell: (rows) => <SoldBatch db={db} rows={rows} today={today} nowMs={nowMs} search={search} />,
          },
        ]}
        keyOf={(rows) => rows[0]?.batchId ?? 0}
        finds={false}
        size={BATCHES_SHOWN}
        before="Sooner"
        after="Later"
      />
      <Bottles db={db} lots={lotsNow(db)} today={today} />
      <Letters toRead={lettersToRead(db)} posted={lettersPosted(db)} zone={zone} search={search} />
    </>
  );
}

/** The sold pieces of one batch, folded. */
function SoldBatch({ db, rows, today, nowMs, search }: Around & { readonly rows: readonly SoldRow[] }) {
  const [first] = rows;
  const batch = first && loadBatch(db, first.batchId, nowMs);
  if (!batch) return null;
  const next = first.nextDue;
  return (
    <Fold
      line="row"
      lineClass="flex-wrap gap-4 py-1"
      says={
        <>
          <BatchSign batch={batch} facts={releasedRing(batch)} size={36} />
          <span className="reading font-semibold">{batch.number}</span>
          <span className="grow">
            {woodenName(batch)}, {rows.length} {rows.length === 1 ? wording.piece : wording.pieces}
          </span>
          <span className={`reading ${isSoon(today, next) ? 'font-semibold text-cure' : 'text-soft'}`}>
            {next ? wording.nextLook(longDate(next)) : wording.noDates}
          </span>
        </>
      }
    >
      <PieceTable id={`of-${first.batchId}`} db={db} nowMs={nowMs} rows={rows} today={today} search={search} folded />
    </Fold>
  );
}

const woodenName = ({ species, design }: Pick<Batch, 'species' | 'design'>): string =>
  `${species.name} ${design.name.toLowerCase()}`;

type PiecesProps = Around & { readonly id: string; readonly rows: readonly SoldRow[]; readonly folded?: boolean };

/** Sold pieces, one a row, with whose they are and when they are looked at. */
function PieceTable({ id, db, rows, today, nowMs, search, folded = false }: PiecesProps) {
  const columns: readonly Column<SoldRow>[] = [
    {
      id: 'piece',
      name: '',
      className: 'reading font-semibold',
      cell: (one) => {
        const batch = folded ? null : loadBatch(db, one.batchId, nowMs);
        return (
          <span className="flex items-center gap-3 py-1.5">
            {batch ? <BatchSign batch={batch} facts={releasedRing(batch)} size={36} title={one.number} /> : null}
            <Link href={`/piece/${one.code}`}>{tagOf(one, one)}</Link>
          </span>
        );
      },
    },
    {
      id: 'what',
      name: '',
      cell: (one) => {
        const batch = loadBatch(db, one.batchId, nowMs);
        return (
          <>
            {batch ? woodenName(batch) : ''}
            <span className="block text-sm text-soft">{one.buyer ? initialsOf(one.buyer) : wording.buyerNotNoted}</span>
          </>
        );
      },
    },
    {
      id: 'look',
      name: '',
      className: 'reading text-sm',
      cell: (one) => (
        <>
          {wording.sold(longDate(one.soldOn))}
          <span className={`block ${isSoon(today, one.nextDue) ? 'font-semibold text-cure' : 'text-soft'}`}>
            {one.nextDue ? wording.nextLook2(longDate(one.nextDue)) : wording.noDates}
          </span>
        </>
      ),
    },
    {
      id: 'slip',
      name: '',
      right: true,
      cell: (one) => (
        <Link href={`/slip/${one.code}`} className={linkLook('plain')}>
          {wording.slip}
        </Link>
      ),
    },
  ];
  return (
    <DataTable
      id={id}
      path="/care"
      search={search}
      rows={rows}
      columns={columns}
      keyOf={(one) => one.code}
      finds={false}
      size={MOST_SHOWN}
    />
  );
}
