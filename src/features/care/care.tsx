import 'server-only';
import { dateOf, daysBetween } from '@/core/quantity';
import { unseenReports } from '@/data/care/owners';
import { letters } from '@/data/care/post';
import { type SoldRow, soldPieces, unsoldPieces } from '@/data/care/queries';
import { allBatchIds, loadBatch, tagOf } from '@/data/work/batch';
import { linkLook } from '@/ui/button';
import { Link } from '@/ui/link';
import { Ring } from '@/ui/ring';
import { longDate } from '@/ui/when';
import { allLots } from '@/data/stores/queries';
import { session } from '../shop/session';
import { titleOf } from '../today/strip';
import { Bottles } from './bottles';
import { Letters, Said } from './letters';
import { releasedRing } from './slip';

/** A look that is due within so many days stands at the top. */
const SOON_DAYS = 7;

/** Care: what waits to be sold, whose look is due, and every other sold piece by its batch. */
export async function Care() {
  const { db, shop, nowMs } = await session();
  const today = dateOf(nowMs, shop.zone);
  const lots = allLots(db);
  const sold = soldPieces(db, today);
  const forSale = allBatchIds(db).flatMap((id) => {
    const batch = loadBatch(db, id, nowMs);
    const left = batch?.release?.outcome === 'released' ? unsoldPieces(db, batch).length : 0;
    return batch && left > 0 ? [{ batch, left }] : [];
  });
  const batchOf = new Map([...new Set(sold.map((one) => one.batchId))].map((id) => [id, loadBatch(db, id, nowMs)]));
  const isSoon = ({ nextDue }: SoldRow): boolean => nextDue !== null && daysBetween(today, nextDue) <= SOON_DAYS;
  const byDate = (a: SoldRow, b: SoldRow): number => (a.nextDue ?? '9').localeCompare(b.nextDue ?? '9');
  // Only where someone is known can something be done about a look; the rest stand by their batch.
  const due = sold.filter((one) => isSoon(one) && one.buyer !== null).sort(byDate);
  const later = [...batchOf.keys()]
    .flatMap((id): [number, SoldRow[]][] => {
      const rows = sold.filter((one) => one.batchId === id && !due.includes(one)).sort(byDate);
      return rows.length > 0 ? [[id, rows]] : [];
    })
    .sort(([, a], [, b]) => byDate(a[0] as SoldRow, b[0] as SoldRow));
  return (
    <>
      <h1>Care</h1>
      <h2 className="mt-5 mb-1">Released, to sell</h2>
      {forSale.length === 0 ? (
        <p className="text-soft">Nothing is released and unsold. Batches come here from Cure and release.</p>
      ) : null}
      <ul>
        {forSale.map(({ batch, left }) => (
          <li key={batch.id} className="flex flex-wrap items-center gap-4 border-rule border-t py-2">
            <Ring facts={releasedRing(batch)} seed={batch.id} size={44} title={batch.number} />
            <span className="reading font-semibold">{batch.number}</span>
            <span className="grow">
              {titleOf(batch)}, {left} left
            </span>
            <Link href={`/release/${batch.number}`} className={linkLook('main')}>
              Sell
            </Link>
          </li>
        ))}
      </ul>
      <Said reports={unseenReports(db)} zone={shop.zone} />
      <div className="mt-8 mb-1 flex flex-wrap items-baseline justify-between gap-4">
        <h2>Sold: owners’ looks due this week first</h2>
        <span className="flex gap-5">
          <Link href="/returns">What comes back</Link>
          <a href="/api/care-calendar">All looks as a calendar</a>
        </span>
      </div>
      {sold.length === 0 ? <p className="text-soft">No piece has been sold yet.</p> : null}
      <PieceTable rows={due} batchOf={batchOf} today={today} />
      {sold.length > 0 && due.length === 0 ? (
        <p className="text-soft">No look of a known owner is due within {SOON_DAYS} days.</p>
      ) : null}
      {later.map(([batchId, rows]) => {
        const batch = batchOf.get(batchId);
        const next = rows[0]?.nextDue ?? null;
        return (
          <details key={batchId} className="border-rule border-t">
            <summary className="flex min-h-12 flex-wrap items-center gap-4 py-1">
              {batch ? <Ring facts={releasedRing(batch)} seed={batch.id} size={36} title={batch.number} /> : null}
              <span className="reading font-semibold">{rows[0]?.number}</span>
              <span className="grow">
                {batch ? `${batch.species.name} ${batch.design.name.toLowerCase()}` : ''}, {rows.length}{' '}
                {rows.length === 1 ? 'piece' : 'pieces'}
              </span>
              <span
                className={`reading ${next !== null && daysBetween(today, next) <= SOON_DAYS ? 'font-semibold text-cure' : 'text-soft'}`}
              >
                {next ? `next look ${longDate(next)}` : 'no dates'}
              </span>
            </summary>
            <PieceTable rows={rows} batchOf={batchOf} today={today} />
          </details>
        );
      })}
      <Bottles db={db} lots={lots} today={today} />
      <Letters rows={letters(db)} zone={shop.zone} />
    </>
  );
}

type TableProps = {
  readonly rows: readonly SoldRow[];
  readonly batchOf: ReadonlyMap<number, ReturnType<typeof loadBatch>>;
  readonly today: string;
};

/** Sold pieces, one a row, with whose they are and when they are looked at. */
function PieceTable({ rows, batchOf, today }: TableProps) {
  return (
    <table className="w-full">
      <tbody>
        {rows.map((one) => {
          const batch = batchOf.get(one.batchId);
          const days = one.nextDue ? daysBetween(today, one.nextDue) : null;
          return (
            <tr key={one.code} className="border-hair border-t align-middle">
              <td className="reading py-2 pr-4 font-semibold">
                <span className="flex items-center gap-3">
                  {batch ? <Ring facts={releasedRing(batch)} seed={batch.id} size={36} title={one.number} /> : null}
                  {tagOf(one, one)}
                </span>
              </td>
              <td className="py-2 pr-4">
                {batch ? `${batch.species.name} ${batch.design.name.toLowerCase()}` : ''}
                <span className="block text-sm text-soft">{one.buyer ? initialsOf(one.buyer) : 'buyer not noted'}</span>
              </td>
              <td className="reading py-2 pr-4 text-sm">
                sold {longDate(one.soldOn)}
                <span className={`block ${days !== null && days <= SOON_DAYS ? 'font-semibold text-cure' : 'text-soft'}`}>
                  {one.nextDue ? `next look ${longDate(one.nextDue)}` : 'no dates'}
                </span>
              </td>
              <td className="py-1 text-right">
                <Link href={`/slip/${one.code}`} className={linkLook('plain')}>
                  Slip
                </Link>
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

/** What stands for a buyer without a name. */
const NAMELESS = ['erased', 'not named'];

/** A buyer shown as little as possible: the first letters; the whole name stands on the piece's own page. */
const initialsOf = (name: string): string =>
  NAMELESS.find((one) => one === name) ??
  name
    .split(/[\s-]+/)
    .filter((word, i) => i === 0 || /^\p{Lu}/u.test(word))
    .slice(0, 3)
    .map((word) => `${word.charAt(0).toUpperCase()}.`)
    .join(' ');
